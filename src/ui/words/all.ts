import * as words from "./en";
import { translator } from "./translate";

/** Every text: for what is written on the server, and for tests. On a page it would carry all words to the browser. */
export const t = translator(words);
