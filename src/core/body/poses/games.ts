import { ball } from "../tools";
import { arm, discipline, leg, pose } from "./pose-of";

// Games with a ball in the hand, on the foot and over a net: angles from memory of pictures in sequence, degrees. All right-handed.

const BALL = {
  basketball: 0.068,
  handball: 0.053,
  volleyball: 0.058,
  football: 0.062,
  rugby: 0.066,
  baseball: 0.021,
};
const inHand = (name: keyof typeof BALL, by: "left" | "right" | "both" = "right") => ({
  tools: [ball("ball", by, BALL[name])],
});

export const THROWING = discipline(
  {
    "wind-up": pose(leg(40, 30), leg(-12, 40, 24), arm(70, 40, 20), arm(20, 70, 80, 60), {
      tip: -2,
      twist: -36,
      off: 0.04,
    }),
    throw: pose(leg(64, 80), leg(-14, 60, 24), arm(70, 50, 30), arm(60, 84, 92, 84), {
      tip: 2,
      twist: -24,
      bend: -8,
      off: 0.24,
    }),
    follow: pose(leg(20, 26), leg(30, 50, 10), arm(-10, 50, 40), arm(70, 20, -24), {
      tip: 24,
      bend: 18,
      twist: 26,
      letGo: true,
    }),
  },
  inHand("handball"),
);

export const PASSING = discipline(
  {
    drop: pose(leg(16, 24, 0, 14), leg(10, 26, 0, 16), arm(60, 110, -10), arm(56, 118, -10), {
      tip: 4,
      twist: -24,
      look: 14,
    }),
    release: pose(leg(40, 14, -10, 10), leg(-14, 34, 26, 16), arm(10, 70, 40), arm(110, 60, 50, 40), {
      tip: 6,
      twist: 10,
    }),
    follow: pose(leg(26, 20), leg(-18, 44, 34), arm(-30, 40, 30), arm(86, 8, -30), {
      tip: 20,
      twist: 34,
      letGo: true,
    }),
  },
  { ...inHand("rugby"), wears: "trousers" },
);

export const DRIBBLING = discipline(
  {
    low: pose(leg(70, 80), leg(-6, 40, 24), arm(50, 80, 30), arm(44, 54, 14), {
      tip: 28,
      bend: 12,
      nod: -20,
      ball: [0.3, -0.16, -0.1],
    }),
    drive: pose(leg(-14, 26, 30), leg(72, 84), arm(64, 70, 20), arm(56, 40, 20), {
      tip: 34,
      bend: 10,
      nod: -20,
      ball: [0.34, -0.2, -0.26],
    }),
    gather: pose(leg(84, 96), leg(-16, 14, 38), arm(80, 70, -10), arm(84, 66, -10), { tip: 12, off: 0.06 }),
  },
  inHand("basketball", "both"),
);

export const JUMP_SHOT = discipline(
  {
    gather: pose(leg(54, 74), leg(50, 70), arm(70, 96, -8), arm(74, 100, -6), { tip: 16, bend: 10 }),
    release: pose(leg(4, 16, 40), leg(-2, 22, 40), arm(140, 40, 0), arm(158, 24, 4), { tip: -4, off: 0.24 }),
    follow: pose(leg(16, 22, 20), leg(12, 20, 20), arm(120, 50, 6), arm(150, 6, 4), {
      letGo: true,
      off: 0.06,
    }),
  },
  inHand("basketball"),
);

export const DUNKING = discipline(
  {
    "take-off": pose(leg(90, 98), leg(-14, 8, 40), arm(70, 80, 0), arm(80, 84, 0), { tip: 4, off: 0.04 }),
    dunk: pose(leg(60, 96, 20), leg(20, 84, 30), arm(50, 40, 40), arm(174, 20, 10), {
      tip: 4,
      bend: -10,
      off: 0.5,
    }),
    hanging: pose(leg(30, 50, 30), leg(20, 60, 30), arm(60, 30, 30), arm(150, 6, 10), {
      tip: 8,
      off: 0.4,
      letGo: true,
    }),
  },
  inHand("basketball"),
);

export const SPIKING = discipline(
  {
    approach: pose(leg(70, 76), leg(40, 60), arm(-50, 20, 14), arm(-54, 20, 14), { tip: 28 }),
    arch: pose(leg(-8, 86, 40), leg(-14, 96, 40), arm(150, 20, 16), arm(110, 110, 70, 60), {
      bend: -22,
      twist: -24,
      off: 0.4,
    }),
    hit: pose(leg(26, 50, 30), leg(20, 56, 30), arm(40, 70, 10), arm(166, 4, 6), {
      bend: 12,
      twist: 12,
      off: 0.42,
      ball: [0.22, -0.12, 0.86],
    }),
    landing: pose(leg(48, 66), leg(44, 62), arm(20, 50, 20), arm(40, 20, -10), { tip: 14, letGo: true }),
  },
  { ...inHand("volleyball"), peak: 2 },
);

