import { ball, headed, shaft } from "../tools";
import { arm, discipline, leg, pose } from "./pose-of";

// Angles of joints, degrees: from memory of pictures in sequence and of the literature on running, jumping and throwing; nobody measured
// them here. All right-handed, the right foot taking off where one does.

export const RUNNING = discipline({
  "toe-off": pose(leg(60, 90), leg(-18, 15, 30), arm(-50, 90), arm(40, 95), { tip: 6, twist: 8 }),
  flight: pose(leg(52, 62), leg(-14, 78, 25), arm(-42, 88), arm(48, 92), { tip: 8, twist: 10, off: 0.05 }),
  landing: pose(leg(28, 22), leg(2, 112, 20), arm(-28, 80), arm(28, 88), { tip: 5 }),
});

export const SPRINT_START = discipline({
  blocks: pose(leg(112, 92, -10), leg(92, 118, -15), arm(88, 0, 12), arm(88, 0, 12), {
    tip: 72,
    bend: 26,
    nod: 6,
  }),
  drive: pose(leg(96, 108, 10), leg(4, 12, 40), arm(-56, 88), arm(92, 92), { tip: 48, bend: 6, nod: -6 }),
  stride: pose(leg(-10, 28, 35), leg(82, 98), arm(72, 92), arm(-56, 88), { tip: 30, nod: -8 }),
});

export const HURDLING = discipline({
  attack: pose(leg(92, 82), leg(-18, 12, 40), arm(40, 60), arm(70, 40), { tip: 18, off: 0.05 }),
  over: pose(leg(98, 12), leg(72, 118, 10, 78), arm(10, 70, 20), arm(92, 16), {
    tip: 38,
    bend: 14,
    off: 0.36,
  }),
  landing: pose(leg(20, 8, 25), leg(92, 96, 0, 30), arm(-40, 76), arm(46, 82), { tip: 12 }),
});

export const RACE_WALKING = discipline({
  "toe-off": pose(leg(30, 4, -20), leg(-18, 8, 28), arm(-40, 88), arm(34, 92), { tip: 4, twist: 8 }),
  "double support": pose(leg(26, 0, -18), leg(-16, 20, 20), arm(-34, 88), arm(30, 92), { tip: 3, twist: 6 }),
  passing: pose(leg(2, 0), leg(18, 58, 10), arm(6, 90), arm(-4, 90), { tip: 3 }),
});

export const LONG_JUMP = discipline({
  "take-off": pose(leg(78, 86), leg(-16, 8, 40), arm(70, 80), arm(-36, 60), { tip: 4, off: 0.04 }),
  hang: pose(leg(-8, 62, 20), leg(-14, 72, 20), arm(168, 12, 16), arm(160, 14, 18), { bend: -16, off: 0.42 }),
  landing: pose(leg(106, 14, -15), leg(100, 16, -15), arm(84, 8, 8), arm(80, 8, 8), {
    tip: 8,
    bend: 44,
    off: 0.12,
  }),
});

export const HIGH_JUMP = discipline(
  {
    "run-up": pose(leg(40, 70), leg(-14, 22, 25), arm(-34, 84), arm(40, 86), { tip: -2, roll: 16 }),
    "take-off": pose(leg(88, 98), leg(-6, 6, 40), arm(150, 30), arm(130, 40), {
      tip: -8,
      roll: -8,
      yaw: 40,
      off: 0.03,
    }),
    over: pose(leg(-6, 88, 40, 16), leg(-8, 84, 40, 16), arm(-12, 20, 24), arm(-10, 20, 30), {
      tip: -84,
      bend: -30,
      nod: -24,
      off: 0.9,
    }),
    landing: pose(leg(96, 40, 20), leg(90, 46, 20), arm(60, 20, 60), arm(60, 20, 60), {
      tip: -80,
      bend: 18,
      nod: 20,
      off: 0.4,
    }),
  },
  { peak: 2 },
);

const POLE = shaft("pole", { by: "both", way: [0.92, 0, 0.38], behind: 0.35, before: 2.1 }, [0.011, 0.009]);

