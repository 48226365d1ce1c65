/** Markers of ITU-T T.81 (JPEG), annex B. */
const START = 0xd8;
const END = 0xd9;
const SCAN = 0xda;
const COMMENT = 0xfe;
/** Segments of applications: 0 says how wide a pixel is, 14 in which colours; all others hold places, cameras and names. */
const APP_FIRST = 0xe0;
const APP_LAST = 0xef;
const KEPT_APPS = new Set([0xe0, 0xee]);
/** Marker of the frame: all of 0xc0 to 0xcf but for tables and the like. */
const isFrame = (marker: number) => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);

/** A picture that is wider or higher than this was not made small, px. */
const MOST_PX = 2000;

/**
 * A JPEG without its comments and without what applications put into it: the place, the camera, the time, a preview.
 *
 * @returns undefined for what is no whole JPEG, or is larger than a photo that was made small
 */
export function plainJpeg(bytes: Uint8Array): Uint8Array<ArrayBuffer> | undefined {
  if (bytes[0] !== 0xff || bytes[1] !== START) return undefined;
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  let hasFrame = false;
  for (let at = 2; at + 4 <= bytes.length;) {
    const marker = bytes[at + 1];
    if (bytes[at] !== 0xff || marker === undefined) return undefined;
    const length = ((bytes[at + 2] ?? 0) << 8) | (bytes[at + 3] ?? 0);
    const end = at + 2 + length;
    if (length < 2 || end > bytes.length) return undefined;
    if (isFrame(marker)) {
      const size = [
        (bytes[at + 5] ?? 0) * 256 + (bytes[at + 6] ?? 0),
        (bytes[at + 7] ?? 0) * 256 + (bytes[at + 8] ?? 0),
      ];
      if (size.some((px) => px < 1 || px > MOST_PX)) return undefined;
      hasFrame = true;
    }
    const isDropped =
      marker === COMMENT || (marker >= APP_FIRST && marker <= APP_LAST && !KEPT_APPS.has(marker));
    if (!isDropped) kept.push(bytes.subarray(at, end));
    at = end;
    if (marker !== SCAN) continue;
    // What follows is the picture itself, up to its end; nothing after that is taken over.
    const last = endOf(bytes, at);
    if (!hasFrame || last === undefined) return undefined;
    kept.push(bytes.subarray(at, last));
    const whole = new Uint8Array(kept.reduce((sum, part) => sum + part.length, 0));
    let to = 0;
    for (const part of kept) {
      whole.set(part, to);
      to += part.length;
    }
    return whole;
  }
  return undefined;
}

/** Where the picture ends that begins at a place: after its last marker. */
function endOf(bytes: Uint8Array, from: number): number | undefined {
  for (let at = from; at + 1 < bytes.length; at++)
    if (bytes[at] === 0xff && bytes[at + 1] === END) return at + 2;
  return undefined;
}
