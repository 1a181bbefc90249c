import { personFigure, type Figure } from "../figure";
import type { PersonPose } from "../pose";
import { arm, discipline, leg, pose } from "../poses/pose-of";
import { ball as heldBall, type Tool } from "../tools";

// Strokes from memory of pictures in sequence.

/** Somebody in the water. */
const inWater = (
  poses: Readonly<Record<string, PersonPose>>,
  peak: number,
  tools: readonly Tool[] = [],
): Figure => personFigure(discipline(poses, { peak, tools, wears: "trunks" }));
const prone = (
  left: PersonPose["left"],
  right: PersonPose["right"],
  leftArm: PersonPose["leftArm"],
  rightArm: PersonPose["rightArm"],
  more: Partial<PersonPose> = {},
): PersonPose => pose(left, right, leftArm, rightArm, { tip: 86, afloat: -0.01, ...more });

export const CRAWL = inWater(
  {
    catch: prone(leg(0, 6, 40), leg(-8, 14, 40), arm(176, 4), arm(10, 20), { roll: -14 }),
    recovery: prone(leg(-6, 12, 40), leg(4, 8, 40), arm(170, 6), arm(-44, 110, 40), { roll: 30 }),
    breathing: prone(leg(-4, 14, 40), leg(4, 8, 40), arm(176, 4), arm(-54, 84, 30), {
      roll: 30,
      look: -74,
      nod: 6,
    }),
    entry: prone(leg(4, 8, 40), leg(-8, 14, 40), arm(30, 60), arm(150, 24, 8), { roll: 10 }),
  },
  2,
);
export const BREASTSTROKE = inWater(
  {
    glide: prone(leg(-4, 2, 40), leg(-4, 2, 40), arm(178, 2), arm(178, 2), { afloat: -0.04 }),
    pull: prone(leg(10, 40, 20), leg(10, 40, 20), arm(150, 30, 30), arm(150, 30, 30), {
      tip: 70,
      bend: -12,
      nod: -20,
      afloat: -0.02,
    }),
    breathing: prone(leg(44, 120, -10, 30), leg(44, 120, -10, 30), arm(76, 96, 6), arm(76, 96, 6), {
      tip: 62,
      bend: -14,
      nod: -10,
      afloat: -0.08,
    }),
    lunge: prone(leg(20, 80, 0, 20), leg(20, 80, 0, 20), arm(166, 10), arm(166, 10), {
      tip: 66,
      bend: -10,
      nod: 10,
      afloat: -0.02,
    }),
  },
  2,
);
export const BUTTERFLY_STROKE = inWater(
  {
    entry: prone(leg(10, 20, 40), leg(10, 20, 40), arm(172, 6, 12), arm(172, 6, 12), { nod: 20 }),
    pull: prone(leg(-4, 10, 40), leg(-4, 10, 40), arm(100, 60), arm(100, 60), {
      tip: 70,
      bend: -16,
      nod: -14,
      afloat: 0,
    }),
    flight: prone(leg(-8, 20, 40), leg(-8, 20, 40), arm(96, 4, 86), arm(96, 4, 86), {
      tip: 74,
      bend: -14,
      nod: -14,
      afloat: 0,
    }),
    landing: prone(leg(0, 10, 40), leg(0, 10, 40), arm(150, 8, 50), arm(150, 8, 50), {
      tip: 74,
      bend: -10,
      nod: 16,
      afloat: 0,
    }),
  },
  2,
);
export const BACKSTROKE = inWater(
  {
    push: pose(leg(4, 6, 40), leg(10, 20, 40), arm(10, 10), arm(176, 4), { tip: -84, afloat: 0.0, nod: 20 }),
    recovery: pose(leg(10, 20, 40), leg(4, 6, 40), arm(8, 10), arm(94, 2), {
      tip: -84,
      afloat: 0.01,
      nod: 20,
      roll: 20,
    }),
    entry: pose(leg(4, 6, 40), leg(10, 20, 40), arm(20, 20), arm(160, 2), {
      tip: -84,
      afloat: 0.0,
      nod: 20,
      roll: 10,
    }),
    start: pose(leg(60, 90), leg(60, 90), arm(150, 10), arm(150, 10), {
      tip: -40,
      bend: -20,
      nod: -40,
      afloat: 0.3,
    }),
  },
  1,
);
export const OPEN_WATER = inWater(
  {
    catch: prone(leg(0, 6, 40), leg(-8, 14, 40), arm(176, 4), arm(10, 20), { roll: -14, afloat: -0.02 }),
    recovery: prone(leg(-6, 12, 40), leg(4, 8, 40), arm(170, 6), arm(-60, 50, 40), {
      roll: 34,
      afloat: -0.02,
    }),
    sighting: prone(leg(-4, 14, 40), leg(4, 8, 40), arm(150, 40), arm(20, 40), {
      tip: 74,
      bend: -22,
      nod: -50,
      afloat: -0.02,
    }),
  },
  2,
);
export const WATER_POLO = inWater(
  {
    "ball up": pose(leg(60, 70, 0, 30), leg(60, 70, 0, 30), arm(80, 20, 50), arm(150, 90, 40), {
      tip: 6,
      twist: -40,
      afloat: -0.1,
      look: 20,
    }),
    throw: pose(leg(60, 70, 0, 30), leg(60, 70, 0, 30), arm(70, 20, 60), arm(140, 40, 30), {
      tip: 4,
      twist: 6,
      afloat: -0.04,
      nod: -8,
    }),
    follow: pose(leg(60, 70, 0, 30), leg(60, 70, 0, 30), arm(40, 40, 60), arm(96, 6, -10), {
      tip: 20,
      twist: 30,
      afloat: -0.1,
      letGo: true,
    }),
    block: pose(leg(60, 70, 0, 30), leg(60, 70, 0, 30), arm(168, 4, 14), arm(168, 4, 14), {
      tip: 0,
      afloat: -0.02,
      letGo: true,
    }),
  },
  1,
  [heldBall("ball", "right", 0.062)],
);
