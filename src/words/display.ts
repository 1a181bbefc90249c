/** How this user reads lengths and times: one choice for the whole interface, told when preferences are read or changed, never while something is drawn. */
export interface Display {
  readonly units: "m" | "ft";
  readonly clock: "24" | "12";
}

let shown: Display = { units: "m", clock: "24" };

/** Tells how lengths and times are written from here on; the screens are drawn anew by what holds the preferences. */
export function setDisplay(display: Display): void {
  shown = display;
}

/** Feet in a metre (the international foot of 1959: 0.3048 m). */
const FEET_PER_METRE = 1 / 0.3048;

export const lengthUnit = (): Display["units"] => shown.units;

/** A length in metres as the number that this user reads. */
export const lengthShown = (metres: number): number =>
  shown.units === "m" ? metres : metres * FEET_PER_METRE;

/** A length as this user writes it, in metres. */
export const metresFrom = (written: number): number =>
  shown.units === "m" ? written : written / FEET_PER_METRE;

/** A wall time HH:MM as this user reads it: "16:27" or "4:27 pm". */
export function timeWords(wallTime: string): string {
  if (shown.clock === "24") return wallTime;
  const hour = Number(wallTime.slice(0, 2));
  return `${hour % 12 || 12}${wallTime.slice(2)} ${hour < 12 ? "am" : "pm"}`;
}

/** An hour of the clock alone, for the ends of a scale: "16" or "4". */
export const hourWords = (wallTime: string): string =>
  shown.clock === "24" ? wallTime.slice(0, 2) : String(Number(wallTime.slice(0, 2)) % 12 || 12);
