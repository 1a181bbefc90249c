import { cosDeg, sinDeg } from "./turn";
import { ellipse, limb, smooth, type At, type Phase, type Piece, type Silhouette } from "./shape";

/** Joints of a person in units of the height of the figure as it plays; x the way it faces, y up. */
export interface Posture {
  readonly head: At;
  readonly neck: At;
  readonly hip: At;
  /** Knee and ankle of the left and the right leg; a third joint is where the toes point. */
  readonly legs: readonly [readonly At[], readonly At[]];
  /** Elbow and wrist of the left and the right arm. */
  readonly arms: readonly [readonly At[], readonly At[]];
  /** What is swung, held or ridden, through joints with a width at each. */
  readonly tools?: readonly { readonly through: readonly At[]; readonly widths: readonly number[] }[];
  readonly wheels?: readonly { readonly at: At; readonly radius: number }[];
  readonly ball?: At;
  /** How thick a limb is against a standing figure's: a low figure is larger in its own units. */
  readonly stout?: number;
  /** What the head wears. */
  readonly wears?: "hair" | "helmet" | "cap";
}

/** Widths of a grown body in shares of its height (handbooks of anatomy for artists, from memory). */
const WIDE = {
  thigh: 0.1,
  knee: 0.068,
  ankle: 0.042,
  shoulder: 0.066,
  elbow: 0.05,
  wrist: 0.034,
  neck: 0.058,
};
/** Half breadths and half depths of the trunk. */
const TRUNK = {
  shoulders: { broad: 0.118, deep: 0.068 },
  waist: { broad: 0.078, deep: 0.056 },
  hips: { broad: 0.09, deep: 0.068 },
};
/** Half way from one shoulder joint to the other, and from one hip joint to the other. */
const APART = { shoulder: 0.1, hip: 0.05 };
const HEAD = { long: 0.07, wide: 0.053 };
const FOOT = 0.11;
const BALL = 0.034;

/** A place of the figure as it is seen: x along the picture, for something so far to the left of its middle. */
const seer =
  (turnDeg: number) =>
  ([x, y]: At, left = 0): At => [x * sinDeg(turnDeg) + left * cosDeg(turnDeg), y];

/** Half the width at which a flattened trunk is seen. */
const halfSeen = ({ broad, deep }: { broad: number; deep: number }, turnDeg: number): number =>
  Math.hypot(broad * cosDeg(turnDeg), deep * sinDeg(turnDeg));

/** A person's outlines at an angle of view: limbs that taper, a trunk with shoulders and hips, hands, feet, a head that looks somewhere. */
function bodyPieces(posture: Posture, turnDeg: number): Piece[] {
  const { tools = [], wheels = [], ball, stout = 1 } = posture;
  const see = seer(turnDeg);
  const wide = (...names: (keyof typeof WIDE)[]): number[] => names.map((name) => WIDE[name] * stout);
  const pieces: Piece[] = [];
  const add = (part: Piece["part"], outline: readonly At[]): void => void pieces.push({ part, outline });
  for (const { at, radius } of wheels) {
    const [x, y] = see(at);
    const half = radius * Math.max(0.12, Math.abs(sinDeg(turnDeg)));
    add("tool", ring([x, y], half, radius));
  }
  posture.legs.forEach((joints, i) => {
    const left = (i === 0 ? 1 : -1) * APART.hip * stout;
    const [knee, ankle, toes] = joints;
    add(
      "limb",
      limb(
        [see(posture.hip, left), see(knee!, left * 1.25), see(ankle!, left * 1.25)],
        wide("thigh", "knee", "ankle"),
        0.14,
      ),
    );
    add("limb", foot(knee!, ankle!, toes, left * 1.25, see, stout));
  });
  add("body", trunk(posture, turnDeg, stout));
  posture.arms.forEach((joints, i) => {
    const left = (i === 0 ? 1 : -1) * APART.shoulder * stout;
    const [elbow, wrist] = joints as [At, At];
    // Elbows stand off the trunk; hands that hold one thing come together.
    const [e, w] = [see(elbow, left * 1.4), see(wrist, left * (tools.length > 0 ? 0.3 : 1.3))];
    add("limb", limb([see(posture.neck, left * 0.9), e, w], wide("shoulder", "elbow", "wrist"), 0.16));
    add(
      "limb",
      ellipse(
        beyond(e, w, 0.022 * stout),
        0.034 * stout,
        0.024 * stout,
        Math.atan2(w[1] - e[1], w[0] - e[0]),
      ),
    );
  });
  for (const { through, widths } of tools) {
    const seen = through.map((at) => see(at));
    pieces.push({ part: "tool", outline: limb(seen, widths, 0), hub: seen[0] });
  }
  pieces.push(...headPieces(posture, turnDeg, stout));
  if (ball) add("tool", ellipse(see(ball), BALL * stout, BALL * stout));
  return pieces;
}

const beyond = (from: At, to: At, by: number): At => {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  return [to[0] + ((to[0] - from[0]) / length) * by, to[1] + ((to[1] - from[1]) / length) * by];
};

/** A tyre: its outer edge one way round, its inner one the other, so that it is open within. */
function ring([x, y]: At, half: number, radius: number): At[] {
  const outer = ellipse([x, y], half, radius, 0, 36);
  const inner = ellipse([x, y], half * 0.86, radius * 0.86, 0, 36).reverse();
  return [...outer, outer[0]!, inner.at(-1)!, ...inner, inner.at(-1)!];
}

