export function serve(
  mode: "start" | "dev",
  port: number,
  env: Readonly<Record<string, string>>,
  options?: { quiet?: boolean; host?: string },
): { ended: Promise<number>; ready: Promise<void>; stop: () => Promise<void> };
