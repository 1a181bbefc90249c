import { ball, headed, shaft } from "../tools";
import { arm, discipline, leg, pose } from "./pose-of";

// Combat, gymnastics, dance and ice in halls: angles from memory of pictures in sequence, degrees.

export const BOXING = discipline(
  {
    guard: pose(leg(24, 28), leg(6, 26, 12), arm(58, 132, 6, 10), arm(44, 138, 14, 10), {
      tip: 8,
      twist: -14,
      nod: 10,
    }),
    jab: pose(leg(30, 26), leg(-8, 20, 24), arm(88, 6, 0), arm(46, 138, 12), {
      tip: 14,
      twist: -30,
      nod: 10,
    }),
    cross: pose(leg(26, 34), leg(-14, 30, 34), arm(50, 138, 8), arm(90, 8, -6), {
      tip: 16,
      twist: 34,
      nod: 10,
    }),
  },
  { wears: "gloves" },
);

const FOIL = shaft("foil", { by: "right", way: [0.99, 0, 0.1], behind: 0.04, before: 0.6 }, [0.006, 0.003]);

export const FENCING = discipline(
  {
    "on guard": pose(leg(14, 52, 0, 40, 60), leg(46, 66), arm(30, 120, 110, 90), arm(62, 62, 10), {
      tip: 4,
      twist: 22,
    }),
    lunge: pose(leg(-18, 4, 10, 40, 50), leg(84, 66, -10), arm(-20, 4, 96), arm(92, 4), {
      tip: 12,
      twist: 24,
    }),
    recovery: pose(leg(10, 44, 0, 36, 50), leg(58, 52, -8), arm(10, 70, 90, 60), arm(80, 30), {
      tip: 6,
      twist: 22,
    }),
  },
  { tools: [FOIL], wears: "trousers" },
);

export const KICKING_HIGH = discipline(
  {
    chamber: pose(leg(4, 14), leg(96, 122, 10), arm(50, 120), arm(34, 110, 20), { tip: -6, twist: 8 }),
    kick: pose(leg(2, 10), leg(112, 10, 40, 20), arm(20, 90, 30), arm(-30, 30, 30), {
      tip: -22,
      roll: 12,
      twist: -10,
    }),
    return: pose(leg(8, 20), leg(80, 110, 0), arm(48, 116), arm(40, 116, 14), { tip: -2 }),
  },
  { wears: "trousers" },
);

export const JUDO = discipline(
  {
    grip: pose(leg(30, 36), leg(6, 22), arm(72, 70, 6), arm(84, 64, 0), { tip: 10, nod: 8 }),
    throw: pose(leg(44, 40), leg(-12, 10, 20), arm(70, 96, -14), arm(96, 70, -20), {
      tip: 58,
      twist: 36,
      nod: 10,
    }),
    hold: pose(leg(84, 106), leg(40, 120, 40, 50), arm(60, 40, 10), arm(70, 40, 10), { tip: 54, bend: 24 }),
  },
  { wears: "trousers" },
);

export const WRESTLING = discipline(
  {
    stance: pose(leg(76, 78), leg(58, 72), arm(56, 66, 14), arm(56, 66, 14), { tip: 40, bend: 20, nod: -14 }),
    shot: pose(leg(108, 118), leg(10, 30, 40), arm(88, 24, 10), arm(88, 24, 10), {
      tip: 62,
      bend: 16,
      nod: -30,
    }),
    lift: pose(leg(36, 50), leg(30, 46), arm(70, 96, -10), arm(70, 96, -10), { tip: -6, bend: -12 }),
  },
  { wears: "suit" },
);

export const BEAM = discipline(
  {
    standing: pose(leg(0, 0), leg(14, 20, 30), arm(20, 0, 92), arm(20, 0, 92), { nod: -4 }),
    arabesque: pose(leg(66, 0), leg(-20, 2, 50), arm(76, 0, 30), arm(-10, 0, 86), {
      tip: 66,
      bend: -30,
      nod: -30,
    }),
    handstand: pose(leg(0, 0, 50), leg(-6, 4, 50), arm(178, 0, 4), arm(178, 0, 4), { tip: 180, nod: -24 }),
  },
  { wears: "suit" },
);

export const FLOOR_LEAP = discipline(
  {
    "take-off": pose(leg(76, 10, 40), leg(-16, 6, 40), arm(60, 10, 40), arm(-20, 10, 60), {
      tip: 4,
      off: 0.06,
    }),
    split: pose(leg(92, 2, 50), leg(-20, 4, 50, 20), arm(96, 0, 40), arm(30, 0, 92), {
      tip: 20,
      bend: -24,
      off: 0.48,
    }),
    landing: pose(leg(30, 36), leg(-18, 20, 44), arm(30, 10, 90), arm(30, 10, 90), { tip: 4 }),
  },
  { wears: "suit" },
);

export const BARS = discipline(
  {
    hang: pose(leg(-4, 4, 50), leg(-4, 4, 50), arm(176, 0, 4), arm(176, 0, 4), { off: 0.9 }),
    "swing forward": pose(leg(30, 2, 50), leg(30, 2, 50), arm(160, 0, 6), arm(160, 0, 6), {
      tip: -52,
      off: 1.2,
    }),
    handstand: pose(leg(-2, 0, 50), leg(-2, 0, 50), arm(178, 0, 4), arm(178, 0, 4), { tip: 178, off: 1.4 }),
  },
  { wears: "suit" },
);

