import type { At, Silhouette, Stroke } from "./shape";

/** Joints of a person in units of the height of the figure as it plays; x the way it faces. */
interface Posture {
  readonly head: At;
  readonly neck: At;
  readonly hip: At;
  readonly legs: readonly [readonly At[], readonly At[]];
  readonly arms: readonly [readonly At[], readonly At[]];
  /** Things held or ridden: thinner lines. */
  readonly things?: readonly Stroke[];
  readonly ball?: At;
  /** How thick a limb is against a standing figure's: a low figure is larger in its own units. */
  readonly stout?: number;
}

const THICK = { trunk: 0.13, leg: 0.078, arm: 0.058, head: 0.068 };

function person(posture: Posture, from: number, to: number): Silhouette {
  const { head, neck, hip, legs, arms, things = [], ball, stout = 1 } = posture;
  return {
    unit: "height",
    from,
    to,
    middle: 0.5,
    strokes: [
      { through: [neck, hip], width: THICK.trunk * stout },
      ...legs.map((joints) => ({ through: [hip, ...joints], width: THICK.leg * stout })),
      ...arms.map((joints) => ({ through: [neck, ...joints], width: THICK.arm * stout })),
      ...things,
    ],
    discs: [{ at: head, radius: THICK.head * stout }, ...(ball ? [{ at: ball, radius: 0.032 * stout }] : [])],
  };
}

const stick = (...through: At[]): Stroke => ({ through, width: 0.026 });
const wheel = (x: number, y: number, r: number): Stroke => ({
  through: Array.from({ length: 17 }, (_, i): At => [
    x + r * Math.cos((i * Math.PI) / 8),
    y + r * Math.sin((i * Math.PI) / 8),
  ]),
  width: 0.022,
});

export const STANDING = person(
  {
    head: [0.01, 0.92],
    neck: [0, 0.8],
    hip: [0, 0.5],
    legs: [
      [[0.04, 0.27], [0.04, 0.03]],
      [[-0.05, 0.27], [-0.08, 0.03]],
    ],
    arms: [
      [[0.1, 0.64], [0.13, 0.5]],
      [[-0.1, 0.64], [-0.08, 0.48]],
    ],
  },
  -0.15,
  0.15,
);

export const RUNNING = person(
  {
    head: [0.13, 0.92],
    neck: [0.08, 0.8],
    hip: [-0.02, 0.52],
    legs: [
      [[0.2, 0.44], [0.15, 0.2], [0.22, 0.17]],
      [[-0.1, 0.28], [-0.34, 0.22], [-0.38, 0.14]],
    ],
    arms: [
      [[-0.1, 0.68], [-0.06, 0.54]],
      [[0.2, 0.66], [0.31, 0.76]],
    ],
  },
  -0.42,
  0.34,
);

export const LOW_STICK = person(
  {
    head: [0.3, 0.87],
    neck: [0.2, 0.74],
    hip: [-0.16, 0.52],
    legs: [
      [[0.08, 0.32], [0.02, 0.05], [0.1, 0.04]],
      [[-0.34, 0.28], [-0.56, 0.08], [-0.52, 0.03]],
    ],
    arms: [
      [[0.34, 0.52], [0.44, 0.34]],
      [[0.22, 0.48], [0.4, 0.38]],
    ],
    things: [stick([0.39, 0.42], [0.62, 0.05], [0.7, 0.07])],
    ball: [0.78, 0.035],
    stout: 1.3,
  },
  -0.6,
  0.82,
);

export const THROWING = person(
  {
    head: [0.02, 0.86],
    neck: [-0.02, 0.75],
    hip: [0.02, 0.48],
    legs: [
      [[0.2, 0.34], [0.12, 0.12]],
      [[-0.12, 0.28], [-0.32, 0.14]],
    ],
    arms: [
      [[-0.18, 0.86], [-0.28, 1.0]],
      [[0.2, 0.78], [0.34, 0.72]],
    ],
    ball: [-0.31, 1.04],
  },
  -0.36,
  0.38,
);

export const JUMPING = person(
  {
    head: [0.03, 0.76],
    neck: [0.01, 0.66],
    hip: [-0.03, 0.42],
    legs: [
      [[0.08, 0.27], [-0.06, 0.14]],
      [[-0.1, 0.24], [-0.22, 0.08]],
    ],
    arms: [
      [[0.09, 0.82], [0.16, 0.98]],
      [[-0.12, 0.74], [-0.06, 0.88]],
    ],
    ball: [0.22, 1.02],
  },
  -0.26,
  0.26,
);

export const KICKING = person(
  {
    head: [-0.06, 0.92],
    neck: [-0.07, 0.8],
    hip: [-0.02, 0.51],
    legs: [
      [[0.18, 0.44], [0.36, 0.3], [0.42, 0.36]],
      [[-0.06, 0.27], [-0.12, 0.04]],
    ],
    arms: [
      [[-0.22, 0.72], [-0.34, 0.8]],
      [[0.08, 0.7], [0.2, 0.62]],
    ],
    ball: [0.52, 0.28],
  },
  -0.38,
  0.56,
);

