import { contours } from "d3-contour";
import simplify from "simplify-js";
import { bodyFigure, type FigureSeen } from "../../src/answers/frame/body-figure";
import type { FigureName } from "../../src/core/body";
import { SUBJECTS, bodyNameOf } from "../../src/core/catalogue";
import { FIGURES as SILHOUETTES } from "../../src/core/motion";

/** What the list of outings draws of bodies: their outlines by name, and which body is whose. */
export interface Outlines {
  /** Paths in a box of 100 units, the longer side filling it, y down, standing on its lower edge. */
  readonly bodies: Readonly<Partial<Record<FigureName, string>>>;
  /** The body of each subject of the library. */
  readonly subjects: Readonly<Record<string, string>>;
  /** The body of somebody's own subject by its figure. */
  readonly figures: Readonly<Record<string, string>>;
}

/** Half from the side: limbs stand apart, and one sees which way it goes. */
const SEEN: FigureSeen = { turn: 70, above: 5, phase: "peak", heads: 1, aloft: true, mirrored: false };
const BOX = 100;
/** Units of the box by which an outline may differ from the body's. */
const EXACT = 0.6;
/** Units square: what is smaller is not seen at the size of a row. */
const SPECK = 3;
/** Cells of the grid to a unit, units of room about the box, and cells of a side. */
const FINE = 3;
const MARGIN = 2;
const GRID = (BOX + 2 * MARGIN) * FINE;

type Ring = readonly (readonly [number, number])[];

const areaOf = (ring: Ring): number =>
  Math.abs(
    ring.reduce((sum, [x, y], i) => {
      const [u, v] = ring[(i + 1) % ring.length]!;
      return sum + x * v - u * y;
    }, 0) / 2,
  );

function simpler(ring: Ring): Ring {
  return simplify(
    ring.map(([x, y]) => ({ x, y })),
    EXACT,
    true,
  ).map(({ x, y }) => [Math.round(x), Math.round(y)] as const);
}

/** The outline of a body as one path: what its pieces cover together, with the holes that they leave. */
export function outlineOf(pieces: readonly { readonly outline: Ring }[]): string {
  const all = pieces.flatMap((p) => p.outline);
  const [left, right] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const [low, high] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
  const scale = BOX / Math.max(right - left, high - low);
  const inset = (BOX - (right - left) * scale) / 2;
  const placed = pieces.map(({ outline }) =>
    outline.map(([x, y]) => [inset + (x - left) * scale, BOX - (y - low) * scale] as const),
  );
  return contours()
    .size([GRID, GRID])
    .contour(covered(placed), 0.5)
    .coordinates.flat()
    .map((ring) => ring.map(([x, y]) => [x! / FINE - MARGIN, y! / FINE - MARGIN] as const))
    .filter((ring) => areaOf(ring) > SPECK)
    .map(simpler)
    .map(
      (ring) =>
        `M${ring
          .slice(0, -1)
          .map((p) => p.join(" "))
          .join("L")}Z`,
    )
    .join("");
}

/** The share of each cell of the grid that any of the outlines covers: 1 or 0, by its middle. */
function covered(outlines: readonly Ring[]): number[] {
  const cells = new Array<number>(GRID * GRID).fill(0);
  for (const ring of outlines)
    for (let row = 0; row < GRID; row++) {
      const y = (row + 0.5) / FINE - MARGIN;
      const crossings = ring
        .flatMap(([ax, ay], i) => {
          const [bx, by] = ring[(i + 1) % ring.length]!;
          return ay > y === by > y ? [] : [ax + ((y - ay) / (by - ay)) * (bx - ax)];
        })
        .sort((a, b) => a - b);
      for (let k = 0; k + 1 < crossings.length; k += 2) {
        const from = Math.max(0, Math.ceil((crossings[k]! + MARGIN) * FINE - 0.5));
        const to = Math.min(GRID - 1, Math.floor((crossings[k + 1]! + MARGIN) * FINE - 0.5));
        for (let column = from; column <= to; column++) cells[row * GRID + column] = 1;
      }
    }
  return cells;
}

/** The outlines of all bodies of the library, made from the bodies themselves. */
export function outlines(): Outlines {
  const subjects = Object.fromEntries(SUBJECTS.map((s) => [s.id, bodyNameOf(s)]));
  const figures = Object.fromEntries(SILHOUETTES.map((figure) => [figure, bodyNameOf({ id: "", figure })]));
  const bodies: Partial<Record<FigureName, string>> = {};
  for (const subject of SUBJECTS) bodies[bodyNameOf(subject)] ??= outlineOf(bodyFigure(subject, SEEN));
  return { bodies, subjects, figures };
}