export const TRAMPOLINE = discipline(
  {
    "take-off": pose(leg(0, 0, 50), leg(0, 0, 50), arm(172, 0, 6), arm(172, 0, 6), { off: 0.3 }),
    pike: pose(leg(118, 2, 50), leg(118, 2, 50), arm(78, 6, 4), arm(78, 6, 4), {
      tip: 30,
      bend: 40,
      nod: 14,
      off: 1.6,
    }),
    opening: pose(leg(20, 4, 50), leg(20, 4, 50), arm(40, 0, 40), arm(40, 0, 40), { tip: 12, off: 1.1 }),
  },
  { wears: "suit" },
);

export const DANCE_TURN = discipline(
  {
    preparation: pose(leg(16, 30, 0, 20, 50), leg(-10, 14, 20, 20, 50), arm(60, 40, 20), arm(30, 20, 88), {
      twist: -14,
    }),
    turn: pose(leg(0, 0, 55, 0, 40), leg(60, 118, 50, 70, 40), arm(74, 60, -4), arm(74, 60, -4), { yaw: 40 }),
    finish: pose(leg(20, 24, 0, 10, 40), leg(-18, 6, 44, 10, 30), arm(130, 14, 30), arm(20, 8, 88), {
      twist: 10,
      nod: -10,
    }),
  },
  { wears: "suit" },
);

export const FIGURE_SKATING = discipline(
  {
    glide: pose(leg(10, 14), leg(-18, 4, 40, 20), arm(60, 6, 40), arm(0, 6, 92), { tip: 10 }),
    jump: pose(leg(8, 4, 40, -10), leg(14, 20, 40, -14), arm(56, 132, -10), arm(60, 128, -12), {
      yaw: 30,
      off: 0.3,
    }),
    landing: pose(leg(24, 36), leg(-20, 6, 40, 30), arm(40, 4, 80), arm(20, 4, 92), { tip: 16, bend: -12 }),
  },
  { wears: "suit" },
);

export const ARCHERY = discipline(
  {
    nocking: pose(leg(0, 0, 0, 12), leg(0, 0, 0, 12), arm(40, 20, 10), arm(40, 80, 0), {
      holds: [0.2, 0, 0.98],
    }),
    "full draw": pose(leg(0, 0, 0, 12), leg(0, 0, 0, 12), arm(88, 0, 66), arm(90, 138, 84), {
      yaw: -66,
      look: 60,
      holds: [0, 0, 1],
    }),
    release: pose(leg(0, 0, 0, 12), leg(0, 0, 0, 12), arm(88, 4, 66), arm(86, 110, 96), {
      yaw: -66,
      look: 60,
      holds: [0.1, 0, 0.99],
    }),
  },
  {
    tools: [shaft("bow", { by: "left", way: [0, 0, 1], behind: 0.46, before: 0.46 }, [0.009, 0.009])],
    wears: "trousers",
  },
);

const STONE = ball("stone", "right", 0.085);

export const CURLING_DELIVERY = discipline(
  {
    hack: pose(leg(104, 112), leg(96, 130, 30), arm(70, 30, 14), arm(78, 24), {
      tip: 28,
      bend: 34,
      nod: -20,
    }),
    slide: pose(leg(116, 118, 10), leg(-18, 12, 44), arm(50, 20, 44), arm(86, 8), {
      tip: 52,
      bend: 12,
      nod: -34,
    }),
    release: pose(leg(112, 116, 10), leg(-18, 6, 50), arm(50, 20, 50), arm(98, 0), {
      tip: 46,
      bend: 8,
      nod: -34,
      ball: [0.62, -0.08, -0.06],
    }),
  },
  {
    tools: [
      STONE,
      shaft("broom", { by: "left", way: [0.5, 0.7, -0.3], behind: 0.2, before: 0.6 }, [0.009, 0.012]),
    ],
    wears: "trousers",
  },
);

export const CURLING_SWEEPING = discipline(
  {
    press: pose(leg(58, 50), leg(20, 40, 20), arm(70, 30, -10), arm(58, 70, 0), {
      tip: 46,
      bend: 24,
      nod: -8,
      holds: [0.5, 0, -0.86],
    }),
    sweep: pose(leg(66, 60), leg(6, 24, 24), arm(84, 14, -10), arm(64, 52, 0), {
      tip: 52,
      bend: 26,
      nod: -10,
      holds: [0.62, 0, -0.78],
    }),
    walk: pose(leg(20, 30, 10), leg(48, 54), arm(74, 26, -10), arm(60, 64, 0), {
      tip: 40,
      bend: 22,
      nod: -6,
      holds: [0.54, 0, -0.84],
    }),
  },
  {
    tools: [
      headed(
        "broom",
        { by: "both", way: [0.6, 0, -0.8], behind: 0.24, before: 0.5 },
        { long: 0.03, radius: 0.03 },
      ),
    ],
    wears: "trousers",
  },
);
