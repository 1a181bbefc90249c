import simplify from "simplify-js";
import {
  boxOutline,
  needsLeave,
  toOutline,
  venueAreasOf,
  type DrawnKind,
  type Point,
  type VenueArea,
  type VenueTemplate,
} from "@/core/ground";
import type { Outing } from "@/data";
import { furnishings } from "../furnished";
import { toCentimetre } from "../rounded";
import { sceneryAbout } from "./scenery";

type Ground = Outing["ground"];
type Kind = VenueArea["kind"];

/** What the parts of a venue are where nothing is painted: closed to everybody all the same. */
const LAID: Readonly<Partial<Record<Kind, readonly [kind: DrawnKind, name: string]>>> = {
  "field-of-play": ["no-go", "Pitch, not marked"],
  lanes: ["no-go", "Run-up or lane, not marked"],
  ice: ["no-go", "Ice"],
  mat: ["no-go", "Mat"],
  pit: ["no-go", "Pit"],
  range: ["no-go", "Range"],
  course: ["no-go", "Course, not marked"],
  escape: ["no-go", "Run-off of the bend"],
  edge: ["drop", "Edge"],
  enclosure: ["no-go", "Enclosure"],
  water: ["surface", "Water"],
  "landing-sector": ["throwing", "Landing sector"],
};

/** Metres from the spot within which something of a stadium has to lie for the subject to act in it. */
const NEAR = 4;
/** Metres of a run-up and what it ends in, and across it, where a venue has no part for them. */
const RUN_UP = { length: 30, width: 10 };
/** Metres by which a curve may be straightened. */
const STRAIGHTENED = 0.5;

const asDrawn = (outline: readonly Point[]): Point[] =>
  simplify([...outline], STRAIGHTENED, true).map(toCentimetre);

/**
 * Open ground for a sport that has a venue of its own: its pitch, pit, water or sector as nobody has marked them, with what stands there.
 * Of a stadium, whose lanes lie all about it, what lies near the spot, or else a course or a run-up through it.
 */
export function unmarked(
  usual: VenueTemplate,
  lie: Pick<Ground["venue"], "bearing" | "centre">,
  { at, facing }: { readonly at: Point; readonly facing: number },
): Pick<Ground, "areas" | "obstacles" | "tracks" | "surface"> {
  const venue = { ...lie, template: usual.id };
  const all = venueAreasOf(venue);
  const infield = all.find(({ kind }) => kind === "infield");
  const near = ({ outline }: { readonly outline: readonly Point[] }): boolean =>
    infield === undefined || toOutline(at, outline) < NEAR;
  const goesRound = (part: VenueArea): boolean =>
    infield !== undefined && infield.outline.every((p) => part.holds(p));
  const areas = all
    .filter((part) => !needsLeave(part.kind) && !goesRound(part) && near(part))
    .flatMap(({ kind, surface, outline, part }): Ground["areas"] => {
      const laid = LAID[kind];
      if (!laid) return [];
      const [closed, name] = laid;
      const id = `laid-${part + 1}`;
      return [{ id, name, kind: closed, ...(surface && { surface }), outline: asDrawn(outline) }];
    });
  if (areas.length > 0)
    return {
      areas,
      obstacles: furnishings(venue).obstacles.filter((o) => !("outline" in o) || near(o)),
      tracks: [],
      surface: usual.surface ?? "grass",
    };
  if (!infield?.holds(at)) return sceneryAbout(at, facing, "field-course");
  const outline = boxOutline({ middle: at, ...RUN_UP, bearing: facing }).map(toCentimetre);
  return {
    areas: [{ id: "laid-1", name: "Run-up and landing", kind: "no-go", outline }],
    obstacles: [],
    tracks: [],
    surface: "grass",
  };
}
