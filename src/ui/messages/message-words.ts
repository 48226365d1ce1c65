import type { Task } from "@/core/days";
import type { Draft } from "@/core/message";
import type { Problem } from "@/core/problem";
import { taskWords } from "@/ui/days/task-words";
import type { CropName, wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

type Words = ReturnType<typeof wordsFor>;

/** What is answered to a message, as the server has it. */
type Reply =
  | {
      readonly is: "stored";
      readonly records: readonly (Draft & { readonly goalId?: string; readonly row?: number })[];
    }
  | { readonly is: "unclear" | "refused"; readonly problem: Problem }
  | { readonly is: "stranger" | "stop" | "start" | "help" | "undone" | "nothing-to-undo" };

/** So many letters go into one message. */
const MOST_LETTERS = 300;
/** So many tasks are named in a reminder. */
const NAMED = 4;

const short = (text: string) => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text);

/** The words of text messages: names of crops as people call them, answers, and reminders. */
export function messageWords(words: Words) {
  const { crop, cropName, day, problem } = words;
  const said = ({ kind, goalId, row, amount, on, note }: Draft & { goalId?: string; row?: number }) =>
    [
      t(`recordKinds.${kind as "picked"}`),
      goalId && crop(goalId),
      amount?.typed,
      row ? t("messages.bag", { row }) : "",
      day(on),
      note && `"${note}"`,
    ]
      .filter(Boolean)
      .join(" ");
  return {
    namesOf: (goalId: string): string[] => {
      const cropId = goalId.split("/")[0] as CropName;
      const also = t(`also.${cropId}`).split(",");
      return [
        ...new Set([crop(goalId), cropName(cropId), ...also].map((name) => name.trim()).filter(Boolean)),
      ];
    },
    reply: (reply: Reply): string => {
      switch (reply.is) {
        case "stored": {
          const [first] = reply.records;
          const isAll = reply.records.length > 3 && first;
          return short(
            t("messages.stored", {
              what: isAll
                ? t("messages.many", {
                    count: reply.records.length,
                    kind: t(`recordKinds.${first.kind as "picked"}`),
                    day: day(first.on),
                  })
                : reply.records.map(said).join("; "),
            }),
          );
        }
        case "unclear":
        case "refused":
          return short(t("messages.unclear", { why: problem(reply.problem) }));
        default:
          return t(`messages.replies.${reply.is}`);
      }
    },
    reminder: (tasks: readonly Task[]): string =>
      short(
        t("messages.reminder", {
          what: tasks
            .slice(0, NAMED)
            .map((task) => t("messages.task", { what: taskWords(task, words).title, row: task.row }))
            .join("; "),
          more: Math.max(0, tasks.length - NAMED),
        }),
      ),
  };
}
