import { vi } from "vitest";

/** Stands in for the framework's router, which has no pages to lead to here: tells a check where a screen wanted to go. */
export const router = { push: vi.fn(), refresh: vi.fn() };

/** Where a screen stands, as its address says. */
export const here: { params: { id?: string }; segments: string[] } = { params: {}, segments: [] };

export const useRouter = () => router;
export const useParams = () => here.params;
export const useSelectedLayoutSegments = () => here.segments;
