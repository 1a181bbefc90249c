/** An attempt, as it is told: yards from the goal behind those who attack, of a field of a hundred. */
interface Downs {
  readonly ball: number;
  readonly toGo: number;
  readonly down: number;
}

const NUMBERS = ["1st", "2nd", "3rd", "4th"];
const MIDDLE = 50;

const yardsWords = (yards: number): string => `${yards} ${yards === 1 ? "yard" : "yards"}`;

/** Where the ball lies, as it is called: "their own 40", "the other 20". */
export const ballWords = ({ ball }: Pick<Downs, "ball">): string =>
  ball === MIDDLE ? "midfield" : ball < MIDDLE ? `their own ${ball}` : `the other ${2 * MIDDLE - ball}`;

/** "2nd and 7 at their own 43"; the goal line instead of the yards where it is that near. */
export const downWords = (downs: Downs): string =>
  `${NUMBERS[downs.down - 1]} and ${downs.ball + downs.toGo >= 2 * MIDDLE ? "goal" : downs.toGo} at ${ballWords(downs)}`;

/** What a press says. */
export const gainWords = (yards: number): string =>
  yards === 0 ? "No gain" : yards > 0 ? `Gained ${yardsWords(yards)}` : `Lost ${yardsWords(-yards)}`;

const STANDS = {
  "line-to-gain": "level with the line to be gained, down the field",
  deep: "deep, where the long pass comes down",
  "end-zone": "at the end zone, faces toward you",
} as const;

/** Where one goes for an attempt, and why. */
export const standWords = (stand: keyof typeof STANDS): string => STANDS[stand];
