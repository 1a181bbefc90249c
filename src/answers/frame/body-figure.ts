import {
  FIGURES,
  bodySeen,
  middleOf,
  reachAlong,
  shadowSeen,
  viewOf,
  type Figure,
  type Light,
  type Posed,
  type SolidSeen,
  type View,
  type Wears,
} from "@/core/body";
import { bodyOf, type Bodied } from "@/core/catalogue";
import type { FigurePiece, PieceLook } from "@/core/picture";

/** Where in its movement a figure is seen. */
export type Phase = "start" | "peak" | "end" | "between";

/** How a figure is seen. */
export interface FigureSeen {
  /** Degrees between the way it faces and the camera: 0 face on, 90 from the side, 180 from behind. */
  readonly turn: number;
  /** Degrees by which the camera looks down on it. */
  readonly above: number;
  /** Where in its movement it is seen, or which of its poses. */
  readonly phase: Phase | number;
  /** 1 faces to the right of the picture, −1 to the left. */
  readonly heads: 1 | -1;
  /** Whether it is off the ground, and stands on its middle. */
  readonly aloft: boolean;
  /** Whether it acts with the other hand than most. */
  readonly mirrored: boolean;
  /** Where the sun stands to it that throws its shadow; none where it throws none. */
  readonly sun?: Light;
  /** Set where each piece tells how it moves: three poses are worked out instead of one. */
  readonly moving?: boolean;
}

/** What a solid of a person is made of, by its name: in shorts and bare legs. */
const LOOKS: readonly (readonly [RegExp, PieceLook])[] = [
  [/^hair$/, "hair"],
  [/foot$/, "shoes"],
  [/shorts$|^hips$/, "shorts"],
  [/flank$|^ribs$|^shoulders$|upper arm$/, "kit"],
  [/shank$|thigh$|forearm$|hand$|^neck$|^nose$|^head$/, "skin"],
  [/^(ball|shot|discus|stone)$/, "ball"],
];
/** What of something built is of the subject's own colour, where one is told: its coat, its hull, its sail. */
const COATED =
  /^(trunk|neck|head|ear|body|belly|tail|left wing|right wing|wing|fore wing|hind wing|hull|sail|tub|side pod|engine cover|cabin|fuselage|fairing|roof|crest)$/;

/** What a solid is made of on somebody who wears such things. */
function lookOf({ name, made }: Pick<SolidSeen, "name" | "made">, wears: Wears): PieceLook {
  if (/eye$/.test(name)) return "eye";
  if (made) return COATED.test(name) ? "coat" : "tool";
  const isTrunk = /flank$|^ribs$|^shoulders$|^hips$|shorts$/.test(name);
  const isBare = wears === "trunks" || wears === "gloves";
  if (/^(helmet|cap|peak)$/.test(name)) return "kit";
  if (isBare && /flank$|^ribs$|^shoulders$|arm$/.test(name)) return "skin";
  if (wears === "gloves" && /hand$/.test(name)) return "kit";
  if (isBare && isTrunk) return "kit";
  if (wears === "suit" && isTrunk) return "kit";
  if (wears === "suit" && /arm$/.test(name)) return "skin";
  if ((wears === "trunks" || wears === "suit") && /foot$/.test(name)) return "skin";
  const isLeg = /shank$|thigh$/.test(name);
  if (isLeg && wears === "trousers") return "shorts";
  if (/forearm$/.test(name) && wears === "trousers") return "kit";
  if (/shank$/.test(name) && wears === "socks") return "socks";
  return LOOKS.find(([is]) => is.test(name))?.[1] ?? "tool";
}

/** The poses of a subject by name, in the order of its movement, and which is the peak. */
export function bodyPoses(subject: Bodied): { readonly names: readonly string[]; readonly peak: number } {
  const { names, peak } = FIGURES[bodyOf(subject).name];
  return { names, peak };
}

const poseOf = ({ names, peak }: Figure, phase: FigureSeen["phase"]): number =>
  typeof phase === "number" ? phase : { start: 0, between: 0, peak, end: names.length - 1 }[phase];

/** Off the ground by no more than a stride, where the spot says that it is on it. */
const STRIDE = 0.12;

/** A figure in one of its poses as a spot has it: on its ground, or off it. */
const posedAs = (
  figure: Figure,
  pose: number,
  { mirrored, aloft }: Pick<FigureSeen, "mirrored" | "aloft">,
): Posed =>
  figure.posed({ pose, mirrored, offAtMost: aloft ? 0 : STRIDE * (figure.unit === "standing" ? 1 : 2) });

