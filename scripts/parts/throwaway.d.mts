export function throwawayDatabase(): Promise<{ url: string; stop: () => Promise<void> }>;
export function copyOf(url: string): Promise<{ url: string; drop: () => Promise<void> }>;