export const KEEPING = person(
  {
    head: [0.05, 0.9],
    neck: [0.03, 0.76],
    hip: [0, 0.46],
    legs: [
      [[0.24, 0.3], [0.28, 0.04]],
      [[-0.24, 0.3], [-0.3, 0.04]],
    ],
    arms: [
      [[0.24, 0.66], [0.36, 0.82]],
      [[-0.22, 0.66], [-0.36, 0.78]],
    ],
    stout: 1.12,
  },
  -0.4,
  0.4,
);

export const DIVING: Silhouette = {
  unit: "height",
  from: -0.98,
  to: 1.04,
  middle: 0.5,
  strokes: [
    { through: [[0.286, 0.728], [-0.156, 0.598]], width: 0.17 },
    { through: [[-0.156, 0.598], [-0.546, 0.468], [-0.936, 0.52]], width: 0.1 },
    { through: [[-0.156, 0.598], [-0.52, 0.65], [-0.858, 0.754]], width: 0.1 },
    { through: [[0.286, 0.728], [0.65, 0.884], [0.962, 0.936]], width: 0.075 },
    { through: [[0.286, 0.728], [0.598, 0.78], [0.91, 0.806]], width: 0.075 },
  ],
  discs: [{ at: [0.468, 0.858], radius: 0.09 }],
};

export const BATTING = person(
  {
    head: [0.02, 0.9],
    neck: [0, 0.78],
    hip: [-0.02, 0.5],
    legs: [
      [[0.14, 0.28], [0.2, 0.03]],
      [[-0.14, 0.28], [-0.18, 0.03]],
    ],
    arms: [
      [[0.14, 0.7], [0.26, 0.72]],
      [[0.1, 0.64], [0.24, 0.7]],
    ],
    things: [
      { through: [[0.25, 0.7], [0.46, 0.86]], width: 0.045 },
    ],
    ball: [0.58, 0.82],
  },
  -0.22,
  0.62,
);

export const CLIMBING = person(
  {
    head: [0.05, 0.78],
    neck: [0, 0.68],
    hip: [-0.04, 0.42],
    legs: [
      [[0.16, 0.34], [0.1, 0.14]],
      [[-0.1, 0.22], [-0.04, 0.02]],
    ],
    arms: [
      [[0.12, 0.84], [0.16, 0.98]],
      [[-0.14, 0.72], [-0.16, 0.86]],
    ],
  },
  -0.2,
  0.22,
);

/** Head, shoulder and the arm over the water: no more of a swimmer shows. */
export const SWIMMING: Silhouette = {
  unit: "height",
  from: -1.2,
  to: 1,
  middle: 0.4,
  strokes: [
    { through: [[0, 0.3], [-1, 0.16]], width: 0.34 },
    { through: [[-0.05, 0.34], [0.1, 0.88], [0.62, 0.66], [0.86, 0.3]], width: 0.16 },
    { through: [[-1.15, 0.06], [0.95, 0.06]], width: 0.05 },
  ],
  discs: [{ at: [0.26, 0.34], radius: 0.26 }],
};

export const BOAT: Silhouette = {
  unit: "height",
  from: -1.6,
  to: 1.6,
  middle: 0.4,
  strokes: [
    { through: [[-1.55, 0.16], [1.55, 0.18]], width: 0.16 },
    { through: [[0, 0.7], [-0.08, 0.28]], width: 0.2 },
    { through: [[0, 0.66], [0.3, 0.5], [0.44, 0.58]], width: 0.09 },
    { through: [[0.1, 0.86], [0.86, 0.02]], width: 0.04 },
  ],
  discs: [{ at: [0.04, 0.88], radius: 0.11 }],
};

export const CYCLING = person(
  {
    head: [0.3, 0.9],
    neck: [0.2, 0.8],
    hip: [-0.14, 0.62],
    legs: [
      [[0.12, 0.5], [0.02, 0.2]],
      [[-0.02, 0.42], [-0.12, 0.26]],
    ],
    arms: [
      [[0.3, 0.64], [0.4, 0.62]],
      [[0.28, 0.66], [0.38, 0.6]],
    ],
    things: [
      wheel(-0.36, 0.21, 0.2),
      wheel(0.42, 0.21, 0.2),
      stick([-0.36, 0.21], [-0.02, 0.2], [0.36, 0.52], [-0.14, 0.54], [-0.36, 0.21]),
      stick([0.34, 0.6], [0.42, 0.21]),
    ],
  },
  -0.58,
  0.64,
);

export const SKIING = person(
  {
    head: [0.18, 0.9],
    neck: [0.1, 0.78],
    hip: [-0.1, 0.5],
    legs: [
      [[0.14, 0.36], [0.02, 0.08]],
      [[0.06, 0.3], [-0.08, 0.08]],
    ],
    arms: [
      [[0.26, 0.64], [0.38, 0.66]],
      [[0.16, 0.58], [0.3, 0.56]],
    ],
    things: [stick([-0.5, 0.02], [0.42, 0.06], [0.52, 0.12]), stick([0.38, 0.7], [-0.02, 0.36])],
    stout: 1.1,
  },
  -0.52,
  0.54,
);
