import { create } from "qrcode";

/** The quiet edge that readers want round a code, modules. ISO/IEC 18004. */
const QUIET = 4;

/** A QR code of an address as one path of unit squares, and the side of the square that it is drawn in. */
export function codePath(text: string): { readonly d: string; readonly side: number } {
  const { modules } = create(text, { errorCorrectionLevel: "M" });
  const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) =>
    modules.get(Math.floor(i / modules.size), i % modules.size),
  );
  const at = (i: number) => `M${(i % modules.size) + QUIET} ${Math.floor(i / modules.size) + QUIET}h1v1h-1z`;
  return { d: dark.map(at).join(""), side: modules.size + 2 * QUIET };
}
