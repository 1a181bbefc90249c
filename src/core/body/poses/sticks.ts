import { ball, headed, shaft } from "../tools";
import { arm, discipline, leg, pose } from "./pose-of";

// Rackets, bats, sticks and clubs: angles from memory of pictures in sequence, degrees; lengths by the rule books, shares of a grown person.
// All right-handed; where both hands hold, the left is the lower one on a bat and the upper one on a stick.

const RACKET = headed(
  "racket",
  { by: "right", way: [0, 0, 1], behind: 0.03, before: 0.2 },
  { long: 0.09, radius: 0.062 },
);
const SHUTTLE_RACKET = headed(
  "racket",
  { by: "right", way: [0, 0, 1], behind: 0.03, before: 0.26 },
  { long: 0.05, radius: 0.05 },
);
const TABLE_BAT = headed(
  "bat",
  { by: "right", way: [0.7, 0, 0.7], behind: 0.02, before: 0.05 },
  { long: 0.02, radius: 0.042 },
);
const TENNIS = ball("ball", "right", 0.019);

export const SERVING = discipline(
  {
    trophy: pose(leg(24, 40), leg(6, 44, 24), arm(160, 6, 6), arm(30, 110, 84, 84), {
      tip: -8,
      bend: -14,
      twist: -20,
      nod: -24,
      holds: [-0.3, 0, 0.95],
      ball: [0.3, 0.1, 1.2],
    }),
    contact: pose(leg(14, 10, 40), leg(-14, 30, 40), arm(60, 90, 0), arm(172, 4, 8), {
      tip: 12,
      twist: 8,
      off: 0.12,
      holds: [0.2, 0, 0.98],
      ball: [0.3, -0.1, 1.1],
    }),
    follow: pose(leg(30, 30), leg(-18, 90, 30), arm(50, 90, 0), arm(40, 20, -40), {
      tip: 38,
      bend: 14,
      twist: 30,
      holds: [0.1, 0.6, -0.8],
      ball: [2, 0, 0.3],
    }),
  },
  { tools: [RACKET, TENNIS] },
);

export const STROKE = discipline(
  {
    "back-swing": pose(leg(30, 34), leg(26, 44), arm(70, 30, 10), arm(10, 40, 86, 20), {
      tip: 8,
      twist: -50,
      look: 40,
      holds: [-0.7, -0.4, 0.5],
      ball: [0.9, -0.2, 0.2],
    }),
    contact: pose(leg(36, 36), leg(-6, 34, 26), arm(50, 70, 20), arm(62, 20, 36), {
      tip: 10,
      twist: 4,
      holds: [0.3, -0.95, 0],
      ball: [0.44, -0.5, 0.2],
    }),
    finish: pose(leg(30, 26), leg(-12, 50, 34), arm(40, 80, 20), arm(110, 100, -30), {
      tip: 6,
      twist: 44,
      holds: [-0.3, 0.8, 0.4],
      ball: [2, -0.1, 0.4],
    }),
  },
  { tools: [RACKET, TENNIS] },
);

export const SMASHING = discipline(
  {
    load: pose(leg(30, 50), leg(20, 56, 20), arm(140, 20, 20), arm(20, 120, 84, 84), {
      bend: -12,
      twist: -30,
      nod: -20,
      holds: [-0.4, 0, 0.9],
    }),
    smash: pose(leg(30, 70, 30), leg(-14, 60, 30), arm(70, 80, 20), arm(168, 6, 10), {
      tip: 4,
      twist: 10,
      off: 0.3,
      holds: [0.3, 0, 0.95],
    }),
    landing: pose(leg(60, 60), leg(-16, 30, 34), arm(30, 60, 30), arm(50, 20, -30), {
      tip: 26,
      twist: 20,
      holds: [0.5, 0.4, -0.7],
    }),
  },
  { tools: [SHUTTLE_RACKET] },
);

