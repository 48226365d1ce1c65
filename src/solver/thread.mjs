// A worker thread starts from plain JavaScript; the proposal itself is TypeScript like everything else.
import { tsImport } from "tsx/esm/api";

await tsImport("./propose.thread.ts", import.meta.url);
