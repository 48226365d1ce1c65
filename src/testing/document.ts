import { cleanup, configure } from "@testing-library/react";
import { afterEach } from "vitest";
import { here } from "./navigation";

// What comes with a script of its own takes its time on a machine that is busy.
configure({ asyncUtilTimeout: 10_000 });

// Files share one document: none of them finds what another has drawn, or stands where another has gone.
const { href } = location;
afterEach(() => {
  cleanup();
  Object.assign(here, { params: {}, segments: [] });
  // A file that was saved has led the document to it.
  (window as unknown as { happyDOM: { setURL: (url: string) => void } }).happyDOM.setURL(href);
});