export const BLOCKING = discipline({
  ready: pose(leg(40, 60), leg(40, 60), arm(76, 110, 10), arm(76, 110, 10), { tip: 6 }),
  block: pose(leg(4, 14, 40), leg(2, 18, 40), arm(166, 4, 8), arm(166, 4, 8), {
    bend: 8,
    nod: -10,
    off: 0.32,
  }),
  landing: pose(leg(44, 62), leg(42, 60), arm(110, 60, 14), arm(110, 60, 14), { tip: 10 }),
});

export const DIGGING = discipline(
  {
    ready: pose(leg(70, 84, 0, 14), leg(62, 80, 0, 14), arm(56, 40, 10), arm(56, 40, 10), {
      tip: 34,
      bend: 10,
    }),
    dig: pose(leg(96, 110, 0, 12), leg(30, 84, 30, 14), arm(62, 2, -16), arm(62, 2, -16), {
      tip: 46,
      bend: 14,
      nod: -20,
      ball: [0.62, 0, 0.06],
    }),
    roll: pose(leg(112, 126), leg(40, 110, 30), arm(70, 10, -10), arm(70, 10, -10), {
      tip: 60,
      bend: 30,
      letGo: true,
    }),
  },
  inHand("volleyball", "both"),
);

export const SHOOTING_AT_A_RING = discipline(
  {
    hold: pose(leg(24, 34), leg(20, 32), arm(130, 86, 0), arm(136, 86, 0), {}),
    release: pose(leg(2, 6, 30), leg(0, 8, 30), arm(140, 40, 4), arm(164, 10, 2), { nod: -14, off: 0.02 }),
    follow: pose(leg(0, 4, 36), leg(0, 6, 36), arm(120, 50, 10), arm(156, 2, 2), { nod: -14, letGo: true }),
  },
  inHand("basketball"),
);

export const CATCHING_HIGH = discipline(
  {
    "take-off": pose(leg(84, 96), leg(-16, 10, 40), arm(60, 40, 10), arm(60, 40, 10), {
      tip: 4,
      off: 0.05,
      letGo: true,
    }),
    mark: pose(leg(70, 98, 10), leg(-6, 40, 40), arm(164, 16, -4), arm(164, 16, -4), {
      bend: -8,
      nod: -30,
      off: 0.5,
    }),
    landing: pose(leg(40, 50), leg(20, 40), arm(70, 110, -6), arm(70, 110, -6), { tip: 8, nod: 10 }),
  },
  { ...inHand("rugby", "both"), wears: "socks" },
);

export const TACKLING = discipline(
  {
    approach: pose(leg(66, 74), leg(-4, 40, 26), arm(50, 60, 30), arm(50, 60, 30), { tip: 34, nod: -20 }),
    tackle: pose(leg(40, 40), leg(-16, 14, 40), arm(84, 50, 20), arm(84, 50, 20), { tip: 66, nod: -34 }),
    down: pose(leg(20, 70, 40), leg(-8, 30, 44), arm(96, 70, 10), arm(96, 70, 10), { tip: 84, off: 0 }),
  },
  { wears: "socks" },
);

export const KICKING = discipline(
  {
    "back-swing": pose(leg(20, 18), leg(-20, 96, 40), arm(40, 30, 60), arm(-30, 30, 40), {
      tip: -4,
      roll: 8,
      ball: [0.34, -0.12, -0.46],
    }),
    contact: pose(leg(6, 24), leg(34, 40, 44), arm(60, 30, 70), arm(-30, 30, 50), {
      tip: -10,
      roll: 12,
      twist: 14,
      ball: [0.34, -0.12, -0.38],
    }),
    follow: pose(leg(-6, 6, 36), leg(96, 22, 40), arm(76, 30, 20), arm(-30, 20, 60), {
      tip: -12,
      twist: 30,
      ball: [1.1, -0.1, 0.1],
    }),
  },
  { ...inHand("football"), wears: "socks" },
);

export const HEADING = discipline(
  {
    "take-off": pose(leg(60, 80), leg(-14, 10, 40), arm(60, 70, 30), arm(60, 70, 30), {
      bend: -8,
      off: 0.05,
      ball: [0.5, 0, 0.95],
    }),
    header: pose(leg(-6, 76, 40), leg(-12, 84, 40), arm(50, 70, 60), arm(50, 70, 60), {
      tip: 8,
      bend: 14,
      nod: 10,
      off: 0.36,
      ball: [0.3, 0, 0.52],
    }),
    landing: pose(leg(40, 50), leg(20, 40), arm(30, 60, 40), arm(30, 60, 40), { tip: 10, letGo: true }),
  },
  { ...inHand("football"), wears: "socks" },
);

