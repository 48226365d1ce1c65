export function backUp(url: string, path: string): Promise<string>;
export function restore(url: string, file: string): Promise<void>;
