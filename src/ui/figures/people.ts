import { person, type Posture } from "./body";
import { drawn } from "./drawn";

// Postures from tables of joints, three for each discipline: how a movement begins, its peak, how it ends. x is the way it
// faces, y up, the height of the figure as it plays is 1.

type Phases = { readonly start?: Partial<Posture>; readonly end?: Partial<Posture> };

/** The same postures with nothing in the air and nothing on the head. */
const bare = (posture: Posture): Posture => ({ ...posture, ball: undefined, wears: "hair" });
const bareAll = ({ start, end }: Phases): Phases => ({
  ...(start && { start: { ...start, ball: undefined } }),
  ...(end && { end: { ...end, ball: undefined } }),
});

// prettier-ignore
export const STANDING = person(
  {
    head: [0.01, 0.925], neck: [0, 0.81], hip: [0, 0.51],
    legs: [[[0.035, 0.27], [0.02, 0.04]], [[-0.01, 0.27], [-0.045, 0.04]]],
    arms: [[[0.03, 0.65], [0.09, 0.5]], [[-0.05, 0.65], [-0.02, 0.49]]],
  },
  -0.15, 0.15,
  {
    start: { arms: [[[0.06, 0.66], [0.17, 0.6]], [[-0.05, 0.65], [-0.02, 0.49]]] },
    end: { arms: [[[0.1, 0.86], [0.06, 1.0]], [[-0.08, 0.86], [-0.03, 1.0]]] },
  },
);

// prettier-ignore
export const RUNNING = person(
  {
    head: [0.13, 0.925], neck: [0.085, 0.805], hip: [-0.02, 0.53],
    legs: [[[0.2, 0.46], [0.17, 0.21]], [[-0.1, 0.29], [-0.34, 0.23]]],
    arms: [[[-0.09, 0.68], [-0.05, 0.54]], [[0.19, 0.66], [0.3, 0.77]]],
  },
  -0.42, 0.34,
  {
    start: {
      head: [0.27, 0.8], neck: [0.19, 0.7], hip: [-0.06, 0.5],
      legs: [[[0.14, 0.36], [-0.02, 0.2]], [[-0.2, 0.27], [-0.4, 0.05]]],
      arms: [[[0.34, 0.6], [0.44, 0.72]], [[0.02, 0.58], [-0.14, 0.52]]],
    },
    end: {
      head: [0.05, 0.93], neck: [0.05, 0.81], hip: [-0.02, 0.52],
      legs: [[[0.1, 0.3], [0.14, 0.04]], [[-0.06, 0.29], [-0.2, 0.08]]],
      arms: [[[0.16, 0.9], [0.24, 1.0]], [[-0.06, 0.9], [-0.14, 0.99]]],
    },
  },
);

// prettier-ignore
export const LOW_STICK = person(
  {
    head: [0.3, 0.87], neck: [0.2, 0.745], hip: [-0.16, 0.53],
    legs: [[[0.08, 0.33], [0.02, 0.05]], [[-0.34, 0.28], [-0.54, 0.09]]],
    arms: [[[0.32, 0.54], [0.43, 0.36]], [[0.24, 0.5], [0.4, 0.4]]],
    tools: [{ through: [[0.39, 0.44], [0.62, 0.06], [0.71, 0.07]], widths: [0.028, 0.028, 0.034] }],
    ball: [0.78, 0.035], stout: 1.15,
  },
  -0.6, 0.82,
  {
    start: {
      head: [0.16, 0.9], neck: [0.1, 0.78], hip: [-0.14, 0.54],
      arms: [[[-0.06, 0.7], [-0.2, 0.78]], [[-0.02, 0.66], [-0.18, 0.74]]],
      tools: [{ through: [[-0.16, 0.74], [-0.5, 0.98], [-0.56, 0.94]], widths: [0.028, 0.028, 0.034] }],
      ball: [0.3, 0.035],
    },
    end: {
      head: [0.26, 0.9], neck: [0.2, 0.78], hip: [-0.1, 0.54],
      arms: [[[0.36, 0.72], [0.5, 0.78]], [[0.34, 0.66], [0.48, 0.74]]],
      tools: [{ through: [[0.46, 0.74], [0.72, 0.98], [0.78, 0.96]], widths: [0.028, 0.028, 0.034] }],
      ball: [0.8, 0.4],
    },
  },
);