export const HALL_KEEPING = discipline({
  set: pose(leg(20, 34, 0, 14), leg(20, 34, 0, 14), arm(40, 70, 70, 60), arm(40, 70, 70, 60), { tip: 6 }),
  save: pose(leg(4, 10, 20, 10), leg(60, 20, 10, 76), arm(20, 30, 110, 60), arm(90, 20, 60), {
    roll: -8,
    off: 0.04,
  }),
  recover: pose(leg(50, 70, 0, 12), leg(40, 60, 0, 20), arm(50, 60, 40), arm(50, 60, 40), { tip: 20 }),
});

export const SQUATTING_CATCH = discipline(
  {
    squat: pose(leg(116, 136, 10, 24), leg(116, 136, 10, 24), arm(74, 40, 0), arm(50, 110, 0), {
      tip: 14,
      bend: 18,
      nod: -10,
      letGo: true,
    }),
    catch: pose(leg(112, 132, 10, 24), leg(112, 132, 10, 24), arm(92, 10, -6), arm(60, 100, 0), {
      tip: 18,
      bend: 16,
      nod: -14,
    }),
    throw: pose(leg(40, 34), leg(10, 40, 24), arm(80, 30, 30), arm(40, 110, 80, 70), { tip: 6, twist: -20 }),
  },
  { ...inHand("baseball", "left"), wears: "trousers", head: "barred helmet" },
);

export const WINDMILL_PITCH = discipline(
  {
    "wind-up": pose(leg(50, 60), leg(20, 40), arm(60, 10, 10), arm(110, 6, 10), { tip: 16 }),
    top: pose(leg(60, 20), leg(-10, 30, 30), arm(70, 20, 10), arm(178, 4, 10), { tip: -6, twist: -20 }),
    release: pose(leg(40, 14, -10), leg(-8, 44, 34, 10), arm(30, 60, 20), arm(14, 6, 8), {
      tip: 4,
      twist: -8,
    }),
    follow: pose(leg(30, 20), leg(20, 50, 20), arm(10, 60, 20), arm(96, 60, 0), { tip: 8, letGo: true }),
  },
  { ...inHand("baseball"), peak: 2, wears: "trousers" },
);

export const STANDING = discipline(
  {
    waiting: pose(leg(4, 4), leg(-2, 4), arm(6, 12, 8), arm(2, 14, 8)),
    still: pose(leg(6, 8, 0, 4), leg(-4, 2), arm(20, 70, 4), arm(4, 12, 8), { twist: 4, look: 10 }),
    pointing: pose(leg(10, 8), leg(-8, 6, 8), arm(86, 6, 10), arm(6, 20, 12), { twist: -8 }),
  },
  { wears: "trousers" },
);

export const REACTING = discipline(
  {
    before: pose(leg(6, 10), leg(-4, 10), arm(40, 100, 10), arm(40, 100, 10), { nod: 6 }),
    "fists up": pose(leg(20, 30), leg(-6, 24, 20), arm(130, 110, 30, 40), arm(140, 100, 30, 40), {
      bend: -14,
      nod: -20,
    }),
    "hands to the head": pose(leg(4, 6), leg(-2, 6), arm(120, 136, 30), arm(120, 136, 30), {
      bend: -8,
      nod: -16,
    }),
  },
  { wears: "trousers" },
);

export const CELEBRATING = discipline({
  run: pose(leg(60, 70), leg(-16, 40, 30), arm(70, 10, 80), arm(70, 10, 80), { tip: 6 }),
  leap: pose(leg(30, 96, 30), leg(-10, 88, 40), arm(150, 70, 20, 30), arm(176, 10, 8), {
    bend: -10,
    nod: -16,
    off: 0.24,
  }),
  slide: pose(leg(20, 136, 50), leg(20, 136, 50), arm(60, 20, 100), arm(60, 20, 100), {
    tip: -10,
    bend: -14,
    nod: -10,
  }),
});

export const CLIMBING = discipline({
  rest: pose(leg(70, 96, 10, 40), leg(20, 40, 20, 20), arm(150, 20, 20), arm(120, 70, 20), { nod: -16 }),
  reach: pose(leg(96, 118, 20, 40), leg(-4, 6, 50, 10), arm(120, 90, 20), arm(176, 4, 8), {
    roll: -8,
    nod: -24,
  }),
  lock: pose(leg(60, 90, 20, 50), leg(50, 100, 20, 40), arm(130, 120, 20), arm(160, 40, 16), { nod: -20 }),
});

export const CHEERING = discipline({
  load: pose(leg(40, 50), leg(40, 50), arm(110, 70, 20), arm(110, 70, 20), { tip: 8 }),
  toss: pose(leg(96, 2, 50, 50), leg(96, 2, 50, 50), arm(60, 0, 60), arm(60, 0, 60), {
    tip: 4,
    bend: 10,
    off: 1,
  }),
  catch: pose(leg(50, 20, 40), leg(50, 20, 40), arm(40, 10, 60), arm(40, 10, 60), { tip: -50, off: 0.5 }),
});
