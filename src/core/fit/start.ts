import type { Season } from "../calendar";
import type { Method } from "../crop";
import type { MethodChoice } from "./method";

/** How a goal is started on a surface, and what the season says to that. */
export interface Start {
  readonly choice: MethodChoice;
  readonly season: Season;
}

/**
 * The best-ranked way to start that the season does not forbid and the household can do; the best-ranked one when there
 * is none. Planning, judging and matching all start a goal by this.
 *
 * @param judge what the season says to a method
 */
export function chooseStart(
  ranked: readonly MethodChoice[],
  judge: (method: Method) => Season,
): Start | undefined {
  const [first] = ranked;
  if (!first) return undefined;
  for (const choice of ranked) {
    const season = judge(choice.method);
    if (season.grade !== "wrong" && (choice === first || choice.isDoable))
      return { choice: choice === first ? choice : { ...choice, why: "season" }, season };
  }
  return { choice: first, season: judge(first.method) };
}
