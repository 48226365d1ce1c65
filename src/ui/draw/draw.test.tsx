import jsQR from "jsqr";
import { expect, it } from "vitest";
import { show } from "@/testing/screen";
import { codePath } from "./code-path";
import { DotRange } from "./dot-range";

const spans = (real: { low?: number; value?: number; high?: number }) => {
  const { numbers } = show(
    <DotRange real={real} expected={{ low: 40, value: 50, high: 60 }} most={100} label="days" />,
  );
  return { dots: numbers("circle", "cx"), from: numbers("line", "x1"), to: numbers("line", "x2") };
};

it("draws a dot with its interval to the scale of what was expected", () => {
  const { dots, from, to } = spans({ low: 30, value: 45, high: 70 });
  expect(dots).toEqual([0.45 * 120]);
  expect([from[1], to[1]]).toEqual([0.3 * 120, 0.7 * 120]);
});

it("lets an interval without an end run off the scale, and draws no dot for what nobody knows", () => {
  const open = spans({ low: 30, value: 45 });
  expect(open.to.at(-1)).toBe(120);
  document.body.innerHTML = "";
  expect(spans({}).dots).toEqual([]);
  document.body.innerHTML = "";
  // What lies past the end stays on the paper.
  expect(spans({ low: 90, value: 150, high: 900 }).dots).toEqual([120]);
});

it("draws a code that an independent reader reads, with its quiet edge", () => {
  const text = "http://127.0.0.1:4310/paper/abc";
  const { d, side } = codePath(text);
  const PX = 6;
  const image = new Uint8ClampedArray((side * PX) ** 2 * 4).fill(255);
  for (const [, x, y] of d.matchAll(/M(\d+) (\d+)h1v1h-1z/g))
    for (let i = 0; i < PX; i++)
      for (let j = 0; j < PX; j++) {
        const at = ((Number(y) * PX + j) * side * PX + Number(x) * PX + i) * 4;
        image.fill(0, at, at + 3);
      }
  expect(jsQR(image, side * PX, side * PX)?.data).toBe(text);
  expect(Math.min(...[...d.matchAll(/M(\d+) /g)].map(([, x]) => Number(x)))).toBe(4);
});
