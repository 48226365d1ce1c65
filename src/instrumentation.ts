/** Runs once when a server process starts: it takes its part of the queue. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const [{ startWork }, { messageWords }, { wordsFor }] = await Promise.all([
    import("@/server/work"),
    import("@/ui/messages/message-words"),
    import("@/ui/words/words-for"),
  ]);
  await startWork(messageWords(wordsFor("metric", "EUR")));
}