/** What of a body is seen from somewhere, and how deep it is from there. */
export function bodySeenFrom(subject: Bodied, { turn, above, phase, heads, aloft, mirrored }: FigureSeen) {
  const { name, size } = bodyOf(subject);
  const figure = FIGURES[name];
  return {
    ...bodySeen(posedAs(figure, poseOf(figure, phase), { mirrored, aloft }), { turn: heads * turn, above }),
    size,
  };
}

/** A body from straight above, facing up the drawing. */
const FROM_ABOVE = { turn: 180, above: 90, heads: 1, aloft: false } as const;

/** The outlines in metres of a body from straight above, the way it faces upward, and where its eyes are. */
export function bodyFromAbove(subject: Bodied, seen: Pick<FigureSeen, "phase" | "mirrored">) {
  const pieces = bodyFigure(subject, { ...FROM_ABOVE, ...seen });
  const eyes = pieces.filter((p) => p.look === "eye").flatMap((p) => p.outline);
  return { pieces, eye: eyes.length > 0 ? middleOf(eyes) : ([0, 0] as const) };
}

/** The outlines in metres of a subject's body, from the farthest to the nearest, its shadow first. */
export function bodyFigure(subject: Bodied, seen: FigureSeen): FigurePiece[] {
  const { turn, above, phase, heads, aloft, mirrored, sun, moving: isMoving = false } = seen;
  const { name, size } = bodyOf(subject);
  const figure = FIGURES[name];
  const at = poseOf(figure, phase);
  const posed = (pose: number): Posed => posedAs(figure, pose, { mirrored, aloft });
  const body = posed(at);
  const view: View = { turn: heads * turn, above };
  const look = viewOf(view);
  const solids = look.seen(body.solids);
  const flesh = body.solids.filter((s) => s.part !== "tool");
  const up = reachAlong(flesh.length > 0 ? flesh : body.solids, { x: 0, y: 0, z: 1 });
  const base = aloft ? (up.least + up.most) / 2 : 0;
  const own = solids.filter((s) => s.part !== "tool");
  const xs = (own.length > 0 ? own : solids).flatMap((s) => s.outline.map(([x]) => x));
  const centre = (Math.min(...xs) + Math.max(...xs)) / 2;
  const place = ([x, y]: readonly [number, number]): readonly [number, number] => [
    (x - centre) * size,
    (y - base) * size,
  ];
  const place3 = ([x, y, z]: readonly [number, number, number]) => [...place([x, y]), z * size] as const;
  const shadow = sun && !aloft ? shadowSeen(body.solids, sun, view) : [];
  const moving = isMoving ? movesOf(figure, at, solids, (pose) => look.seen(posed(pose).solids)) : [];
  return [
    ...shadow.map((outline): FigurePiece => ({ part: "body", look: "shadow", outline: outline.map(place) })),
    ...solids.map((solid, i): FigurePiece => {
      const { part, outline, hub, made, round, flat } = solid;
      return {
        part,
        look: lookOf(solid, figure.wears),
        outline: outline.map(place),
        ...(made && { made }),
        ...(hub && { hub: place(hub) }),
        ...(flat && { flat: { looks: flat.looks, through: place3(flat.through) } }),
        ...(round && {
          round: {
            from: place3(round.from),
            to: place3(round.to),
            radii: [round.radii[0] * size, round.radii[1] * size] as const,
          },
        }),
        ...(moving[i] && { moves: moving[i] }),
      };
    }),
  ];
}

/** How each solid moves between the poses before and after one, against the fastest of its kind; nothing where it has no fellow there. */
function movesOf(
  { names }: Figure,
  at: number,
  solids: readonly SolidSeen[],
  seenAt: (pose: number) => readonly SolidSeen[],
): (FigurePiece["moves"] | undefined)[] {
  const named = (all: readonly SolidSeen[]) => new Map(all.map((s) => [s.id, middleOf(s.outline)]));
  const before = named(at > 0 ? seenAt(at - 1) : solids);
  const after = named(at < names.length - 1 ? seenAt(at + 1) : solids);
  const paths = solids.map((s) => {
    const [a, b] = [before.get(s.id), after.get(s.id)];
    return a && b ? ([b[0] - a[0], b[1] - a[1]] as const) : undefined;
  });
  const most = new Map<string, number>();
  solids.forEach(({ part }, i) => {
    const path = paths[i];
    if (path) most.set(part, Math.max(most.get(part) ?? 0, Math.hypot(...path)));
  });
  return solids.map(({ part }, i) => {
    const path = paths[i];
    const fastest = most.get(part) ?? 0;
    if (!path || fastest < 1e-9) return undefined;
    return {
      share: Math.hypot(...path) / fastest,
      direction: (Math.atan2(path[1], path[0]) * 180) / Math.PI,
    };
  });
}
