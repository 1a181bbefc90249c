import { creatureOf } from "../motion";
import { isoNearest } from "../exposure";
import type { AssessInput, Assessment } from "./assessment";

/** How a body is set up for a shot, beside shutter, aperture and ISO; all of it common practice. */
export interface SetUp {
  readonly focus: "continuous" | "single" | "on-the-spot";
  /** What of the frame the focus looks at. */
  readonly area: "point" | "small-zone" | "wide-zone" | "eye";
  /** Whether focus is held for a while when something crosses. */
  readonly crossing: "hold-long" | "hold-short" | "none";
  readonly drive: "fast-burst" | "slow-burst" | "single";
  readonly shutterKind: "mechanical" | "electronic";
  /** Why that kind of shutter. */
  readonly shutterBecause: "bands" | "lean" | "quiet" | "either";
  /** Whether the body waits for the lamps. */
  readonly flicker: "reduction" | "none";
  readonly stabiliser: "on" | "pan" | "off";
  readonly whiteBalance: "grey-card" | "grey-card-at-change" | "daylight" | "shade";
}

/** Share of lamps from which the light is theirs, and below which it is daylight. */
const LAMPS = { most: 0.8, least: 0.2 };
/** Delivered pixels by which a leaning part is seen. */
const LEANS = 3;
/** Stops of a support from which a stabiliser has nothing to do. */
const STANDS_FIRM = 5;
/** Magnification from which focus is set and the hand rocks. */
const CLOSE_UP = 0.15;
/** ISO from which a frame is dark enough for a wide zone to hunt (assumed). */
const DARK = isoNearest(6400);

/** The way a shot is set up from here. */
export function setUpFor(input: AssessInput, found: Assessment): SetUp {
  const { shot, subject, rig } = input;
  const lamps = found.light.lux.lamps / found.light.lux.total;
  const still = shot.intent === "still" || shot.intent === "context";
  const shutter = shutterKindOf(found, lamps, creatureOf(subject) === "person");
  return {
    focus: focusOf(input, found),
    area: areaOf(input, found),
    crossing: crossingOf(input),
    drive: still ? "single" : shot.intent === "reaction" ? "slow-burst" : "fast-burst",
    shutterKind: shutter.kind,
    shutterBecause: shutter.because,
    flicker: lamps > LAMPS.least ? "reduction" : "none",
    stabiliser: rig.support.stops >= STANDS_FIRM ? "off" : shot.technique === "panned" ? "pan" : "on",
    whiteBalance: whiteBalanceOf(found, lamps),
  };
}

function focusOf({ shot }: AssessInput, { sighting }: Assessment): SetUp["focus"] {
  if (sighting.frame.magnification >= CLOSE_UP || shot.technique === "pre-framed") return "on-the-spot";
  return shot.intent === "context" ? "single" : "continuous";
}

function areaOf({ shot, subject }: AssessInput, { sighting, settings }: Assessment): SetUp["area"] {
  if (shot.intent === "reaction" || shot.part === "head") return "eye";
  if (creatureOf(subject) === "insect" || sighting.frame.magnification >= CLOSE_UP) return "point";
  const flies = subject.figure === "flying" || subject.figure === "stooping";
  if (flies) return sighting.background.softness === "plain" ? "wide-zone" : "small-zone";
  if (creatureOf(subject) === "animal") return "eye";
  return settings.settings.iso >= DARK ? "point" : "small-zone";
}

const TEAM = ["low-stick", "kicking", "throwing", "keeping", "running", "batting"] as const;

function crossingOf({ shot, subject }: AssessInput): SetUp["crossing"] {
  if (shot.technique === "pre-framed" || shot.intent === "still") return "none";
  return (TEAM as readonly (string | undefined)[]).includes(subject.figure) ? "hold-long" : "hold-short";
}

function shutterKindOf(
  { motion }: Assessment,
  lamps: number,
  person: boolean,
): { readonly kind: SetUp["shutterKind"]; readonly because: SetUp["shutterBecause"] } {
  if (lamps > LAMPS.least) return { kind: "mechanical", because: "bands" };
  const leans = (motion.skewUm ?? 0) / motion.deliveredPixelUm;
  if (leans > LEANS) return { kind: "mechanical", because: "lean" };
  return person ? { kind: "mechanical", because: "either" } : { kind: "electronic", because: "quiet" };
}

function whiteBalanceOf({ light }: Assessment, lamps: number): SetUp["whiteBalance"] {
  if (lamps > LAMPS.most) return "grey-card";
  if (lamps > LAMPS.least) return "grey-card-at-change";
  return light.direct === "shaded" || light.direct === "leaves" ? "shade" : "daylight";
}
