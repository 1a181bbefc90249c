import { fromVenue, standingAt, venueAreasOf, VENUES, type Ground, type LeaveKind, type Point } from ".";
import { WAY } from "./venues";

const groundOf = (template: string, more: Partial<Ground> = {}): Ground => ({
  anchor: { latitude: 50, longitude: 8, elevation: 100 },
  venue: { template, bearing: 33, centre: { x: 4, y: -7 } },
  zones: [],
  spots: [],
  tracks: [],
  obstacles: [],
  masts: [],
  areas: [],
  positions: [],
  ...more,
});
const at = (template: string, x: number, y: number, leave?: readonly LeaveKind[]) => {
  const ground = groundOf(template, leave && { leave });
  return standingAt(ground, fromVenue(ground.venue, { x, y }));
};

test.each([
  ["on the football pitch, 8 m from a player", "football", 10, 20, "never", "field-of-play"],
  ["in the discus sector", "throwing-sector", 2, 10, "never", "landing-sector"],
  ["in the javelin sector", "javelin-sector", 0, 30, "never", "landing-sector"],
  ["on the javelin runway", "javelin-sector", 0, -60, "never", "lanes"],
  ["in the water of the pool", "pool-25", 3, 5, "never", "water"],
  ["in the teaching pool", "pool-10", 1, 1, "never", "water"],
  ["on the court with baskets", "basketball", 3, 8, "never", "field-of-play"],
  ["in the lanes of the track", "athletics-400", 40, 0, "never", "lanes"],
  ["where sprinters run out", "athletics-400", 40, 55, "never", "lanes"],
  ["among throws that land in the infield", "athletics-400", 0, 20, "never", "landing-sector"],
  ["in the long jump’s pit", "athletics-400", -50.5, 16, "never", "pit"],
  ["on the ice", "ice-hockey", 0, 10, "never", "ice"],
  ["on the judo mat", "judo-mat", 0, 0, "never", "mat"],
  ["between archers and targets", "archery-70", 0, 0, "never", "range"],
  ["behind the archers’ targets", "archery-70", 0, 55, "never", "range"],
  ["on the boards of the velodrome", "velodrome", 33, 0, "never", "lanes"],
  ["on the rowing course", "rowing-course", 0, 0, "never", "water"],
  ["in fair ground of the diamond", "baseball", 0, 20, "never", "field-of-play"],
  ["in the infield of the track", "athletics-400", 30, 30, "by-leave", "infield"],
  ["on the pool deck", "pool-25", 12, 0, "by-leave", "pool-deck"],
  ["on the baseline", "basketball", 4, 15, "by-leave", "baseline"],
  ["beside the football pitch", "football", 35, 0, "by-leave", "run-off"],
  ["in foul ground of the diamond", "baseball", 12, -58, "by-leave", "run-off"],
  ["inside the velodrome", "velodrome", 0, 0, "by-leave", "infield"],
  ["between the running rails", "racecourse", 4, 50, "never", "course"],
  ["on the gravel outside the bend", "motor-bend", -60, 60, "never", "escape"],
  ["over the edge of the cliff", "cliff", 10, 4, "never", "edge"],
  ["out of the vehicle among lions", "savanna", 20, 10, "never", "off-track"],
  ["into the enclosure", "zoo", 0, 5, "never", "enclosure"],
  ["into the harbour’s basin", "harbour", -40, 20, "never", "water"],
] as const)("people were sent %s", (_where, template, x, y, rule, area) => {
  expect(at(template, x, y)).toEqual({ rule, area });
});

test("a way is for everybody, whatever it lies on: a reserve's track, the mole of a harbour", () => {
  expect(at("savanna", 60, -40)).toEqual({ rule: "open" });
  expect(at("harbour", 30, 10)).toEqual({ rule: "open" });
});

test("leave opens the part it was given for and no other, and nothing that is never stood on", () => {
  expect(at("basketball", 4, 15, ["baseline"])).toEqual({ rule: "granted", area: "baseline" });
  expect(at("basketball", 8.5, 0, ["baseline"])).toEqual({ rule: "by-leave", area: "run-off" });
  const all: LeaveKind[] = ["run-off", "baseline", "infield", "pool-deck"];
  expect(at("football", 10, 20, all).rule).toBe("never");
  expect(at("pool-25", 3, 5, all).rule).toBe("never");
});

const middle = (points: readonly Point[]): Point => ({
  x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
  y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
});

test("every venue closes its middle of play by itself, lies open well outside, and names who decides", () => {
  for (const { id, official, width, length, runOff } of VENUES) {
    const ground = groundOf(id);
    const areas = venueAreasOf(ground.venue).filter(({ kind }) => kind !== WAY);
    // A garden or a wood closes nothing by itself.
    if (official === "wardens" && areas.length === 0) continue;
    expect([id, areas.length > 0]).toEqual([id, true]);
    const closed = areas.filter((a) => standingAt(ground, middle(a.outline)).rule !== "open");
    expect([id, closed.length]).toEqual([id, areas.length]);
    const shares = Array.from({ length: 41 }, (_, i) => i / 40 - 0.5);
    const never = shares.flatMap((x) =>
      shares.map((y) => fromVenue(ground.venue, { x: x * width, y: y * length })),
    );
    expect([id, never.some((p) => standingAt(ground, p).rule === "never")]).toEqual([id, true]);
    const outside = { x: width / 2 + runOff.side + 25, y: length / 2 + runOff.end + 110 };
    expect([id, standingAt(ground, fromVenue(ground.venue, outside)).rule]).toEqual([id, "open"]);
    expect(official.length).toBeGreaterThan(3);
  }
});

test("what the user closed, drawn water and what lies outside a hall’s walls are closed on open ground too", () => {
  const square = (half: number) => [
    { x: -half, y: -half },
    { x: half, y: -half },
    { x: half, y: half },
    { x: -half, y: half },
  ];
  const areas = [
    { id: "p", name: "Pond", kind: "surface" as const, surface: "water" as const, outline: square(5) },
    { id: "n", name: "N", kind: "no-go" as const, outline: square(2) },
  ];
  const hall = { outline: square(9), height: 8 };
  const rule = (x: number) => standingAt(groundOf("open-ground", { areas, hall }), { x, y: 0 });
  expect([rule(1), rule(4), rule(7), rule(12)]).toEqual([
    { rule: "never", area: "no-go" },
    { rule: "never", area: "water" },
    { rule: "open" },
    { rule: "never", area: "outside-walls" },
  ]);
});
