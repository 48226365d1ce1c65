import * as fc from "fast-check";

// The same cases on every machine and every day: what passed here passes there.
fc.configureGlobal({ seed: 20260518 });
