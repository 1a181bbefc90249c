import { shutterNearest, shutterSeconds } from "@/core/exposure";
import { shutterWords } from "./format";

/** A shutter is a mark of the scale within so much of its length. */
const SAME = 1e-3;
/** No camera's scale goes slower than this in seconds: a larger number alone is the fraction that it stands for. */
const SLOWEST = 32;

const trimmed = (value: number): string => String(Number(value.toFixed(2)));

/** A shutter in seconds as it is written: a mark of the scale by its printed name, so that 1/1000 stays 1/1000 and is no 1/1024. */
export function shutterText(seconds: number): string {
  const click = shutterNearest(seconds);
  if (Math.abs(shutterSeconds(click) / seconds - 1) < SAME) return shutterWords(click).replace(/\s*s$/, "");
  return seconds < 0.3 ? `1/${Math.round(1 / seconds)}` : trimmed(seconds);
}

/** Seconds from "1/1000", "1000", "0.5" or "0,5"; nothing where it is none of them. */
export function readShutter(text: string): number | undefined {
  const number = (written: string): number => Number(written.replace(",", "."));
  const fraction = /^\s*1\s*\/\s*(\d+(?:[.,]\d+)?)\s*(?:s)?\s*$/.exec(text);
  if (fraction) return number(fraction[1]!) > 0 ? 1 / number(fraction[1]!) : undefined;
  const alone = /^\s*(\d+(?:[.,]\d+)?)\s*(?:s|″|")?\s*$/.exec(text);
  if (!alone) return undefined;
  const value = number(alone[1]!);
  if (value <= 0) return undefined;
  return value > SLOWEST ? 1 / value : value;
}
