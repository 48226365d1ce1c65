// A worker thread starts from plain JavaScript; what it runs is TypeScript like everything else.
import { tsImport } from "tsx/esm/api";

await tsImport("./findings.thread.ts", import.meta.url);
