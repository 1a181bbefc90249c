import { bodyNameOf } from "@/core/catalogue";
import type { Swatch } from "@/core/ground";
import type { Beside } from "@/core/picture";
import { bodyFigure, type FigureSeen } from "./body-figure";
import type { Subject } from "@/core/motion";

/** Somebody about the subject: metres to the right and beyond, degrees turned against it, which team, and how far through the movement. */
type One = readonly [right: number, beyond: number, turned: number, team: "own" | "other", pose: number];

/** Who is usually about somebody, by how they compete (common practice; where each stands is invented). */
const COMPANY = {
  team: [
    [-2.6, 1.6, 40, "other", 0],
    [3.4, 3.2, -60, "own", 1],
    [-5.8, 6.5, 20, "own", 2],
    [1.8, 9, 150, "other", 0],
    [7.2, 14, -30, "other", 1],
    [-3.9, 18, 90, "own", 2],
  ],
  race: [
    [-0.9, 1.3, 0, "other", 0],
    [0.6, 2.5, 0, "own", 2],
    [-2.2, 3.8, 0, "other", 1],
    [1.5, 5, 0, "other", 0],
    [-3.2, 6.2, 0, "own", 2],
    [2.6, 7.4, 0, "other", 1],
  ],
  opponent: [[0, 0, 180, "other", 0]],
  herd: [
    [-2.4, 3.4, 20, "own", 0],
    [3.6, 5.2, -30, "own", 2],
    [-6, 9, 60, "own", 1],
    [5.4, 14, 140, "own", 0],
    [-1.2, 20, -70, "own", 1],
    [9, 24, 10, "own", 2],
  ],
} as const satisfies Readonly<Record<string, readonly One[]>>;

export type CompanyKind = keyof typeof COMPANY;

const TEAM =
  "running|dribbling|tackle|kick|header|high catch|dig|spike|block|jump shot|dunk|throwing|passing|shot at a ring|drag flick|running with a stick|skating with a stick|striking|lacrosse shot|reacting|celebrating|wheelchair basketball|wheelchair rugby|water polo|polo";
const RACE =
  "sprint start|hurdling|race walking|speed skating|cross-country skiing|front crawl|breaststroke|butterfly stroke|backstroke|open water|swim start|road cycling|track cycling|mountain biking|bmx racing|cyclo-cross|wheelchair racing|horse racing|harness racing|road motorcycle|motocross|speedway|kart|canoe sprint";
const OPPONENT = "boxing|fencing|judo|wrestling|high kick";
const HERD =
  "deer running|antelope|boar|elephant|swan swimming|duck swimming|duck dabbling|gull standing|goose grazing|wader|puffin standing|seal|rabbit|kangaroo";

const KIND: ReadonlyMap<string, CompanyKind> = new Map(
  Object.entries({ team: TEAM, race: RACE, opponent: OPPONENT, herd: HERD }).flatMap(([kind, names]) =>
    names.split("|").map((name) => [name, kind as CompanyKind]),
  ),
);

/** Who is usually about a subject; nothing where it is alone. */
export const companyKind = (subject: Pick<Subject, "id" | "like" | "figure">): CompanyKind | undefined =>
  KIND.get(bodyNameOf(subject));

/** Shares of a body's size by which a herd or a race of others than persons stands farther apart. */
const PERSON = 1.75;

/** Who stands about a subject in its picture, each as it is seen from there; nobody where it is usually alone. */
export function companyOf(subject: Subject, seen: FigureSeen): Beside[] {
  const kind = companyKind(subject);
  if (!kind) return [];
  const other: Swatch = subject.colour === "red" ? "white" : "red";
  const apart = Math.max(1, (subject.length ?? subject.height) / PERSON);
  const facing = kind === "opponent" ? Math.max(0.5, 0.55 * subject.height) : 0;
  return COMPANY[kind].map(([right, beyond, turned, team, pose]) => ({
    figure: bodyFigure(subject, {
      ...seen,
      turn: seen.turn + turned,
      phase: pose,
      ...(seen.sun && { sun: { ...seen.sun, turn: seen.sun.turn - seen.heads * turned } }),
    }),
    right: right * apart + facing * seen.heads * Math.sin((seen.turn * Math.PI) / 180),
    beyond: beyond * apart - facing * Math.cos((seen.turn * Math.PI) / 180),
    ...(team === "other" && kind !== "herd" && { colour: other }),
  }));
}
