/** What is over a room at least, when lumps of food come whole: so much a lump, less a constant. */
export interface Rounding {
  /** What a lump of `g` puts in. */
  readonly lump: (g: number) => number;
  readonly less: number;
}

/**
 * Mixed-integer rounding. Of whole lumps that come to more than `room`, at least Σ lump(g) − less is over, whichever
 * they are and however many; of parts of lumps that need not be so, so that this cuts relaxed gardens off. The
 * nearer `step` is to the lumps' own size, the sharper.
 *
 * Source: Nemhauser and Wolsey, "A recursive procedure to generate all cuts for 0-1 mixed integer programs",
 * Mathematical Programming 46 (1990). From memory.
 *
 * @param room 0 or more; @param step above 0
 */
export function rounding(room: number, step: number): Rounding {
  const whole = Math.floor(room / step);
  const rest = room / step - whole;
  const lump = (g: number) => {
    const steps = Math.floor(g / step);
    return step * (steps * (1 - rest) + Math.max(0, g / step - steps - rest));
  };
  return { lump, less: step * (1 - rest) * whole };
}
