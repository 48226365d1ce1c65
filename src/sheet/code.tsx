import { Path, Svg } from "@react-pdf/renderer";
import { codePath } from "@/ui/draw/code-path";

/** A QR code of an address. @param size its side, pt */
export function Code({ text, size }: { text: string; size: number }) {
  const { d, side } = codePath(text);
  return (
    <Svg width={size} height={size} viewBox={`0 0 ${side} ${side}`}>
      <Path d={d} fill="#000" />
    </Svg>
  );
}
