export function throwawayDatabase(): Promise<{ url: string; stop: () => Promise<void> }>;
