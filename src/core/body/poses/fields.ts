import { ball } from "../tools";
import { arm, discipline, leg, pose } from "./pose-of";

// Ball games: keepers, slides, pitchers and bowlers; angles from memory of pictures in sequence, degrees.

const FOOTBALL = 0.062;
const SMALL_BALL = 0.021;

export const GOALKEEPING = discipline(
  {
    set: pose(leg(40, 46, 0, 12), leg(40, 46, 0, 12), arm(50, 60, 30), arm(50, 60, 30), {
      tip: 20,
      ball: [2.2, 0, 0.4],
    }),
    dive: pose(leg(20, 40, 30, 10), leg(-10, 12, 40, 14), arm(164, 6, -4), arm(170, 6, -8), {
      roll: 74,
      lean: 8,
      off: 0.34,
    }),
    hold: pose(leg(80, 90), leg(30, 60, 30), arm(74, 96, -10), arm(74, 96, -10), {
      roll: 82,
      bend: 20,
      off: 0,
    }),
  },
  { tools: [ball("ball", "both", FOOTBALL)], wears: "socks" },
);

export const FIELDING = discipline(
  {
    set: pose(leg(52, 58, 0, 16), leg(52, 58, 0, 16), arm(56, 30, 10), arm(56, 30, 10), {
      tip: 34,
      bend: 12,
      ball: [1.8, 0, -0.2],
    }),
    dive: pose(leg(4, 30, 40), leg(-12, 14, 40), arm(120, 20, 10), arm(170, 4, -4), {
      tip: 80,
      roll: 10,
      bend: -8,
      nod: -30,
      off: 0.28,
    }),
    throw: pose(leg(84, 106), leg(20, 100, 30), arm(70, 40, 20), arm(60, 90, 80, 60), { tip: 4, twist: -16 }),
  },
  { tools: [ball("ball", "right", SMALL_BALL)], wears: "trousers", head: "cap" },
);

export const SLIDING = discipline(
  {
    drop: pose(leg(64, 70), leg(30, 86, 20), arm(40, 40, 40), arm(40, 40, 40), { tip: -24 }),
    slide: pose(leg(70, 12, -20), leg(76, 118, 20, 30), arm(120, 30, 50), arm(110, 30, 60), {
      tip: -58,
      bend: 30,
      nod: 20,
    }),
    rise: pose(leg(92, 96), leg(40, 118, 30), arm(50, 30, 30), arm(-30, 10, 40), { tip: 20, bend: 10 }),
  },
  { wears: "trousers", head: "cap" },
);

export const PITCHING = discipline(
  {
    "leg lift": pose(leg(112, 96), leg(2, 8), arm(70, 110, 10), arm(66, 116, 10), {
      yaw: -76,
      tip: -4,
      look: 60,
    }),
    stride: pose(leg(62, 30, -10, 10), leg(-10, 36, 26, 30), arm(80, 30, 40), arm(30, 92, 96, 80), {
      yaw: -36,
      tip: -4,
      look: 30,
    }),
    release: pose(leg(60, 46), leg(-16, 30, 40), arm(-30, 80, 30), arm(120, 20, 44), {
      tip: 34,
      bend: 14,
      twist: 18,
    }),
    follow: pose(leg(70, 40), leg(10, 60, 30, 20), arm(-40, 40, 40), arm(50, 20, -30), {
      tip: 56,
      bend: 24,
      twist: 30,
      letGo: true,
    }),
  },
  { tools: [ball("ball", "right", SMALL_BALL)], peak: 2, wears: "trousers", head: "cap" },
);

export const BOWLING = discipline(
  {
    gather: pose(leg(60, 80), leg(10, 12, 30), arm(168, 16, 10), arm(70, 130, 6), {
      yaw: -60,
      look: 50,
      off: 0.1,
    }),
    delivery: pose(leg(36, 4, -10), leg(-18, 30, 36), arm(30, 70, 10), arm(176, 2, 6), {
      tip: 10,
      lean: 14,
      twist: 6,
    }),
    follow: pose(leg(10, 30, 20), leg(70, 60), arm(-50, 30, 20), arm(50, 10, -34), {
      tip: 44,
      bend: 22,
      twist: 30,
      letGo: true,
    }),
  },
  { tools: [ball("ball", "right", SMALL_BALL)], wears: "trousers" },
);
