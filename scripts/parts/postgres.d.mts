export function startPostgres(
  home: string,
  options?: { throwaway?: boolean },
): Promise<{ url: string; stop: () => Promise<void> }>;
