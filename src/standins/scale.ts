import type { Reading } from "@/core/record";

/** Tabs of one browser hear each other by it: a stand-in for the radio link of a kitchen scale. */
const CHANNEL = "pip-row-scale";
const EVERY_MS = 150;
/** So fast what is shown nears what lies there, and so much it trembles on the way. */
const NEARS = 0.5;
const TREMBLES = 0.04;

/** A kitchen scale that is made up and ships with the app: it swings before it rests, as real ones do. */
export class Scale {
  private readonly channel = new BroadcastChannel(CHANNEL);
  private readonly timer: number;
  private load = 0;
  private bowl = 0;
  private shown = 0;

  constructor(onShown: (g: number) => void) {
    this.timer = window.setInterval(() => {
      const off = this.load - this.shown;
      this.shown =
        Math.abs(off) < 1 ? this.load : this.shown + NEARS * off + TREMBLES * off * Math.sin(Date.now());
      const g = Math.round(this.shown - this.bowl);
      onShown(g);
      this.channel.postMessage({ at: Date.now(), g } satisfies Reading);
    }, EVERY_MS);
  }

  /** Puts something of so many g on it, in the place of what lay there. */
  put(g: number): void {
    this.load = g;
  }

  /** Takes what lies on it for the bowl: from now on only what comes on top counts. */
  zero(): void {
    this.bowl = this.load;
  }

  end(): void {
    window.clearInterval(this.timer);
    this.channel.close();
  }
}

/** Hears what a scale says. @returns ends it */
export function hearScale(onReading: (reading: Reading) => void): () => void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = ({ data }: MessageEvent<Reading>) => onReading(data);
  return () => channel.close();
}
