import { VENUES } from "@/core/ground";
import { fromNothing } from "../../test/outings";
import { changeVenue, changeThing, editVenue, removeThing } from "./edits";
import { furnishings } from "./furnished";

const match = fromNothing("football-runner");
const goals = match.ground.obstacles.filter((o) => o.kind === "goal");
const furniture = match.ground.obstacles;

test("goals stayed as they stood when their pitch was turned: they turn and move with it, under their own ids", () => {
  expect(goals).toHaveLength(2);
  const turned = editVenue({ bearing: 90 })(match).ground;
  const now = turned.obstacles;
  expect(now.map((o) => o.id)).toEqual(furniture.map((o) => o.id));
  expect(now).toEqual(furnishings({ ...match.ground.venue, bearing: 90 }).obstacles);
  const back = editVenue({ bearing: 0 })({ ...match, ground: turned }).ground;
  expect(back.obstacles).toEqual(match.ground.obstacles);
});

test("what was moved by hand stays where it was put, what was taken away does not come back", () => {
  const [first, second] = goals;
  if (!first || !("outline" in first) || !second) throw new Error("a pitch has two goals");
  const outline = first.outline.map(({ x, y }) => ({ x: x + 3, y }));
  const moved = changeThing({ sort: "obstacle", id: first.id }, (thing) => ({ ...thing, outline }))(match);
  const without = removeThing({ sort: "obstacle", id: second.id })(moved);
  const turned = editVenue({ bearing: 45 })(without).ground.obstacles;
  expect(turned.filter((o) => o.kind === "goal")).toEqual(
    without.ground.obstacles.filter((o) => o.kind === "goal"),
  );
});

test("another venue brings what stands on it, and takes along what stood on the one before", () => {
  const outline = [
    { x: 60, y: 0 },
    { x: 61, y: 0 },
    { x: 61, y: 9 },
  ];
  const hedge = { id: "hedge", name: "Hedge", kind: "hedge" as const, height: 2, outline };
  const hedged = { ...match, ground: { ...match.ground, obstacles: [...match.ground.obstacles, hedge] } };
  let changed = 0;
  for (const { id } of VENUES.filter((v) => v.id !== "football")) {
    const { ground } = changeVenue(id)(hedged);
    expect([id, ground.obstacles]).toEqual([id, [hedge, ...furnishings(ground.venue).obstacles]]);
    expect([id, ground.areas]).toEqual([id, furnishings(ground.venue).areas]);
    expect(changeVenue("football")({ ...hedged, ground }).ground.obstacles).toEqual([hedge, ...furniture]);
    changed++;
  }
  expect(changed).toBe(VENUES.length - 1);
});
