import { standingAt, VENUES } from "@/core/ground";
import { hallFor } from "@/data";
import { demoOutings } from "../../../demo";
import { roomNear } from "./begin-thing";

const outing = demoOutings[0]!;

/** The demo's outing at another venue with nothing of its own. */
function bareAt(template: string) {
  const venue = { template, bearing: 20, centre: { x: 0, y: 0 } };
  const hall = hallFor(venue);
  const { hall: _, ...ground } = outing.ground;
  return {
    ground: {
      ...ground,
      venue,
      ...(hall && { hall }),
      areas: [],
      obstacles: [],
      positions: [],
      spots: [],
      tracks: [],
      masts: [],
    },
  };
}

test("a new position in the middle of the water or of the play was put there: at every venue it is put where somebody may stand", () => {
  const closed = VENUES.filter(({ id }) => standingAt(bareAt(id).ground, { x: 0, y: 0 }).rule === "never");
  expect(closed.length).toBeGreaterThan(20);
  for (const { id } of closed) {
    const here = bareAt(id);
    const at = roomNear(here, { x: 0, y: 0 }, 8, "position");
    expect([id, standingAt(here.ground, at).rule]).not.toEqual([id, "never"]);
    // Anything else is put in the middle, where it was wished.
    expect(roomNear(here, { x: 0, y: 0 }, 8, "obstacle")).toEqual({ x: 0, y: 0 });
  }
});

test("two things are not put on each other while there is room", () => {
  const one = { ...outing.ground.spots[0]!, at: { x: 0, y: 0 } };
  const here = { ground: { ...bareAt("open-ground").ground, spots: [one] } };
  const at = roomNear(here, { x: 0.5, y: 0 }, 6, "spot");
  expect(Math.hypot(at.x, at.y)).toBeGreaterThanOrEqual(3);
});
