import { randomUUID } from "node:crypto";
import { afterAll, expect, it } from "vitest";
import { closePool, db } from "@/db/pool";
import { householdOf, planWith, twoTrainers } from "@/testing/programme";
import { messageWords } from "@/ui/messages/message-words";
import { wordsFor } from "@/ui/words/words-for";
import { followTasks } from "./following";
import { readMessages, receiveMessage, savePhone, sendReminders } from "./messages";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { readRecords } from "./records";

const WORDS = messageWords(wordsFor("metric", "EUR"));
const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});

/** A household with a tomato to plant, that writes from a number of its own. */
async function writer(last: number) {
  const phone = `+4477009002${String(last).padStart(2, "0")}`;
  const id = await householdOf(trainer);
  const { plan } = planWith();
  plan.rows[0]!.plantings[0]!.sowOn = "2026-05-16";
  await savePlan(trainer, id, 0, plan);
  expect(await savePhone(trainer, id, phone)).toEqual({ ok: true, value: null });
  const writes = async (text: string, messageId: string = randomUUID()) => {
    const outcome = await receiveMessage(trainer, { id: messageId, from: phone, text }, WORDS);
    return outcome.ok ? outcome.value.answer : outcome.problem.code;
  };
  const kinds = async () => (await readRecords(trainer, id)).records.map(({ kind }) => kind);
  return { id, phone, writes, kinds };
}

it("stores what a message says, once however often it comes, says what was understood, and takes it back", async () => {
  const { id, phone, writes, kinds } = await writer(1);
  const message = randomUUID();
  expect(await writes("planted tomato 16 may", message)).toBe(
    "Stored: sown tomato, bush bag 1 16 May. Wrong? Answer UNDO.",
  );
  await writes("planted tomato 16 may", message);
  expect(await kinds()).toEqual(["sown"]);
  expect(await writes("picked tomatos 420 g; waterd all")).toContain(
    "picked tomato, bush 420 g bag 1 18 May; watered bag 1",
  );
  expect(await kinds()).toHaveLength(3);
  expect(await writes("undo")).toBe("Taken back.");
  expect(
    (await readRecords(trainer, id)).records.filter(({ kind }) => kind !== "struck").map(({ kind }) => kind),
  ).toContain("sown");
  expect(await writes("undo")).toBe("Taken back.");
  expect(await writes("undo")).toBe("There is nothing to take back.");
  const { messages } = await readMessages(trainer, 1);
  const own = messages.filter((m) => m.phone === phone);
  // One that came a second time was neither kept nor answered again.
  expect(own.filter((m) => m.text === "planted tomato 16 may")).toHaveLength(1);
  expect(own.filter((m) => m.direction === "out").length).toBe(
    own.filter((m) => m.direction === "in").length,
  );
  expect((await readMessages(stranger, 1)).messages).toEqual([]);
});

it("stores nothing of what is unclear or cannot be, and nothing at all of a number that nobody knows", async () => {
  const { writes, kinds } = await writer(2);
  expect(await writes("picked tomato 12")).toMatch(/^Nothing stored\. 12 of what\?/);
  expect(await writes("when do I pick tomato?")).toMatch(/^Nothing stored\./);
  // Of two things in one message neither stays when the second cannot be.
  await writes("sown tomato 17 may");
  expect(await writes("watered all; picked tomato 200 g 10 may")).toMatch(/^Nothing stored\./);
  expect((await kinds()).filter((kind) => kind === "picked")).toEqual([]);
  const { rows } = await db("everything").query("SELECT count(*)::int AS n FROM record");
  const answer = await receiveMessage(
    trainer,
    { id: randomUUID(), from: "+447700900299", text: "picked kale 1 kg" },
    WORDS,
  );
  expect(answer).toMatchObject({
    ok: true,
    value: { answer: expect.stringContaining("nothing was stored") as string },
  });
  expect((await db("everything").query("SELECT count(*)::int AS n FROM record")).rows).toEqual(rows);
  const kept = (await readMessages(trainer, 1)).messages.filter((m) => m.phone === "+447700900299");
  expect(kept.find((m) => m.direction === "in")!.text).toBe("");
  expect(await receiveMessage(trainer, { id: "x", from: "12", text: "" }, WORDS)).toMatchObject({
    fields: { id: {}, from: { code: "phone-number" } },
  });
});

it("reminds once a day in waking hours of what is due, until somebody says stop", async () => {
  const { id, phone, writes } = await writer(3);
  await followTasks({ programmeId: trainer.programmeId, householdId: id });
  const mine = async () =>
    (await readMessages(trainer, 1)).messages.filter((m) => m.phone === phone && m.kind === "reminder");
  expect(await sendReminders(trainer, WORDS, 7)).toBe(0);
  expect(await sendReminders(trainer, WORDS, 20)).toBe(0);
  expect(await sendReminders(trainer, WORDS, 8)).toBeGreaterThan(0);
  expect(await mine()).toHaveLength(1);
  expect((await mine())[0]!.text).toMatch(/^Today: .*tomato, bush \(bag 1\)/);
  expect(await sendReminders(trainer, WORDS, 9)).toBe(0);
  expect(await writes("STOP")).toContain("No more reminders");
  await db("everything").query("DELETE FROM message WHERE kind = 'reminder'");
  await sendReminders(trainer, WORDS, 10);
  expect(await mine()).toEqual([]);
  expect(await writes("start")).toContain("You will be reminded again");
});

it("has one household a number, and takes numbers as people write them", async () => {
  const first = await writer(4);
  const other = await householdOf(trainer);
  expect(await savePhone(trainer, other, "0044 (7700) 900-204")).toMatchObject({
    fields: { phone: { code: "phone-taken" } },
  });
  expect(await savePhone(trainer, other, "ring me")).toMatchObject({
    fields: { phone: { code: "phone-number" } },
  });
  expect((await savePhone(trainer, first.id, "")).ok).toBe(true);
  expect((await savePhone(trainer, other, "0044 (7700) 900-204")).ok).toBe(true);
  expect(await savePhone(stranger, other, first.phone)).toMatchObject({ problem: { code: "not-found" } });
  await savePhone(trainer, other, "+447700900000");
  const answer = await receiveMessage(
    trainer,
    { id: randomUUID(), from: "+447700900000", text: "help" },
    WORDS,
  );
  expect(answer.ok).toBe(true);
  expect(
    (await readMessages(trainer, 1)).messages.find(
      (m) => m.phone === "+447700900000" && m.direction === "out",
    ),
  ).toMatchObject({
    isSent: false,
  });
});