export const POLE_VAULT = discipline(
  {
    plant: pose(leg(62, 70), leg(-16, 10, 38), arm(120, 34), arm(172, 10), {
      tip: -4,
      holds: [0.78, 0, -0.62],
    }),
    swing: pose(leg(76, 30), leg(60, 24), arm(100, 40), arm(150, 10), {
      tip: -54,
      bend: 12,
      off: 0.8,
      holds: [0.3, 0, -0.95],
    }),
    over: pose(leg(66, 14), leg(60, 18), arm(150, 30, 20), arm(160, 20, 30), {
      tip: 118,
      bend: 30,
      off: 2.1,
      holds: [-0.2, 0, -0.98],
    }),
    falling: pose(leg(80, 40), leg(84, 44), arm(120, 30, 50), arm(120, 30, 50), {
      tip: -40,
      off: 1.6,
      letGo: true,
    }),
  },
  { tools: [POLE], peak: 2 },
);

export const SHOT_PUT = discipline(
  {
    glide: pose(leg(60, 80), leg(96, 92), arm(40, 20, 30), arm(70, 142, 60, -20), {
      tip: 58,
      bend: 16,
      yaw: 170,
    }),
    delivery: pose(leg(10, 6), leg(-14, 24, 30), arm(0, 96, 50), arm(128, 36, 34), {
      tip: 4,
      yaw: 20,
      twist: 14,
      nod: -18,
    }),
    reverse: pose(leg(-18, 60, 20), leg(42, 36), arm(-30, 70, 40), arm(76, 12, -10), {
      tip: 22,
      bend: 14,
      letGo: true,
    }),
  },
  { tools: [ball("shot", "right", 0.033)] },
);

export const DISCUS = discipline(
  {
    wind: pose(leg(34, 52), leg(30, 48), arm(70, 40, -40), arm(-36, 6, 62), {
      tip: 14,
      twist: -52,
      look: -30,
    }),
    turn: pose(leg(50, 84), leg(26, 40), arm(40, 20, 70), arm(-30, 6, 70), { tip: 10, twist: -40, yaw: 120 }),
    release: pose(leg(12, 8), leg(-16, 34, 34), arm(20, 100, 60), arm(76, 4, 78), {
      tip: -4,
      twist: 30,
      nod: -14,
    }),
    reverse: pose(leg(-16, 44, 20), leg(40, 44), arm(-40, 40, 60), arm(96, 20, -30), {
      tip: 18,
      twist: 50,
      letGo: true,
    }),
  },
  { tools: [ball("discus", "right", 0.055)], peak: 2 },
);

const HAMMER = headed(
  "hammer",
  { by: "both", way: [0.9, -0.3, -0.3], behind: 0.02, before: 0.6 },
  { long: 0.02, radius: 0.034 },
);

export const HAMMER_THROW = discipline(
  {
    swing: pose(leg(30, 44), leg(30, 44), arm(80, 6, -22), arm(80, 6, -22), {
      tip: 8,
      twist: -34,
      holds: [0.4, -0.9, 0.2],
    }),
    turn: pose(leg(44, 70), leg(50, 84), arm(84, 2, -24), arm(84, 2, -24), {
      tip: -16,
      twist: 20,
      yaw: 60,
      holds: [0.98, 0, -0.1],
    }),
    release: pose(leg(8, 10), leg(-6, 16, 20), arm(140, 4, -10), arm(136, 4, -10), {
      tip: -12,
      bend: -10,
      nod: -20,
      holds: [0.2, 0.6, 0.78],
    }),
  },
  { tools: [HAMMER], peak: 2 },
);

const JAVELIN_SHAFT = shaft(
  "javelin",
  { by: "right", way: [0.97, 0, 0.22], behind: 0.62, before: 0.78 },
  [0.006, 0.01],
);

export const JAVELIN_THROW = discipline(
  {
    carry: pose(leg(56, 70), leg(-16, 34, 28), arm(40, 60, 30), arm(150, 120, 10), {
      tip: 4,
      holds: [0.99, 0, 0.05],
    }),
    delivery: pose(leg(34, 4, -10), leg(-16, 36, 34), arm(70, 70, 40), arm(60, 60, 96, 70), {
      tip: -14,
      bend: -12,
      twist: -20,
      holds: [0.92, 0.06, 0.38],
    }),
    reverse: pose(leg(-18, 70, 20), leg(60, 40), arm(-30, 60, 40), arm(60, 30, -24), {
      tip: 34,
      bend: 22,
      letGo: true,
    }),
  },
  { tools: [JAVELIN_SHAFT] },
);
