import type { Swatch } from "../../ground";
import { reachAlong, turnedWith, type Solid, type SolidPart } from "../solid";
import { about, add, UPRIGHT, type Vec } from "../turned";

/** A place of a rig: forward, to the left, up. */
export type Place = readonly [x: number, y: number, z: number];

export const vec = ([x, y, z]: Place): Vec => ({ x, y, z });

/** What a piece is called, what it moves with, and what it is made of where nobody wears it. */
export interface Piece {
  readonly name: string;
  readonly part?: SolidPart;
  readonly made?: Swatch;
  /** Where something swung is held. */
  readonly hub?: Vec;
}

const base = ({ name, part = "body", made, hub }: Piece) => ({
  name,
  part,
  ...(made && { made }),
  ...(hub && { hub }),
});

/** Limbs through places, at each as thick as is told. */
export const chain = (piece: Piece, through: readonly Vec[], radii: readonly number[]): Solid[] =>
  through.slice(1).map((to, i) => ({
    ...base(piece),
    from: through[i]!,
    to,
    fromRadius: radii[i] ?? radii.at(-1)!,
    toRadius: radii[i + 1] ?? radii.at(-1)!,
  }));

/** A ball. */
export const ball = (piece: Piece, at: Vec, radius: number): Solid => ({
  ...base(piece),
  from: at,
  to: at,
  fromRadius: radius,
  toRadius: radius,
});

/** Something flat or broad through its corners, as thick as twice the radius of each. */
export function broad(piece: Piece, corners: readonly Vec[], radius: number): Solid {
  const [from, to, ...further] = corners as [Vec, Vec, ...Vec[]];
  return { ...base(piece), from, to, further, fromRadius: radius, toRadius: radius };
}

/** A wheel with its tyre, its spokes and its axle across the way it rolls, leaned to the left by so much. */
export function wheel(
  name: string,
  at: Vec,
  {
    radius,
    tyre,
    spokes = 0,
    axle = { x: 0, y: 1, z: 0 },
  }: { readonly radius: number; readonly tyre: number; readonly spokes?: number; readonly axle?: Vec },
): Solid[] {
  const rim: Solid = {
    ...base({ name, part: "tool", made: "black" }),
    from: at,
    to: at,
    fromRadius: tyre,
    toRadius: tyre,
    ring: { axle, radius: radius - tyre },
  };
  const inner = radius - 2 * tyre;
  const rods = Array.from({ length: spokes }, (_, i) => {
    const [c, s] = [Math.cos((Math.PI * i) / spokes), Math.sin((Math.PI * i) / spokes)];
    const end: Vec = { x: c * inner, y: 0, z: s * inner };
    return chain(
      { name: `${name} spoke`, part: "tool", made: "stone" },
      [add(at, end), add(at, end, -1)],
      [0.006],
    )[0]!;
  });
  return [...rods, rim];
}

/** The same to the left and to the right. */
export const bothSides = (of: (side: 1 | -1) => readonly Solid[]): Solid[] => [...of(-1), ...of(1)];

/** Where a chain of bones ends that hangs from a place: each so long, at so many degrees forward of straight down. */
export function hanging(from: Vec, lengths: readonly number[], degrees: readonly number[]): Vec[] {
  const places = [from];
  lengths.forEach((length, i) => {
    const angle = (degrees[i]! * Math.PI) / 180;
    places.push(add(places.at(-1)!, { x: Math.sin(angle), y: 0, z: -Math.cos(angle) }, length));
  });
  return places;
}

/** Solids set down on the ground, or so far off it. */
export function setDown(solids: readonly Solid[], off = 0): Vec {
  return { x: 0, y: 0, z: off - reachAlong(solids, { x: 0, y: 0, z: 1 }).least };
}

/** Solids turned so many degrees up in front. */
export const tipped = (solids: readonly Solid[], degrees: number): Solid[] =>
  solids.map((solid) => turnedWith(solid, about(UPRIGHT, "y", -degrees)));

/** Solids leaned so many degrees to their right. */
export const leaned = (solids: readonly Solid[], degrees: number): Solid[] =>
  solids.map((solid) => turnedWith(solid, about(UPRIGHT, "x", degrees)));