export const NET_LUNGE = discipline(
  {
    ready: pose(leg(30, 44, 0, 10), leg(30, 44, 0, 10), arm(40, 70, 30), arm(70, 60, 10), {
      tip: 14,
      holds: [0.7, 0, 0.7],
    }),
    lunge: pose(leg(-16, 30, 40), leg(98, 92), arm(-30, 20, 60), arm(88, 10, 10), {
      tip: 24,
      holds: [0.95, 0, 0.2],
    }),
    recover: pose(leg(20, 40), leg(60, 70), arm(20, 40, 40), arm(80, 40, 10), {
      tip: 14,
      holds: [0.8, 0, 0.6],
    }),
  },
  { tools: [SHUTTLE_RACKET] },
);

export const TABLE_TENNIS = discipline(
  {
    "back-swing": pose(leg(44, 54, 0, 12), leg(40, 54, 0, 14), arm(40, 80, 20), arm(-6, 60, 40), {
      tip: 26,
      twist: -30,
      holds: [-0.3, -0.6, 0.3],
    }),
    loop: pose(leg(36, 44, 0, 12), leg(30, 44, 10, 14), arm(30, 80, 30), arm(66, 60, 20), {
      tip: 24,
      twist: 10,
      holds: [0.5, -0.4, 0.8],
    }),
    finish: pose(leg(30, 40), leg(24, 50, 20), arm(30, 70, 40), arm(110, 96, -20), {
      tip: 20,
      twist: 34,
      holds: [-0.2, 0.5, 0.9],
    }),
  },
  { tools: [TABLE_BAT] },
);

const BASEBALL_BAT = shaft(
  "bat",
  { by: "both", way: [-0.3, 0, 0.95], behind: 0.04, before: 0.44 },
  [0.008, 0.019],
);

export const BATTING = discipline(
  {
    stance: pose(leg(34, 44, 0, 16), leg(34, 44, 0, 16), arm(70, 84, -30), arm(54, 116, 10), {
      yaw: -80,
      tip: 12,
      look: 70,
      holds: [-0.4, 0.1, 0.9],
    }),
    contact: pose(leg(24, 6, -10, 14), leg(10, 50, 30, 16), arm(76, 10, 0), arm(66, 40, -10), {
      yaw: -30,
      tip: 8,
      twist: 20,
      look: 20,
      holds: [0.5, -0.85, -0.1],
    }),
    follow: pose(leg(20, 8, -10, 12), leg(-6, 56, 40, 14), arm(96, 60, 40), arm(110, 60, -40), {
      yaw: 10,
      twist: 50,
      look: -30,
      holds: [-0.5, 0.7, 0.5],
    }),
  },
  { tools: [BASEBALL_BAT], wears: "trousers", head: "barred helmet" },
);

const CRICKET_BAT = headed(
  "bat",
  { by: "both", way: [0.2, 0, -0.98], behind: 0.06, before: 0.2 },
  { long: 0.28, radius: 0.026 },
);

export const CRICKET_BATTING = discipline(
  {
    stance: pose(leg(30, 40, 0, 12), leg(28, 40, 0, 12), arm(40, 30, -10), arm(30, 40, 0), {
      yaw: -76,
      tip: 18,
      bend: 14,
      look: 66,
      holds: [-0.4, 0.2, -0.9],
    }),
    drive: pose(leg(70, 62), leg(-14, 10, 36), arm(74, 40, -10), arm(56, 20, -6), {
      yaw: -40,
      tip: 22,
      bend: 10,
      look: 30,
      holds: [0.3, 0, -0.95],
    }),
    finish: pose(leg(60, 50), leg(-16, 10, 36), arm(130, 80, 0), arm(120, 50, -10), {
      yaw: -30,
      tip: 8,
      look: 20,
      holds: [-0.3, 0.3, 0.9],
    }),
  },
  { tools: [CRICKET_BAT], wears: "trousers", head: "barred helmet" },
);

