import type { PersonPose } from "../pose";
import { posedPerson } from "../person";
import { enlarged, moved, type Solid } from "../solid";
import { add, between, type Vec } from "../turned";
import type { Tool } from "../tools";

/** Metres of who rides, rows or drives, standing upright (common practice: the mean of women and men). */
const STANDING = 1.75;

/** Somebody placed with the middle of the hips at a place, in metres. */
export interface Placed {
  readonly solids: readonly Solid[];
  readonly face: Vec;
  /** In metres. */
  readonly leftHand: Vec;
  readonly rightHand: Vec;
}

/** A person with the hips at a place, metres; `standing` is the height upright. */
export function personAt(
  pose: PersonPose,
  at: Vec,
  { tools = [], standing = STANDING }: { readonly tools?: readonly Tool[]; readonly standing?: number } = {},
): Placed {
  const person = posedPerson({ ...pose, off: 9 }, tools);
  const hips = person.solids.find((s) => s.name === "hips")!;
  const by = add(at, between(hips.from, hips.to, 0.5), -standing);
  const inMetres = (v: Vec): Vec => add(by, v, standing);
  return {
    solids: person.solids.map((s) => moved(enlarged(s, standing), by)),
    face: person.face,
    leftHand: inMetres(person.leftHand),
    rightHand: inMetres(person.rightHand),
  };
}

/** A helmet over the head of somebody placed. */
export function helmet({ solids }: Pick<Placed, "solids">, made: Solid["made"] = "red"): Solid {
  const hair = solids.find((s) => s.name === "hair")!;
  return {
    ...hair,
    name: "helmet",
    made,
    fromRadius: hair.fromRadius * 1.14,
    toRadius: hair.toRadius * 1.14,
    over: [hair.from, hair.to],
  };
}