// prettier-ignore
const THROW: Posture =
  {
    head: [0.03, 0.87], neck: [-0.01, 0.755], hip: [0.02, 0.49],
    legs: [[[0.2, 0.36], [0.13, 0.13]], [[-0.12, 0.29], [-0.31, 0.15]]],
    arms: [[[-0.17, 0.86], [-0.27, 0.99]], [[0.19, 0.78], [0.33, 0.73]]],
    ball: [-0.31, 1.04],
  };
// prettier-ignore
const THROW_PHASES: Phases =
  {
    start: { arms: [[[-0.12, 0.68], [-0.24, 0.6]], [[0.16, 0.7], [0.28, 0.76]]], ball: [-0.3, 0.58] },
    end: {
      head: [0.12, 0.85], neck: [0.08, 0.735],
      arms: [[[0.22, 0.7], [0.33, 0.56]], [[0.02, 0.6], [-0.08, 0.5]]],
      ball: [0.36, 0.72],
    },
  };
export const THROWING = person(THROW, -0.36, 0.38, THROW_PHASES);

const SHAFT = (...through: (readonly [number, number])[]): Posture["tools"] => [
  { through, widths: [0.012, 0.022, 0.012] },
];
/** One and a half times as long as the thrower. */
export const JAVELIN = person({ ...bare(THROW), tools: SHAFT([-0.9, 0.92], [-0.27, 1], [0.52, 1.09]) }, -0.92, 0.54, {
  start: { ...bareAll(THROW_PHASES).start, tools: SHAFT([-0.8, 0.52], [-0.24, 0.62], [0.56, 0.76]) },
  end: { ...bareAll(THROW_PHASES).end, tools: [] },
});

// prettier-ignore
const JUMP: Posture =
  {
    head: [0.03, 0.775], neck: [0.01, 0.67], hip: [-0.03, 0.42],
    legs: [[[0.08, 0.27], [-0.05, 0.13]], [[-0.1, 0.24], [-0.22, 0.08]]],
    arms: [[[0.09, 0.82], [0.16, 0.97]], [[-0.11, 0.74], [-0.06, 0.88]]],
    ball: [0.22, 1.02], stout: 0.88,
  };
// prettier-ignore
const JUMP_PHASES: Phases =
  {
    start: {
      head: [0.09, 0.74], neck: [0.05, 0.635], hip: [-0.08, 0.4],
      legs: [[[0.09, 0.26], [-0.02, 0.05]], [[-0.1, 0.22], [-0.16, 0.04]]],
      arms: [[[-0.1, 0.6], [-0.22, 0.66]], [[-0.06, 0.56], [-0.2, 0.6]]],
      ball: [0.22, 1.02],
    },
    end: {
      legs: [[[0.05, 0.24], [0.03, 0.04]], [[-0.08, 0.23], [-0.1, 0.03]]],
      arms: [[[0.12, 0.62], [0.2, 0.5]], [[-0.1, 0.62], [-0.14, 0.5]]],
      ball: [0.24, 0.6],
    },
  };
export const JUMPING = person(JUMP, -0.26, 0.26, JUMP_PHASES);
/** The same jump with nothing to reach for. */
export const LEAPING = person(bare(JUMP), -0.26, 0.26, bareAll(JUMP_PHASES));

// prettier-ignore
export const KICKING = person(
  {
    head: [-0.06, 0.925], neck: [-0.07, 0.81], hip: [-0.02, 0.52],
    legs: [[[0.18, 0.45], [0.36, 0.31], [0.45, 0.37]], [[-0.06, 0.28], [-0.12, 0.05]]],
    arms: [[[-0.21, 0.72], [-0.33, 0.8]], [[0.07, 0.7], [0.19, 0.62]]],
    ball: [0.52, 0.28],
  },
  -0.38, 0.56,
  {
    start: {
      head: [0.05, 0.92], neck: [0.02, 0.805],
      legs: [[[-0.14, 0.36], [-0.36, 0.34]], [[0.04, 0.28], [0.06, 0.05]]],
      ball: [0.3, 0.035],
    },
    end: {
      head: [-0.1, 0.92], neck: [-0.1, 0.805],
      legs: [[[0.2, 0.56], [0.36, 0.56], [0.42, 0.64]], [[-0.07, 0.28], [-0.12, 0.05]]],
      ball: [0.54, 0.7],
    },
  },
);

