import { cleanup, configure } from "@testing-library/react";
import { afterEach, vi } from "vitest";

// What comes with a script of its own takes its time on a machine that is busy.
configure({ asyncUtilTimeout: 10_000 });

// Files share one process: none of them finds what another has drawn or replaced.
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});
