import type { Scenery } from "@/core/catalogue";
import { alongBearing, boxOutline, type Point } from "@/core/ground";
import type { Outing } from "@/data";
import { toCentimetre } from "../rounded";

type Ground = Outing["ground"];

/** What a subject that is met in the open brings with it. */
type Set = Pick<Ground, "surface" | "areas" | "tracks" | "obstacles">;

const NOTHING: Set = { surface: "grass", areas: [], tracks: [], obstacles: [] };

/** Metres of a course that are drawn on either side of the spot, and half the width that is closed along it. */
const COURSE = 60;
const CLOSED = { road: 8, "field-course": 6, racecourse: 8, "snow-course": 6 };
/** Metres of a running rail, and of its posts’ breadth. */
const RAIL = { height: 1.1, breadth: 0.1 };

const box = (middle: Point, length: number, width: number, bearing: number): Point[] =>
  boxOutline({ middle, length, width, bearing }).map(toCentimetre);

/** The running rails on both sides of a racecourse. */
const rails = (at: Point, facing: number): Ground["obstacles"] =>
  (["left", "right"] as const).map((side) => {
    const aside = alongBearing(facing + (side === "left" ? -90 : 90));
    const middle = { x: at.x + aside.x * CLOSED.racecourse, y: at.y + aside.y * CLOSED.racecourse };
    const outline = box(middle, 2 * COURSE, RAIL.breadth, facing);
    return { id: `rail-${side}`, name: `Rail, ${side}`, kind: "rail", outline, height: RAIL.height };
  });

/** A course through the spot along the way the subject goes, closed to everybody: nobody stands where it comes. */
function course(at: Point, facing: number, scenery: keyof typeof CLOSED): Set {
  const line = box(at, 2 * COURSE, 0.02, facing);
  return {
    ...NOTHING,
    surface: scenery === "snow-course" ? "snow" : "grass",
    areas: [
      ...(scenery === "road"
        ? [
            {
              id: "road",
              name: "Road",
              kind: "surface" as const,
              surface: "track" as const,
              outline: box(at, 2 * COURSE, 7, facing),
            },
          ]
        : []),
      {
        id: "course",
        name: "Course and its edge",
        kind: "no-go",
        outline: box(at, 2 * COURSE, 2 * CLOSED[scenery], facing),
      },
    ],
    obstacles: scenery === "racecourse" ? rails(at, facing) : [],
    tracks: [{ id: "course", name: "Course", kind: "course", points: [line[1]!, line[0]!] }],
  };
}

/** Metres from the spot to the shore, of the sea from beyond the break, and how far the water lies about it. */
const SHORE = { water: 6, sea: 60 };
const WATER = 200;
/** A wall behind the climber, metres. */
const WALL = { behind: 0.6, thick: 1, wide: 16, tall: 12 };

/** The ground about a subject in the open: course, water, snow or wall, laid about the spot. */
export function sceneryAbout(at: Point, facing: number, scenery: Scenery): Set {
  switch (scenery) {
    case "road":
    case "field-course":
    case "racecourse":
    case "snow-course":
      return course(at, facing, scenery);
    case "water":
    case "sea": {
      const middle = { x: at.x, y: at.y + WATER / 2 - SHORE[scenery] };
      return {
        ...NOTHING,
        areas: [
          {
            id: "water",
            name: "Water",
            kind: "surface",
            surface: "water",
            outline: box(middle, WATER, WATER, 0),
          },
        ],
      };
    }
    case "wall": {
      const middle = { x: at.x, y: at.y + WALL.behind + WALL.thick / 2 };
      const outline = box(middle, WALL.thick, WALL.wide, 0);
      return {
        ...NOTHING,
        obstacles: [{ id: "wall", name: "Wall", kind: "building", outline, height: WALL.tall }],
      };
    }
    default:
      return NOTHING;
  }
}
