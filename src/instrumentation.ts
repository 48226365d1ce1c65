/** Runs once when a server process starts: it takes its part of the queue. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { startWork } = await import("@/server/work");
  await startWork();
}