// prettier-ignore
const KEEP: Posture =
  {
    head: [0.05, 0.905], neck: [0.03, 0.785], hip: [0, 0.48],
    legs: [[[0.2, 0.31], [0.22, 0.05]], [[-0.2, 0.31], [-0.26, 0.05]]],
    arms: [[[0.22, 0.68], [0.35, 0.82]], [[-0.2, 0.68], [-0.35, 0.79]]],
    stout: 1.08, wears: "helmet",
  };
// prettier-ignore
const KEEP_PHASES: Phases =
  {
    start: {
      head: [0.09, 0.8], neck: [0.06, 0.69], hip: [-0.06, 0.42],
      arms: [[[0.22, 0.56], [0.32, 0.46]], [[-0.1, 0.54], [0.02, 0.42]]],
    },
    end: {
      arms: [[[0.14, 0.9], [0.2, 1.03]], [[-0.04, 0.9], [0.1, 1.03]]],
      ball: [0.16, 1.06],
    },
  };
export const KEEPING = person(KEEP, -0.4, 0.4, KEEP_PHASES);
/** Legs apart and arms out: who wrestles, sweeps, digs or fences. */
export const CROUCHING = person(bare(KEEP), -0.4, 0.4, bareAll(KEEP_PHASES));

/** Flung sideways, an arm's length over the ground. */
// prettier-ignore
export const DIVING = person(
  {
    head: [0.46, 0.86], neck: [0.3, 0.76], hip: [-0.16, 0.6],
    legs: [[[-0.54, 0.5], [-0.9, 0.53]], [[-0.5, 0.64], [-0.84, 0.74]]],
    arms: [[[0.63, 0.9], [0.92, 0.96]], [[0.58, 0.8], [0.88, 0.83]]],
    stout: 1.55,
  },
  -0.98, 1.04,
);

// prettier-ignore
const BAT = (...through: (readonly [number, number])[]): Posture["tools"] => [{ through, widths: [0.022, 0.03, 0.05].slice(0, through.length) }];

// prettier-ignore
const BAT_SWING: Posture =
  {
    head: [0.02, 0.905], neck: [0, 0.79], hip: [-0.02, 0.51],
    legs: [[[0.13, 0.29], [0.19, 0.05]], [[-0.13, 0.29], [-0.17, 0.05]]],
    arms: [[[0.13, 0.7], [0.26, 0.72]], [[0.1, 0.65], [0.24, 0.7]]],
    tools: BAT([0.25, 0.7], [0.36, 0.79], [0.48, 0.88]),
    ball: [0.58, 0.82], wears: "helmet",
  };
// prettier-ignore
const BAT_PHASES: Phases =
  {
    start: {
      arms: [[[-0.02, 0.68], [-0.12, 0.76]], [[-0.06, 0.66], [-0.14, 0.74]]],
      tools: BAT([-0.13, 0.75], [-0.17, 0.88], [-0.2, 1.0]),
      ball: [0.6, 0.7],
    },
    end: {
      arms: [[[0.08, 0.76], [-0.04, 0.84]], [[0.06, 0.74], [-0.06, 0.8]]],
      tools: BAT([-0.05, 0.82], [-0.16, 0.74], [-0.26, 0.66]),
      ball: [0.6, 0.98],
    },
  };
export const BATTING = person(BAT_SWING, -0.22, 0.62, BAT_PHASES);

const RACKET_HELD = (...through: (readonly [number, number])[]): Posture["tools"] => [
  { through, widths: [0.02, 0.03, 0.11] },
];
/** One hand, and a head of strings. */
export const RACKET = person({ ...BAT_SWING, wears: "hair", tools: RACKET_HELD([0.25, 0.7], [0.34, 0.78], [0.46, 0.88]) }, -0.22, 0.62, {
  start: { ...BAT_PHASES.start, tools: RACKET_HELD([-0.13, 0.75], [-0.17, 0.86], [-0.2, 0.98]) },
  end: { ...BAT_PHASES.end, tools: RACKET_HELD([-0.05, 0.82], [-0.15, 0.75], [-0.25, 0.68]) },
});

