import { board, poles, shaft, underFeet } from "../tools";
import { arm, discipline, leg, onSnow, pose } from "./pose-of";

// Skis, boards, ice and the leap into water: angles from memory of pictures in sequence, degrees.

const SKIS = underFeet("ski", 0.34, 0.5, 0.009);
const BLADES = underFeet("blade", 0.06, 0.08, 0.008);

export const SPEED_SKATING = discipline(
  {
    glide: pose(onSnow(96, 96, -10), onSnow(40, 118, 20), arm(-50, 34, 14), arm(-50, 34, 14), {
      tip: 62,
      bend: 18,
      nod: -34,
    }),
    push: pose(onSnow(104, 98, -10), onSnow(18, 8, 6, 50), arm(60, 30, -16), arm(-56, 20, 34), {
      tip: 60,
      bend: 18,
      nod: -34,
      roll: 8,
    }),
    recovery: pose(onSnow(92, 92, -10), onSnow(34, 112, 26, 10), arm(-30, 30, 20), arm(30, 60, -10), {
      tip: 60,
      bend: 18,
      nod: -34,
    }),
  },
  { tools: [BLADES], wears: "trousers" },
);

export const ALPINE = discipline(
  {
    entry: pose(onSnow(58, 66, -16, 8), onSnow(50, 60, -16, 8), arm(56, 60, 30), arm(56, 60, 30), {
      tip: 24,
      bend: 22,
      roll: 14,
    }),
    turn: pose(onSnow(46, 44, -16, 16), onSnow(84, 98, -16), arm(60, 50, 40), arm(54, 56, 40), {
      tip: 22,
      bend: 24,
      roll: 44,
      lean: -26,
    }),
    release: pose(onSnow(72, 84, -16), onSnow(52, 58, -16, 8), arm(62, 50, 30), arm(60, 54, 30), {
      tip: 26,
      bend: 24,
      roll: -10,
      lean: 8,
    }),
  },
  { tools: [SKIS, poles("pole", [-0.7, 0, -0.7], 0.62)], wears: "trousers", head: "helmet" },
);

export const TUCK = discipline(
  {
    "in-run": pose(onSnow(112, 112, -20, 6), onSnow(112, 112, -20, 6), arm(76, 118, -10), arm(76, 118, -10), {
      tip: 58,
      bend: 26,
      nod: -36,
    }),
    tuck: pose(onSnow(108, 108, -20, 6), onSnow(108, 108, -20, 6), arm(82, 110, -12), arm(82, 110, -12), {
      tip: 56,
      bend: 26,
      nod: -36,
    }),
    rising: pose(onSnow(60, 62, -16, 6), onSnow(60, 62, -16, 6), arm(40, 60, 50), arm(40, 60, 50), {
      tip: 30,
      bend: 14,
    }),
  },
  { tools: [SKIS, poles("pole", [-0.96, 0, -0.2], 0.62)], wears: "trousers", head: "helmet" },
);

export const SKI_JUMP = discipline(
  {
    "in-run": pose(onSnow(116, 112, -24), onSnow(116, 112, -24), arm(-50, 4, 4), arm(-50, 4, 4), {
      tip: 66,
      bend: 28,
      nod: -34,
    }),
    flight: pose(onSnow(14, 2, -24, 14), onSnow(14, 2, -24, 14), arm(-10, 4, 10), arm(-10, 4, 10), {
      tip: 62,
      bend: 4,
      nod: -24,
      off: 1.6,
    }),
    telemark: pose(onSnow(52, 50, -14), onSnow(6, 66, 24), arm(10, 6, 84), arm(10, 6, 84), { tip: 8 }),
  },
  { tools: [underFeet("ski", 0.5, 0.72, 0.012)], wears: "trousers", head: "helmet" },
);

export const CROSS_COUNTRY_SKIING = discipline(
  {
    "pole plant": pose(onSnow(44, 46, -10), onSnow(2, 24, 10), arm(84, 60, 10), arm(20, 40, 10), {
      tip: 26,
      bend: 14,
    }),
    kick: pose(onSnow(56, 60, -10), onSnow(-18, 12, 34), arm(-36, 10), arm(78, 40), { tip: 30, bend: 12 }),
    glide: pose(onSnow(34, 42, -8), onSnow(-16, 36, 30), arm(-44, 6), arm(60, 30), { tip: 24, bend: 10 }),
  },
  { tools: [SKIS, poles("pole", [-0.5, 0, -0.86], 0.72)], wears: "trousers" },
);

export const FREESTYLE = discipline(
  {
    "take-off": pose(onSnow(40, 50, -16), onSnow(40, 50, -16), arm(120, 30, 20), arm(120, 30, 20), {
      tip: 6,
      off: 0.2,
    }),
    grab: pose(onSnow(104, 108, -16), onSnow(104, 112, -16), arm(40, 10, 84), arm(70, 16, -6), {
      tip: 24,
      bend: 40,
      yaw: 40,
      off: 1.7,
    }),
    landing: pose(onSnow(70, 76, -18), onSnow(70, 76, -18), arm(60, 40, 40), arm(60, 40, 40), {
      tip: 28,
      bend: 18,
    }),
  },
  { tools: [SKIS], wears: "trousers", head: "helmet" },
);

