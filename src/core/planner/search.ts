import { seededRandom } from "../chance";
import { type Instance, WEEKS } from "./instance";
import type { Relaxed } from "./relax";
import { State } from "./state";

type Guide = Pick<Relaxed, "share" | "reduced">;

/** Candidates that can be part of a garden worth more than `worth`: all others lose more than the bound leaves. */
export function promising(instance: Instance, guide: Guide, bound: number, worth: number): number[] {
  const leeway = Math.max(0, bound - worth) + 1e-6;
  return instance.candidates.flatMap((c, i) => (guide.share[i]! > 1e-6 || guide.reduced[i]! >= -leeway || c.plantingId !== undefined ? [i] : []));
}

/** At most so many candidates are tried by hand; the solver sees the rest. */
const NEAREST = 900;

/** The candidates that the relaxed garden has or nearly has: where a search by hand finds most in little time. */
export function nearest(instance: Instance, guide: Guide): number[] {
  const all = instance.candidates.map((_, i) => i);
  const kept = all.filter((i) => guide.share[i]! > 1e-6 || instance.candidates[i]!.plantingId !== undefined);
  const others = all.filter((i) => guide.share[i]! <= 1e-6).sort((a, b) => guide.reduced[b]! - guide.reduced[a]!);
  return [...new Set([...kept, ...others.slice(0, NEAREST)])];
}

/** Adds what gains most, again and again, until nothing gains. `noise` shakes the order, so that tries differ. */
function fill(state: State, among: readonly number[], noise: (index: number) => number): void {
  const open = new Set(among);
  while (open.size > 0) {
    let best = -1;
    let most = 1e-9;
    for (const i of open) {
      if (state.blockedBy(i) !== undefined) {
        open.delete(i);
        continue;
      }
      const gain = state.gain(i);
      if (gain <= 0) continue;
      // A bag's week is dear: what takes long has to gain more.
      const { from, end } = state.instance.candidates[i]!;
      const rated = (gain / Math.sqrt(end - from)) * noise(i);
      if (rated > most) [best, most] = [i, rated];
    }
    if (best < 0) return;
    state.add(best);
  }
}

/** A first garden: what the relaxed one has most of, rounded, then filled up. */
export function construct(instance: Instance, guide: Guide, among: readonly number[]): State {
  const state = new State(instance);
  const byShare = [...among].filter((i) => guide.share[i]! > 0.05).sort((a, b) => guide.share[b]! - guide.share[a]!);
  for (const i of byShare) {
    for (let n = Math.max(1, Math.round(guide.share[i]!)); n > 0; n--) {
      if (state.blockedBy(i) === undefined && state.gain(i) > 0) state.add(i);
    }
  }
  fill(state, among, () => 1);
  return state;
}

/** What is taken out before a part is planted anew: a stretch of weeks, a class of bags, a crop, or a few at random. */
function* ruined(state: State, random: () => number): Generator<number> {
  const { candidates, classes } = state.instance;
  const chosen = state.chosen();
  const way = random();
  const start = Math.floor(random() * WEEKS);
  const length = 6 + Math.floor(random() * 18);
  const pick = candidates[chosen[Math.floor(random() * chosen.length)] ?? 0];
  const classIndex = pick?.classIndex ?? Math.floor(random() * classes.length);
  for (const i of chosen) {
    const c = candidates[i]!;
    if (way < 0.35) {
      if (c.classIndex === classIndex && c.end > start && c.from < start + length) yield i;
    } else if (way < 0.55) {
      if (c.classIndex === classIndex && random() < 0.7) yield i;
    } else if (way < 0.75) {
      if (c.cropIndex === pick?.cropIndex || random() < 0.05) yield i;
    } else if (random() < 0.12) yield i;
  }
}

/** Helpings: at the end a garden that is worse by this much is hardly ever kept. */
const COLDEST = 0.05;

/** Improves a garden by taking parts out and planting them anew; keeps what is better, and now and then what is hardly worse. */
export function* improve(start: State, list: readonly number[], seed: number, rounds: number): Generator<State, never> {
  const random = seededRandom(seed);
  let now = start;
  let nowWorth = start.worth();
  let best = start;
  let bestWorth = nowWorth;
  // Hot at first, so that the search wanders; cold at the end, so that it settles.
  const hottest = 0.01 * Math.abs(nowWorth) + 0.5;
  const cooling = (COLDEST / hottest) ** (1 / Math.max(1, rounds));
  let heat = hottest;
  for (;;) {
    const trial = now.copy();
    const out = [...ruined(trial, random)];
    const touched = new Set(out.map((i) => trial.instance.candidates[i]!.classIndex));
    for (const i of out) trial.remove(i);
    const near = random() < 0.7 && touched.size > 0 ? list.filter((i) => touched.has(trial.instance.candidates[i]!.classIndex)) : list;
    fill(trial, near, () => 0.85 + 0.3 * random());
    const worth = trial.worth();
    if (worth > nowWorth || random() < Math.exp((worth - nowWorth) / heat)) [now, nowWorth] = [trial, worth];
    if (worth > bestWorth + 1e-9) [best, bestWorth] = [trial, worth];
    heat = Math.max(COLDEST, heat * cooling);
    // Far from the best for long is time lost.
    if (nowWorth < bestWorth - 0.03 * Math.abs(bestWorth)) [now, nowWorth] = [best, bestWorth];
    yield best;
  }
}