// prettier-ignore
export const CLIMBING = person(
  {
    head: [0.05, 0.79], neck: [0, 0.69], hip: [-0.04, 0.43],
    legs: [[[0.15, 0.35], [0.1, 0.14]], [[-0.1, 0.23], [-0.04, 0.03]]],
    arms: [[[0.12, 0.84], [0.16, 0.97]], [[-0.13, 0.73], [-0.15, 0.86]]],
    stout: 0.9, wears: "helmet",
  },
  -0.2, 0.22,
  {
    start: { arms: [[[0.12, 0.76], [0.15, 0.88]], [[-0.13, 0.64], [-0.14, 0.76]]], legs: [[[0.12, 0.28], [0.08, 0.06]], [[-0.1, 0.24], [-0.06, 0.03]]] },
    end: { arms: [[[0.1, 0.86], [0.16, 1.0]], [[-0.06, 0.86], [0.02, 0.99]]], legs: [[[0.16, 0.42], [0.1, 0.24]], [[-0.08, 0.26], [-0.06, 0.05]]] },
  },
);

/** Head, shoulder and the arm over the water: no more of a swimmer shows. */
// prettier-ignore
export const SWIMMING = drawn(
  { unit: "height", from: -1.2, to: 1, middle: 0.4 },
  {
    outlines: [[[0.5, 0.36], [0.38, 0.56], [0.16, 0.58], [0, 0.48], [-0.5, 0.36], [-1.05, 0.2], [-1.15, 0.08], [0.1, 0.08], [0.42, 0.14]]],
    strokes: [{ through: [[-0.08, 0.4], [0.12, 0.86], [0.6, 0.66], [0.86, 0.28]], width: [0.24, 0.17, 0.13, 0.09], part: "limb" }],
  },
  {
    start: {
      outlines: [[[0.5, 0.36], [0.38, 0.56], [0.16, 0.58], [0, 0.48], [-0.5, 0.36], [-1.05, 0.2], [-1.15, 0.08], [0.1, 0.08], [0.42, 0.14]]],
      strokes: [{ through: [[-0.08, 0.4], [-0.42, 0.84], [-0.66, 0.5]], width: [0.24, 0.17, 0.1], part: "limb" }],
    },
    end: {
      outlines: [[[0.5, 0.4], [0.38, 0.62], [0.14, 0.62], [0, 0.5], [-0.5, 0.34], [-1.05, 0.18], [-1.15, 0.08], [0.1, 0.08], [0.42, 0.16]]],
      strokes: [{ through: [[0, 0.36], [0.56, 0.44], [0.98, 0.3]], width: [0.22, 0.15, 0.09], part: "limb" }],
    },
  },
);

// prettier-ignore
export const SKIING = person(
  {
    head: [0.2, 0.9], neck: [0.12, 0.785], hip: [-0.1, 0.51],
    legs: [[[0.14, 0.37], [0.02, 0.1]], [[0.06, 0.31], [-0.08, 0.1]]],
    arms: [[[0.26, 0.65], [0.38, 0.66]], [[0.17, 0.59], [0.3, 0.57]]],
    tools: [{ through: [[-0.5, 0.03], [0.4, 0.06], [0.52, 0.13]], widths: [0.026, 0.026, 0.02] }, { through: [[0.38, 0.7], [-0.02, 0.36]], widths: [0.026, 0.026] }],
    stout: 1.05, wears: "helmet",
  },
  -0.52, 0.54,
  {
    start: { head: [0.26, 0.74], neck: [0.16, 0.65], hip: [-0.12, 0.42], arms: [[[0.3, 0.56], [0.4, 0.6]], [[0.24, 0.5], [0.36, 0.52]]], legs: [[[0.14, 0.32], [0.02, 0.1]], [[0.1, 0.28], [-0.04, 0.1]]] },
    end: { head: [0.06, 0.94], neck: [0.03, 0.82], hip: [-0.05, 0.54], arms: [[[0.14, 0.9], [0.22, 1.0]], [[-0.08, 0.9], [-0.16, 0.99]]] },
  },
);
