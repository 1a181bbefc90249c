import { create } from "qrcode";
import Svg, { Path, Rect } from "react-native-svg";

/** Modules of quiet about a code (ISO/IEC 18004). */
const QUIET = 4;

/** A code for a phone’s own camera (ISO/IEC 18004), dark on white in every theme: cameras need that. */
export function Code({ text, size }: { text: string; size: number }) {
  const { modules } = create(text, { errorCorrectionLevel: "L" });
  const side = modules.size + 2 * QUIET;
  const rows = Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_, column) =>
      modules.get(row, column) ? `M${column + QUIET} ${row + QUIET}h1v1h-1z` : "",
    ).join(""),
  );
  return (
    <Svg
      width={size}
      height={size}
      viewBox={`0 0 ${side} ${side}`}
      role="img"
      aria-label="A code for the phone’s camera"
    >
      <Rect width={side} height={side} fill="#ffffff" />
      <Path d={rows.join("")} fill="#000000" />
    </Svg>
  );
}
