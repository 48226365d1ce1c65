import type { Day } from "@/core/day";
import { loadsOf, type Sizes } from "@/core/mix";
import { HANDS_L_HOUR, type Session } from "@/core/teaching";
import { loadWords } from "@/ui/kit/load-words";
import { taskWords } from "@/ui/days/task-words";
import type { wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

interface SessionProps {
  readonly session: Session;
  readonly on: Day;
  readonly sizes: Sizes;
  readonly words: ReturnType<typeof wordsFor>;
}

const POSTS = ["mix", "carry", "fill", "soak"] as const;

/** Filling and sowing as a group: heaps for all, who does what, and what each takes home. */
export function TogetherSession({ session, on, sizes, words }: SessionProps) {
  const { quantity, day, bag, mix, number } = words;
  const { heaps, soakL, shares, posts, minutes } = session;
  const busy = shares.filter(({ fillings, starts }) => fillings.length > 0 || starts.length > 0);
  const hands = posts.mix + posts.carry + posts.fill + posts.soak;
  return (
    <section aria-labelledby="session">
      <h2 id="session" className="border-t-rule border-ink pt-1.5 text-xl font-bold">
        {t("groups.session")}
      </h2>
      {busy.length === 0 ? (
        <p>{t("groups.sessionNothing", { day: day(on) })}</p>
      ) : (
        <>
          <p className="text-muted">{t("groups.sessionLead", { day: day(on) })}</p>
          <div className="mt-2 grid gap-x-10 gap-y-4 md:grid-cols-2">
            <div>
              {heaps.map((heap, i) => (
                <div key={i} className="mb-2">
                  <p>
                    {t("heap.heap", { litres: quantity(heap.litres, "volume"), mix: mix(heap.mix.id) })}{" "}
                    <b>{loadWords(loadsOf(heap.litres, sizes))}</b>
                  </p>
                  <ul className="text-note">
                    {heap.parts.map(({ part, litres }) => (
                      <li key={part} className="flex justify-between border-t border-line">
                        <b>{t(`parts.${part}`)}</b>
                        <span>{loadWords(loadsOf(litres, sizes))}</span>
                      </li>
                    ))}
                    {heap.lime && (
                      <li className="border-t border-line">
                        {"limeKg" in heap.lime
                          ? t("heap.lime", { kg: quantity(heap.lime.limeKg, "mass") })
                          : t("heap.ash", { ash: quantity(heap.lime.ashL, "volume") })}
                      </li>
                    )}
                  </ul>
                </div>
              ))}
              {soakL > 0 && <p>{t("groups.soakL", { water: quantity(soakL, "volume") })}</p>}
            </div>
            <div>
              <h3 className="font-head font-bold">{t("groups.posts")}</h3>
              <ul className="text-note">
                {POSTS.map((post) => (
                  <li key={post} className="flex justify-between border-t border-line">
                    <span>{t(`groups.post.${post}`)}</span>
                    <b>{t("groups.hands", { count: posts[post] })}</b>
                  </li>
                ))}
              </ul>
              {minutes > 0 && (
                <p className="mt-1 text-fine text-muted">
                  {t("groups.minutes", {
                    minutes: number(Math.ceil(minutes / 5) * 5),
                    hands,
                    rate: quantity(HANDS_L_HOUR, "volume"),
                  })}
                </p>
              )}
            </div>
          </div>
          <h3 className="mt-3 font-head font-bold">{t("groups.eachTakes")}</h3>
          <ul className="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
            {busy.map(({ householdId, name, fillings, starts, soilL }) => (
              <li key={householdId} className="break-inside-avoid border-t border-line py-1.5 text-note">
                <b className="font-head wrap-anywhere">{name}</b>
                {soilL > 0 && ` · ${quantity(soilL, "volume")}`}
                <ul>
                  {fillings.map(({ row, number: n, soilL: litres }) => (
                    <li key={row.row.id}>
                      {n} {bag(row.bag.kindId)}: {quantity(litres, "volume")}
                    </li>
                  ))}
                  {starts.map((task) => (
                    <li key={task.id}>{taskWords(task, words).title}</li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