const CLUB = headed(
  "club",
  { by: "both", way: [0.5, 0, -0.86], behind: 0.04, before: 0.56 },
  { long: 0.03, radius: 0.022 },
);

export const GOLF_SWING = discipline(
  {
    top: pose(leg(20, 26, 0, 10), leg(16, 20, 0, 10), arm(120, 6, -44), arm(100, 84, 20), {
      tip: 26,
      twist: -58,
      look: 50,
      holds: [-0.2, -0.9, 0.3],
    }),
    impact: pose(leg(14, 8, 0, 12), leg(20, 34, 20, 10), arm(56, 4, -12), arm(54, 16, -10), {
      tip: 30,
      twist: 8,
      holds: [0.52, 0.1, -0.85],
    }),
    finish: pose(leg(4, 4, 0, 8), leg(-4, 30, 44), arm(120, 96, 40), arm(130, 60, -40), {
      tip: -4,
      yaw: 60,
      twist: 30,
      holds: [-0.5, 0.5, -0.3],
    }),
  },
  { tools: [CLUB], wears: "trousers" },
);

const HOCKEY_STICK = headed(
  "stick",
  { by: "both", way: [0.6, 0, -0.8], behind: 0.1, before: 0.4 },
  { long: 0.03, radius: 0.016 },
);
const HOCKEY_BALL = ball("ball", "right", 0.021);

export const DRAG_FLICK = discipline(
  {
    drag: pose(leg(84, 84, 0, 10), leg(-6, 40, 30), arm(50, 10, -16), arm(58, 16, 0), {
      tip: 50,
      bend: 14,
      twist: -30,
      nod: -14,
      holds: [0.2, -0.3, -0.94],
      ball: [0.16, -0.3, -0.4],
    }),
    whip: pose(leg(98, 78), leg(-18, 16, 40), arm(70, 10, -12), arm(76, 10, 0), {
      tip: 46,
      bend: 12,
      nod: -24,
      holds: [0.75, -0.1, -0.64],
      ball: [0.8, -0.1, -0.38],
    }),
    follow: pose(leg(70, 50), leg(-18, 60, 40), arm(110, 20, -10), arm(116, 16, -6), {
      tip: 36,
      twist: 30,
      nod: -20,
      holds: [0.8, 0.3, 0.5],
      ball: [1.8, 0, 0.1],
    }),
  },
  { tools: [HOCKEY_STICK, HOCKEY_BALL], wears: "socks" },
);

export const STICK_RUNNING = discipline(
  {
    "toe-off": pose(leg(62, 84), leg(-16, 16, 30), arm(46, 40, -10), arm(50, 46, 0), {
      tip: 34,
      bend: 10,
      nod: -20,
      holds: [0.66, -0.2, -0.72],
      ball: [0.6, -0.2, -0.46],
    }),
    flight: pose(leg(52, 60), leg(-12, 76, 26), arm(50, 36, -10), arm(54, 42, 0), {
      tip: 36,
      bend: 10,
      nod: -20,
      holds: [0.7, -0.2, -0.68],
      ball: [0.66, -0.2, -0.48],
    }),
    landing: pose(leg(30, 26), leg(4, 108, 20), arm(48, 40, -10), arm(52, 44, 0), {
      tip: 34,
      bend: 10,
      nod: -18,
      holds: [0.66, -0.2, -0.72],
      ball: [0.62, -0.2, -0.5],
    }),
  },
  { tools: [HOCKEY_STICK, HOCKEY_BALL], wears: "socks" },
);

const LONG_STICK = headed(
  "stick",
  { by: "both", way: [0.7, 0, -0.7], behind: 0.2, before: 0.62 },
  { long: 0.1, radius: 0.014 },
);

