import { ON_GROUND, thingsIn } from "@/answers/plan/kinds";
import type { ObstacleKind } from "@/core/ground";
import type { Outing } from "@/data";
import type { Beginning } from "@/outing/begin/begin-thing";
import { rowOf } from "@/outing/things/sorts";
import { drawnKindWords, obstacleWords, trackKindWords } from "@/words";

const PLAIN = { position: "Position", spot: "Spot", zone: "Light zone", window: "Window" } as const;
const LAMPS = { mast: "Lamp mast", lamp: "Single lamp" } as const;

/** What a new thing is called. */
export function beginningWords(what: Beginning): string {
  switch (what.sort) {
    case "obstacle":
      return obstacleWords(what.kind);
    case "area":
      return drawnKindWords(what.kind);
    case "track":
      return trackKindWords(what.kind);
    case "mast":
      return LAMPS[what.kind];
    default:
      return PLAIN[what.sort];
  }
}

/** A name that no other thing of its sort has: "Hedge", then "Hedge 2". */
export function freeName({ ground }: Pick<Outing, "ground">, what: Beginning): string {
  const base = beginningWords(what);
  const taken = new Set(
    rowOf(what.sort)
      .of(ground)
      .map((thing) => thing.name),
  );
  for (let n = 1; ; n++) {
    const name = n === 1 ? base : `${base} ${n}`;
    if (!taken.has(name)) return name;
  }
}

const obstacles = (kinds: readonly ObstacleKind[]): Beginning[] =>
  kinds.map((kind) => ({ sort: "obstacle", kind }));
/** Everything that can be put on a ground, by what one looks for it under. */
export const BEGINNINGS: readonly { readonly title: string; readonly things: readonly Beginning[] }[] = [
  {
    title: "Where you stand, where it happens",
    things: [
      { sort: "position" },
      { sort: "spot" },
      ...ON_GROUND.tracks.map((kind): Beginning => ({ sort: "track", kind })),
    ],
  },
  { title: "Built", things: obstacles(thingsIn("built")) },
  { title: "Netting, boards and walls", things: obstacles(thingsIn("netting")) },
  { title: "Grows, and the lie of the ground", things: obstacles(thingsIn("grows")) },
  {
    title: "Light",
    things: [
      { sort: "zone" },
      { sort: "area", kind: "canopy" },
      { sort: "window" },
      { sort: "mast", kind: "mast" },
      { sort: "mast", kind: "lamp" },
    ],
  },
  {
    title: "Behind it all",
    things: [
      ...obstacles(thingsIn("behind")),
      { sort: "area", kind: "surface" },
      { sort: "area", kind: "path" },
    ],
  },
  {
    title: "Closed or dangerous",
    things: (["no-go", ...ON_GROUND.hazards, "nest"] as const).map((kind) => ({ sort: "area", kind })),
  },
  {
    title: "Kept for somebody",
    things: (["photographers-line", "cheer-side"] as const).map((kind) => ({ sort: "area", kind })),
  },
];

/** Whether a thing is made by tapping its points: it has more of them than one. */
export const isTapped = (what: Beginning): boolean =>
  what.sort === "track" ||
  what.sort === "area" ||
  what.sort === "zone" ||
  (what.sort === "obstacle" && what.kind !== "tree");

/** Points that a tapped thing is made of: at least, and at most. */
export function pointsOf(what: Beginning): { readonly least: number; readonly most: number } {
  if (what.sort === "track") return { least: 2, most: 200 };
  if (what.sort === "obstacle" && (what.kind === "pole" || what.kind === "branch"))
    return { least: 2, most: 2 };
  return { least: 3, most: 64 };
}
