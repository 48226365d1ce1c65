// A worker thread starts from plain JavaScript; the pages themselves are TypeScript like everything else.
import { tsImport } from "tsx/esm/api";

await tsImport("./print.thread.ts", import.meta.url);
