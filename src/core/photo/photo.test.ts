import * as fc from "fast-check";
import { expect, it } from "vitest";
import { plainJpeg } from ".";

const segment = (marker: number, body: readonly number[]) => [
  0xff,
  marker,
  (body.length + 2) >> 8,
  (body.length + 2) & 0xff,
  ...body,
];
const text = (words: string) => [...new TextEncoder().encode(words)];
const frame = (high: number, wide: number) =>
  segment(0xc0, [8, high >> 8, high & 0xff, wide >> 8, wide & 0xff, 1, 1, 0x11, 0]);
const PICTURE = [...segment(0xda, [1, 1, 0, 0, 63, 0]), 0x12, 0xff, 0x00, 0x34, 0xff, 0xd9];
const JFIF = segment(0xe0, text("JFIF"));
const jpeg = (...parts: readonly number[][]) => Uint8Array.from([0xff, 0xd8, ...parts.flat(), ...PICTURE]);

it("keeps the picture and drops the place, the camera, comments and whatever hangs on behind its end", () => {
  const bytes = Uint8Array.from([
    ...jpeg(
      JFIF,
      segment(0xe1, text("Exif GPS 43.1 5.9")),
      segment(0xfe, text("by Somebody")),
      frame(600, 800),
    ),
    ...text("trailing GPS"),
  ]);
  const plain = plainJpeg(bytes)!;
  expect([...plain]).toEqual([...jpeg(JFIF, frame(600, 800))]);
  expect(new TextDecoder().decode(plain)).not.toMatch(/GPS|Somebody/);
  // Made plain, it stays as it is.
  expect([...plainJpeg(plain)!]).toEqual([...plain]);
});

it("takes nothing that is no whole JPEG, none that is too large, and never falls over", () => {
  expect(plainJpeg(jpeg(JFIF, frame(2001, 10)))).toBeUndefined();
  expect(plainJpeg(jpeg(JFIF))).toBeUndefined();
  const whole = jpeg(JFIF, frame(600, 800));
  for (let cut = 0; cut < whole.length; cut++)
    expect(plainJpeg(whole.subarray(0, cut)), `${cut}`).toBeUndefined();
  expect(plainJpeg(Uint8Array.from(text("<svg onload=alert(1)>")))).toBeUndefined();
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 80 }), fc.nat(40), (noise, at) => {
      const bytes = jpeg(JFIF, frame(600, 800));
      bytes.set(noise.subarray(0, Math.max(0, bytes.length - at)), Math.min(at, bytes.length));
      const plain = plainJpeg(bytes);
      expect(plain === undefined || plain.length <= bytes.length).toBe(true);
    }),
  );
});