export const STICK_SKATING = discipline(
  {
    push: pose(leg(70, 76, 0, 6), leg(0, 10, 30, 40), arm(60, 40, -10), arm(56, 30, 10), {
      tip: 40,
      bend: 10,
      nod: -20,
      holds: [0.76, -0.2, -0.6],
    }),
    shot: pose(leg(60, 60), leg(-8, 40, 24), arm(70, 20, -10), arm(64, 10, 0), {
      tip: 36,
      twist: 20,
      nod: -16,
      holds: [0.8, -0.1, -0.6],
    }),
    finish: pose(leg(50, 40), leg(-12, 60, 30), arm(96, 20, 0), arm(90, 6, -10), {
      tip: 26,
      twist: 34,
      nod: -12,
      holds: [0.9, 0.2, 0.2],
    }),
  },
  { tools: [LONG_STICK], wears: "trousers", head: "barred helmet" },
);

const HURLEY = headed(
  "hurley",
  { by: "both", way: [0.2, 0, 0.98], behind: 0.08, before: 0.34 },
  { long: 0.08, radius: 0.034 },
);

export const STRIKING = discipline(
  {
    lift: pose(leg(40, 44), leg(-6, 30, 24), arm(60, 70, -10), arm(40, 100, 60, 60), {
      tip: 10,
      twist: -40,
      look: 30,
      holds: [-0.5, -0.3, 0.8],
    }),
    strike: pose(leg(40, 20), leg(-14, 44, 34), arm(70, 16, -10), arm(70, 30, -6), {
      tip: 12,
      twist: 16,
      holds: [0.6, -0.7, -0.2],
    }),
    follow: pose(leg(30, 20), leg(-16, 60, 38), arm(110, 60, 30), arm(120, 60, -30), {
      tip: 6,
      twist: 50,
      holds: [-0.2, 0.7, 0.6],
    }),
  },
  { tools: [HURLEY], wears: "socks", head: "barred helmet" },
);

const LACROSSE_STICK = headed(
  "stick",
  { by: "both", way: [-0.3, 0, 0.95], behind: 0.2, before: 0.34 },
  { long: 0.08, radius: 0.05 },
);

export const LACROSSE_SHOT = discipline(
  {
    cradle: pose(leg(40, 40), leg(-8, 40, 26), arm(60, 70, 0), arm(80, 110, 30), {
      tip: 6,
      twist: -40,
      look: 30,
      holds: [-0.6, -0.3, 0.7],
    }),
    release: pose(leg(40, 16), leg(-16, 40, 36), arm(60, 30, -10), arm(110, 30, 20), {
      tip: 14,
      twist: 10,
      holds: [0.5, -0.2, 0.8],
    }),
    follow: pose(leg(36, 26), leg(-16, 66, 36), arm(40, 40, 20), arm(76, 20, -30), {
      tip: 26,
      twist: 40,
      holds: [0.8, 0.4, -0.3],
    }),
  },
  { tools: [LACROSSE_STICK], wears: "socks", head: "barred helmet" },
);

const KEEPERS_STICK = headed(
  "stick",
  { by: "right", way: [0.3, -0.3, -0.9], behind: 0.12, before: 0.44 },
  { long: 0.06, radius: 0.016 },
);

export const PADDED_KEEPING = discipline(
  {
    set: pose(leg(46, 60, 0, 18), leg(46, 60, 0, 18), arm(56, 40, 40), arm(40, 50, 30), {
      tip: 26,
      bend: 8,
      nod: -14,
    }),
    save: pose(leg(100, 118, 20, 20), leg(60, 10, 10, 70), arm(70, 40, 50), arm(40, 30, 40), {
      tip: 20,
      roll: -10,
      nod: -10,
      holds: [0.2, -0.8, -0.5],
    }),
    recover: pose(leg(84, 100, 0, 14), leg(40, 100, 30, 20), arm(60, 50, 30), arm(50, 50, 30), {
      tip: 20,
      nod: -12,
    }),
  },
  { tools: [KEEPERS_STICK], wears: "trousers", head: "barred helmet" },
);
