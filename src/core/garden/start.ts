import type { Season } from "../calendar";
import type { Method } from "../crop";
import type { MethodChoice } from "../fit";

/** How a goal is started on a surface, and what the season says to that. */
export interface Start {
  readonly choice: MethodChoice;
  readonly season: Season;
}

/** The best-ranked way to start that the season does not forbid; the best-ranked one when it forbids all. */
export function chooseStart(
  ranked: readonly MethodChoice[],
  judge: (method: Method) => Season,
): Start | undefined {
  const [first] = ranked;
  if (!first) return undefined;
  for (const choice of ranked) {
    const season = judge(choice.method);
    if (season.grade !== "wrong")
      return { choice: choice === first ? choice : { ...choice, why: "season" }, season };
  }
  return { choice: first, season: judge(first.method) };
}
