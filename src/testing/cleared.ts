import { afterEach, vi } from "vitest";

// Files share one process: none of them finds what another has replaced.
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
  vi.clearAllMocks();
});