const onBoard = (name: string, beyond: number) => ({ tools: [board(name, beyond, 0.014)] });
/** Sideways on a board: the left shoulder goes first, the face looks along it. */
const SIDEWAYS = { yaw: -78, look: 64 };

export const SNOWBOARDING = discipline(
  {
    traverse: pose(leg(38, 50, 0, 16), leg(38, 50, 0, 16), arm(20, 20, 60), arm(20, 20, 60), {
      ...SIDEWAYS,
      tip: 10,
    }),
    carve: pose(leg(64, 84, -10, 18), leg(64, 84, -10, 18), arm(30, 20, 80), arm(60, 10, 20), {
      ...SIDEWAYS,
      tip: 30,
      bend: 14,
    }),
    air: pose(leg(92, 112, 0, 16), leg(92, 112, 0, 16), arm(60, 10, 70), arm(64, 6, -10), {
      ...SIDEWAYS,
      tip: 24,
      bend: 26,
      off: 1.2,
    }),
  },
  { ...onBoard("snowboard", 0.22), wears: "trousers", head: "helmet" },
);

export const SKATEBOARDING = discipline(
  {
    crouch: pose(leg(86, 96, 0, 14), leg(86, 96, 0, 14), arm(40, 10, 60), arm(30, 10, 60), {
      ...SIDEWAYS,
      tip: 26,
      bend: 18,
    }),
    ollie: pose(leg(96, 118, 10, 16), leg(84, 96, 20, 16), arm(70, 10, 80), arm(40, 10, 88), {
      ...SIDEWAYS,
      tip: 14,
      off: 0.5,
    }),
    landing: pose(leg(70, 84, 0, 16), leg(70, 84, 0, 16), arm(50, 10, 70), arm(40, 10, 70), {
      ...SIDEWAYS,
      tip: 22,
      bend: 12,
    }),
  },
  { ...onBoard("deck", 0.08), wears: "trousers", head: "helmet" },
);

export const SURFING = discipline(
  {
    "bottom turn": pose(leg(84, 98, -6, 20), leg(74, 92, -6, 20), arm(60, 14, 50), arm(20, 10, 70), {
      ...SIDEWAYS,
      tip: 34,
      bend: 10,
      roll: 14,
    }),
    "top turn": pose(leg(64, 78, -6, 20), leg(72, 96, -6, 24), arm(40, 10, 92), arm(70, 14, 40), {
      ...SIDEWAYS,
      tip: 24,
      twist: 24,
    }),
    trim: pose(leg(46, 60, -6, 18), leg(46, 60, -6, 18), arm(30, 14, 66), arm(24, 14, 66), {
      ...SIDEWAYS,
      tip: 14,
    }),
  },
  onBoard("board", 0.3),
);

export const PADDLE_BOARDING = discipline(
  {
    catch: pose(leg(24, 32, 0, 8), leg(24, 32, 0, 8), arm(104, 20, -6), arm(70, 6, 6), {
      tip: 24,
      bend: 12,
      holds: [0.4, -0.2, -0.9],
    }),
    pull: pose(leg(32, 44, 0, 8), leg(32, 44, 0, 8), arm(80, 30, -10), arm(34, 12, 10), {
      tip: 22,
      bend: 14,
      holds: [0, -0.2, -0.98],
    }),
    recovery: pose(leg(14, 20, 0, 8), leg(14, 20, 0, 8), arm(70, 50, -6), arm(24, 40, 14), {
      tip: 8,
      holds: [-0.4, -0.3, -0.86],
    }),
  },
  {
    tools: [
      board("board", 0.9, 0.02, "ahead"),
      shaft("paddle", { by: "both", way: [0.2, -0.2, -0.95], behind: 0.34, before: 0.72 }, [0.008, 0.024]),
    ],
  },
);

export const SWIM_START = discipline(
  {
    "take your marks": pose(leg(116, 84, -10), leg(92, 108, 10), arm(96, 4), arm(96, 4), {
      tip: 66,
      bend: 40,
      nod: 24,
    }),
    flight: pose(leg(4, 4, 50), leg(0, 6, 50), arm(174, 0, -4), arm(174, 0, -4), {
      tip: 84,
      bend: 6,
      nod: 14,
      off: 0.7,
    }),
    entry: pose(leg(4, 0, 50), leg(4, 0, 50), arm(178, 0, -6), arm(178, 0, -6), {
      tip: 124,
      nod: 10,
      off: 0.1,
    }),
  },
  { wears: "trunks" },
);

export const DIVING = discipline(
  {
    "take-off": pose(leg(8, 6, 50), leg(8, 6, 50), arm(168, 4, 6), arm(168, 4, 6), { tip: 10, off: 0.3 }),
    pike: pose(leg(120, 2, 50), leg(120, 2, 50), arm(84, 4, 0), arm(84, 4, 0), {
      tip: 84,
      bend: 46,
      off: 1.8,
    }),
    entry: pose(leg(0, 0, 50), leg(0, 0, 50), arm(178, 0, -4), arm(178, 0, -4), { tip: 176, off: 0.4 }),
  },
  { wears: "trunks" },
);
