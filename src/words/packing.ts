import type { SuppliesLine } from "@/answers/brief/supplies-sums";
import type { CareId, DayCondition } from "@/core/catalogue";
import type { BurstRun } from "@/core/motion";
import type { Supplies, SuppliesInput } from "@/core/schedule";
import { countWords, percentWords } from "./format";
import { numberWords } from "./number";

export const CONDITION_WORDS: Readonly<Record<DayCondition, string>> = {
  heat: "Heat",
  cold: "Cold",
  rain: "Rain",
  "wet-deck": "Wet deck",
  "dark-hall": "Dark hall",
  night: "After dark",
  "damp-forest": "Damp forest",
  dust: "Chalk or dust",
  "snow-slope": "Snow slope",
  boat: "Boat",
  hide: "Hide",
  alone: "Alone",
};

const CARE: Readonly<Record<CareId, string>> = {
  adapt:
    "Let a cold lens adapt before it is used in warm wet air: outdoors in the morning, caps off, until nothing fogs.",
  warm: "From the cold into a warm room keep the kit in its closed bag until it is as warm as the room.",
  night: "By night it lies in a sealed case with drying bags.",
  cover: "The rain cover goes on before the rain.",
  dust: "Change no lens where chalk or dust flies; blow, do not wipe.",
  salt: "Wipe salt off with a cloth damp with fresh water the same evening.",
  mains: "Beside water run on batteries alone; ask the hall’s staff before anything is plugged in.",
  heat: "Keep bodies and cards out of a closed car and of the sun; drink before you are thirsty.",
};
export const careSentence = (id: CareId): string => CARE[id];

/** A sum of the day, with what it is made of. */
export interface Sum {
  readonly line: SuppliesLine | "shade" | "no-cards";
  readonly name: string;
  readonly value: string;
  /** What it is made of, in a line. */
  readonly madeOf: string;
}

const framesWords = ({ bursts, seconds, framesPerSecond, ownRate }: SuppliesInput): string =>
  ownRate
    ? `${numberWords(ownRate.each, 0)} to each ${ownRate.per}, as counted on ${countWords(ownRate.outings, "outing")}, times ${
        ownRate.per === "event" ? countWords(ownRate.times, "event") : `${numberWords(ownRate.times, 1)} h`
      }`
    : `${countWords(bursts, "burst")} of ${numberWords(seconds, 1)} s at ${numberWords(framesPerSecond, 0)} a second`;

/** The supplies of a day, each with its sum. */
export function suppliesSums(input: SuppliesInput, found: Supplies, run?: BurstRun): Sum[] {
  const { frameMb, cardsGb, ratedFrames, temperature, hours } = input;
  const degrees = `${numberWords(temperature, 0).replace("-", "−")} °C`;
  return [
    {
      line: "frames",
      name: "Frames",
      value: numberWords(found.frames, 0),
      madeOf: framesWords(input),
    },
    {
      line: cardsGb.length === 0 ? "no-cards" : "cards",
      name: "Cards",
      value: cardsGb.length === 0 ? "none at hand" : countWords(found.cards, "card"),
      madeOf: `${numberWords(found.storageGb, 0)} GB at ${numberWords(frameMb, 0)} MB a frame${
        cardsGb.length === 0
          ? "; put your cards into the kit"
          : `, on cards of ${numberWords(Math.max(...cardsGb), 0)} GB, one of them to spare; ${found.fits ? "those in the bag hold it" : "those in the bag do not hold it"}`
      }`,
    },
    ...(run
      ? [
          {
            line: "buffer" as const,
            name: "Buffer",
            value: run.seconds === "unlimited" ? "never full" : `${run.frames} frames`,
            madeOf:
              run.seconds === "unlimited"
                ? "the card keeps up with it"
                : `full after ${numberWords(run.seconds, 1)} s of one burst, then ${numberWords(run.clearSeconds, 1)} s until it is written`,
          },
        ]
      : []),
    {
      line: "batteries",
      name: "Batteries",
      value: countWords(found.batteries, "battery", "batteries"),
      madeOf: `rated ${numberWords(ratedFrames, 0)} single frames, twice that in bursts, ${percentWords(found.coldShare)} of it at ${degrees}; one to spare`,
    },
    {
      line: "water",
      name: "Water",
      value: `${numberWords(found.waterLitres, 1)} l`,
      madeOf: `${numberWords(hours, 1)} h at ${degrees}; more when you carry much`,
    },
  ];
}

/** Where one sits out of the sun on a hot day; times as they are to be shown. */
export const shadeSum = (
  shade: { readonly name: string; readonly from: string; readonly until: string } | "none",
): Sum => ({
  line: "shade",
  name: "Shade",
  value: shade === "none" ? "none" : `${shade.from} to ${shade.until}`,
  madeOf:
    shade === "none"
      ? "No position of yours lies in shade while the sun is high: take an umbrella, and get out of the sun each hour. Dizzy or no longer sweating is an emergency: stop, and get help."
      : `At ${shade.name}, the longest of your positions while the sun is high: rest in it a while each hour. Dizzy or no longer sweating is an emergency: stop, and get help.`,
});
