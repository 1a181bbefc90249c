/** Linear light 0 … 1 of an sRGB value 0 … 255 (IEC 61966-2-1). */
export function linearOf(value: number): number {
  const c = value / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
}

/** Luminance of linear red, green and blue by their shares in it (IEC 61966-2-1); white of 1 each is 1. */
export const luminanceOfLinear = (red: number, green: number, blue: number): number =>
  0.2126 * red + 0.7152 * green + 0.0722 * blue;