/** A foot under its ankle, its toes forward of the shin unless they are told. */
function foot(
  knee: At,
  ankle: At,
  toes: At | undefined,
  left: number,
  see: (at: At, left?: number) => At,
  stout: number,
): At[] {
  const length = Math.hypot(ankle[0] - knee[0], ankle[1] - knee[1]) || 1;
  const down: At = [(ankle[0] - knee[0]) / length, (ankle[1] - knee[1]) / length];
  const forward: At = toes
    ? beyond([0, 0], [toes[0] - ankle[0], toes[1] - ankle[1]], 0)
    : [-down[1], down[0]];
  const span = Math.hypot(forward[0], forward[1]) || 1;
  const f: At = [forward[0] / span, forward[1] / span];
  const at = (along: number, below: number): At =>
    see(
      [
        ankle[0] + along * f[0] * stout + below * down[0] * stout,
        ankle[1] + along * f[1] * stout + below * down[1] * stout,
      ],
      left,
    );
  return limb(
    [at(-0.022, 0.012), at(FOOT * 0.45, 0.016), at(FOOT * 0.85, 0.02)],
    [0.046 * stout, 0.04 * stout, 0.028 * stout],
    0,
  );
}

/** Shoulders, waist and hips along the spine, as broad as they are seen. */
function trunk({ neck, hip }: Posture, turnDeg: number, stout: number): At[] {
  const see = seer(turnDeg);
  const [top, bottom] = [see(neck), see(hip)];
  const length = Math.hypot(top[0] - bottom[0], top[1] - bottom[1]) || 1;
  const along: At = [(top[0] - bottom[0]) / length, (top[1] - bottom[1]) / length];
  const across: At = [along[1], -along[0]];
  const at = (share: number, half: number): At => [
    bottom[0] + along[0] * length * share + across[0] * half,
    bottom[1] + along[1] * length * share + across[1] * half,
  ];
  const [s, w, h] = [TRUNK.shoulders, TRUNK.waist, TRUNK.hips].map(
    (part) => halfSeen(part, turnDeg) * stout,
  ) as [number, number, number];
  return smooth([
    at(1.06, s * 0.35),
    at(1.0, s * 0.92),
    at(0.82, s * 0.98),
    at(0.4, w),
    at(0.02, h),
    at(-0.14, h * 0.72),
    at(-0.14, -h * 0.72),
    at(0.02, -h),
    at(0.4, -w),
    at(0.82, -s * 0.98),
    at(1.0, -s * 0.92),
    at(1.06, -s * 0.35),
  ]);
}

/** Neck, skull with a nose where it looks, and what it wears. */
function headPieces({ head, neck, wears = "hair" }: Posture, turnDeg: number, stout: number): Piece[] {
  const see = seer(turnDeg);
  const [h, n] = [see(head), see(neck)];
  const forward = sinDeg(turnDeg);
  const tilt = Math.atan2(h[1] - n[1], h[0] - n[0]) - Math.PI / 2;
  const r = stout;
  const place = (x: number, y: number): At => [
    h[0] + r * (x * Math.cos(tilt * 0.6) - y * Math.sin(tilt * 0.6)),
    h[1] + r * (x * Math.sin(tilt * 0.6) + y * Math.cos(tilt * 0.6)),
  ];
  const face = (x: number): number => x * (0.25 + 0.75 * Math.abs(forward)) * (forward < 0 ? -1 : 1);
  const skull = smooth([
    place(0, HEAD.long),
    place(face(0.04), HEAD.long * 0.78),
    place(face(0.055), HEAD.long * 0.2),
    place(face(0.066), -HEAD.long * 0.12),
    place(face(0.052), -HEAD.long * 0.38),
    place(face(0.04), -HEAD.long * 0.92),
    place(face(0.0), -HEAD.long * 0.98),
    place(-HEAD.wide * 0.72, -HEAD.long * 0.6),
    place(-HEAD.wide, HEAD.long * 0.1),
    place(-HEAD.wide * 0.78, HEAD.long * 0.76),
  ]);
  const pieces: Piece[] = [
    { part: "body", outline: limb([n, h], [WIDE.neck * r * 1.15, WIDE.neck * r * 0.9], 0) },
    { part: "body", outline: skull },
  ];
  if (wears === "helmet")
    pieces.push({
      part: "body",
      outline: ellipse(place(-0.006, 0.022), HEAD.wide * 1.28 * r, HEAD.long * 0.86 * r, tilt * 0.6),
    });
  if (wears === "cap")
    pieces.push({
      part: "body",
      outline: limb(
        [place(-0.02, 0.05), place(face(0.05), 0.042), place(face(0.11), 0.03)],
        [0.06 * r, 0.04 * r, 0.016 * r],
        0,
      ),
    });
  if (wears === "hair")
    pieces.push({
      part: "body",
      outline: ellipse(place(-0.014, 0.026), HEAD.wide * 1.06 * r, HEAD.long * 0.74 * r, tilt * 0.6),
    });
  return pieces;
}

/** A person in its postures: the same at every phase where only one is told. */
export function person(
  peak: Posture,
  from: number,
  to: number,
  phases: { readonly start?: Partial<Posture>; readonly end?: Partial<Posture> } = {},
): Silhouette {
  const at = (phase: Phase): Posture =>
    phase === "start" || phase === "end" ? { ...peak, ...phases[phase] } : peak;
  return {
    unit: "height",
    from,
    to,
    middle: 0.5,
    pieces: (turnDeg, phase) => bodyPieces(at(phase), turnDeg),
  };
}
