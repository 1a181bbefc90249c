import { FURNITURE } from "../ground/venues/furniture";
import { VENUES, venueMarks, venueTemplate } from "../ground";
import { FIGURES, type Silhouette } from "../motion";
import {
  activityOf,
  asSubject,
  dangersOf,
  grownOf,
  soughtUnder,
  STAGED,
  stagingOf,
  STARTING_SETTINGS,
  SUBJECTS,
  TRADE_PLACES,
  usualFraming,
} from ".";

// What holds for every row of the library, whatever is added to it.

test("every subject has its figure, its ground, its dangers, its words, its place of practice, its framing and where practice begins", () => {
  expect(SUBJECTS.length).toBeGreaterThan(245);
  for (const row of SUBJECTS) {
    const { id } = row;
    const subject = asSubject(row);
    const staging = stagingOf(id)!;
    const framing = usualFraming(subject);
    const lacks = [
      !FIGURES.includes(subject.figure!) && "figure",
      !(staging && staging.venues.every((v) => venueTemplate(v).ok)) && "ground",
      dangersOf(id) === undefined && "dangers",
      soughtUnder(id).split(" ").length < 2 && "words",
      !TRADE_PLACES.some((p) => p.subjects.includes(grownOf(id))) && "place of practice",
      !(framing.fill > 0 && framing.fill <= 0.8) && "framing",
      !STARTING_SETTINGS.some(
        (s) => !s.intents && (s.subjects?.includes(id) || s.figures?.includes(subject.figure!)),
      ) &&
        NO_START.test(id) === false &&
        "start",
      row.source.length < 5 && "source",
      !row.known && "how it is known",
    ].filter(Boolean);
    expect([id, lacks]).toEqual([id, []]);
  }
});

/** Figures for which practice has no start of its own but walking about, wheels and horses being panned. */
const NO_START =
  /^(person|gymnast-beam|archer|snow|rain)|cycl|biker|bmx|horse|polo-player|harness|football-goalkeeper|cricket-fielder|slide|high-jumper|vaulter|swim-start|^diver|climber-fall|gymnast-bars/;

// "Young players of every team sport": by hand.
const TEAMS =
  "hockey-runner ice-hockey-skater football-runner rugby-runner gridiron-runner australian-mark gaelic-football-runner hurling-striker lacrosse-shot futsal-player floorball-player basketball-drive handball-throw volleyball-attack netball-shot korfball-shot baseball-batter softball-batter cricket-batter water-polo-throw";

test("every team sport has its young players, smaller and slower than the grown", () => {
  for (const id of TEAMS.split(" ")) {
    const [grown, young] = [id, `${id}-youth`].map((one) => SUBJECTS.find((s) => s.id === one));
    expect([id, young && young.height < grown!.height]).toEqual([id, true]);
    expect(young!.parts[0]!.speed).toBeLessThanOrEqual(grown!.parts[0]!.speed);
    expect(soughtUnder(young!.id)).toMatch(/youth|little/);
  }
});

const WILD = ["mammals", "birds", "reptiles and amphibians"];

test("every animal tells its hours, and what has a season of its own tells that", () => {
  for (const { id, group } of SUBJECTS.filter((s) => WILD.includes(s.group)))
    expect([id, group, activityOf(id).hours.length > 0]).toEqual([id, group, true]);
  for (const { id } of SUBJECTS.filter((s) => !WILD.includes(s.group)))
    for (const month of activityOf(id).months ?? []) expect(month >= 1 && month <= 12).toBe(true);
  expect(activityOf("puffin-standing").months).toEqual([4, 7]);
  expect(activityOf("hedgehog").hours).toEqual(["dusk", "night"]);
});

/** What a figure is drawn with, by hand. */
const CARRIES: Readonly<Partial<Record<Silhouette, string>>> = {
  "low-stick": "stick ball",
  throwing: "ball",
  javelin: "javelin",
  jumping: "ball",
  kicking: "ball",
  keeping: "ball helmet",
  batting: "bat ball",
  racket: "racket ball",
  climbing: "helmet",
  boat: "boat paddle",
  sail: "sail",
  board: "board",
  cycling: "bicycle helmet",
  wheelchair: "wheelchair",
  skiing: "skis poles helmet",
  riding: "horse",
  vehicle: "car",
  motorcycle: "motorcycle helmet",
  aircraft: "aircraft",
};

/** What a sport has, by hand: the first row that fits the id of a subject. A puck, a shuttlecock, a shot and a hammer are balls in a drawing. */
const HAS: readonly (readonly [RegExp, string])[] = [
  [/wheelchair-tennis/, "wheelchair racket ball"],
  [/wheelchair-basketball/, "wheelchair ball"],
  [/wheelchair/, "wheelchair"],
  [/ice-hockey|hockey|hurling|floorball/, "stick ball helmet"],
  [/golf/, "stick ball"],
  [/lacrosse/, "stick ball helmet"],
  [/baseball|softball|cricket/, "bat ball helmet"],
  [
    /football|rugby|gridiron|australian|futsal|basketball|handball|volleyball|netball|korfball|water-polo-throw/,
    "ball",
  ],
  [/tennis|padel|badminton|squash/, "racket ball bat"],
  [/shot-putter|discus|hammer/, "ball"],
  [/javelin/, "javelin"],
  [/^climber|boulder|speed-climber/, "helmet"],
  [/rower|canoe/, "boat paddle"],
  [/sailor|windsurfer/, "sail board"],
  [/surfer|paddle-boarder|skateboarder|snowboarder/, "board"],
  [/cyclist|biker|bmx|cyclocross/, "bicycle helmet"],
  [/skier|ski-jumper/, "skis poles helmet"],
  [/horse|polo-player|harness/, "horse"],
  [/car$|kart/, "car"],
  [/motorcycle|motocross|speedway/, "motorcycle helmet"],
  [/aircraft|helicopter/, "aircraft"],
];

test("nobody is drawn with what their sport has not", () => {
  let carrying = 0;
  for (const row of SUBJECTS) {
    const has = (HAS.find(([of]) => of.test(row.id))?.[1] ?? "").split(" ");
    const carried = (CARRIES[asSubject(row).figure!] ?? "").split(" ").filter(Boolean);
    expect([row.id, carried.filter((thing) => !has.includes(thing))]).toEqual([row.id, []]);
    if (carried.length > 0) carrying++;
  }
  expect(carrying).toBeGreaterThan(80);
});

/** Words of a name that tell it from another. */
const told = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9 ]/g, " ")
    .split(" ")
    .filter((w) => (w.length > 2 || /\d/.test(w)) && !["the", "with", "and", "for", "its"].includes(w))
    .sort()
    .join(" ");

test("no two rows are called so that a beginner could not tell them apart", () => {
  for (const rows of [SUBJECTS.map((s) => s.name), VENUES.map((v) => v.name)]) {
    const names = rows.map(told);
    expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
  }
});

test("nor do two rows share their figure, their sizes and all their speeds", () => {
  const measures = SUBJECTS.map((s) =>
    JSON.stringify([asSubject(s).figure, s.height, s.length, s.span, s.bodySpeed, s.fastSpeed, s.parts]),
  );
  expect(SUBJECTS.filter((_, i) => measures.indexOf(measures[i]!) !== i).map((s) => s.id)).toEqual([]);
});

/** Who is met on which venue, by hand. */
const OWN_SPORTS: Readonly<Record<string, RegExp>> = {
  "field-hockey": /^hockey|^team-celebrating/,
  football: /^football|^team-celebrating/,
  "football-7": /^football/,
  "football-9": /^football/,
  "rugby-union": /^rugby|^team-celebrating/,
  "rugby-league": /^rugby/,
  gridiron: /^gridiron/,
  "australian-football": /^australian/,
  "gaelic-field": /^(hurling|gaelic)|^team-celebrating/,
  lacrosse: /^lacrosse/,
  cricket: /^cricket/,
  baseball: /^baseball/,
  "baseball-youth": /^baseball/,
  softball: /^(softball|baseball-(slide|fielder|catcher))/,
  polo: /^polo/,
  "golf-hole": /^golf/,
  "dog-agility": /^dog-agility/,
  racecourse: /^(galloping|harness)/,
  "motor-bend": /^(racing-car|road-racing|kart)/,
  speedway: /^speedway/,
  "slalom-hill": /^slalom-skier/,
  "ski-piste": /^skier/,
  "half-pipe": /^(snowboarder|freestyle)/,
  "jump-hill": /^ski-jumper/,
  "canoe-slalom": /^canoe-slalom/,
  "skate-park": /^(skateboarder|bmx)/,
  "jump-line": /^(bmx|mountain-biker|motocross)/,
  "athletics-400":
    /^(sprint|distance|high-|low-|steeple|race-walker|long-|pole-|shot-|discus|hammer|javelin|relay|wheelchair-racer)/,
  "indoor-track-200": /^(sprint|distance|high-hurdler|long-)/,
  "throwing-sector": /^(discus|hammer)/,
  "javelin-sector": /^javelin/,
  "archery-70": /^archer/,
  basketball: /^(basketball|wheelchair-(basketball|rugby))|^team-celebrating/,
  "basketball-outdoor": /^(basketball|wheelchair-basketball)/,
  "basketball-3x3": /^basketball/,
  handball: /^handball|^team-celebrating/,
  futsal: /^(futsal|handball-goalkeeper)/,
  floorball: /^floorball/,
  korfball: /^korfball/,
  netball: /^netball/,
  "netball-outdoor": /^netball/,
  volleyball: /^volleyball|^team-celebrating/,
  "beach-volleyball": /^volleyball/,
  badminton: /^badminton/,
  tennis: /tennis-(serve|stroke)$|^wheelchair-tennis/,
  "tennis-hard": /tennis-(serve|stroke)$|^wheelchair-tennis/,
  padel: /^padel/,
  "table-tennis": /^table-tennis/,
  squash: /^squash/,
  "gym-hall":
    /^(futsal|floorball|basketball|wheelchair-(basketball|rugby)|volleyball|badminton|gymnast|trampolin|cheer|dancer)/,
  "ice-hockey": /^(ice-hockey|speed-skater|figure-skater)|^team-celebrating/,
  "curling-sheet": /^curling/,
  "boxing-ring": /^boxer/,
  "wrestling-mat": /^wrestler/,
  "karate-mat": /^martial/,
  "judo-mat": /^judo/,
  "fencing-piste": /^fencer/,
  "gymnastics-floor": /^(gymnast|trampolin|cheer)/,
  "pool-50": /^(swim|diver)/,
  "pool-50-outdoor": /^swim/,
  "pool-25": /^(swim|diver)/,
  "pool-10": /^swimmer/,
  "diving-pool": /^diver/,
  "water-polo": /^water-polo/,
  "rowing-course": /^(rower|canoe-sprint)/,
  "show-jumping": /^jumping-horse/,
  dressage: /^dressage/,
  velodrome: /^track-cyclist/,
  "speed-climbing": /^speed-climber/,
  "lead-wall": /^climber/,
  "boulder-wall": /^boulderer/,
  "garden-feeder": /^(small-bird|tit|squirrel|hedgehog)/,
  wood: /^(small-bird|woodpecker|deer-standing|roe|wild-boar|squirrel|badger|bat)/,
  "reed-bed": /^(grebe|coot|duck|swan|heron|harrier|small-bird|frog)/,
  cliff: /^(gannet|puffin|gull)/,
  estuary: /^(wader|gull|goose|heron|flock)/,
  beach: /^(triathlete|surfer|kite|wind|paddle|dinghy|open-water|seal|tern|gull)/,
  harbour: /^(dinghy|paddle|gull|dolphin)/,
  savanna: /^(elephant|antelope|big-cat)/,
  zoo: /^(monkey|elephant|big-cat)/,
};

test("a venue offers only its own sports and animals, and every venue has some", () => {
  for (const { id } of VENUES) {
    const met = SUBJECTS.filter((s) => stagingOf(s.id)!.venues.includes(id)).map((s) => s.id);
    expect([id, met.filter((s) => !OWN_SPORTS[id]?.test(s))]).toEqual([id, []]);
    expect([id, met.length > 0]).toEqual([id, true]);
  }
  expect(Object.keys(OWN_SPORTS).sort()).toEqual(VENUES.map((v) => v.id).sort());
  expect(STAGED.every((id) => SUBJECTS.some((s) => s.id === id))).toBe(true);
});

const goalsOf = (id: string): string[] =>
  venueMarks(id)
    .filter((m) => m.kind === "goal")
    .map(({ points }) => Math.abs(points[0]!.x - points[3]!.x).toFixed(2));
const heightsOf = (venue: string, name: string): number[] =>
  (FURNITURE[venue] ?? []).filter((f) => f.name === name).map((f) => f.height);

// The FA's guide, FIP (polo), IFF, World Curling, IBA, FIP (padel), World Aquatics, IFSC, FCI: metres by hand, from memory of the rule books.
test("lines and furniture of the grounds have the sizes of their rule books", () => {
  expect([goalsOf("football-7"), heightsOf("football-7", "Goal")]).toEqual([
    ["3.66", "3.66"],
    [1.83, 1.83],
  ]);
  expect([goalsOf("football-9"), heightsOf("football-9", "Goal")]).toEqual([
    ["4.88", "4.88"],
    [2.13, 2.13],
  ]);
  expect(goalsOf("polo")).toEqual(["7.32", "7.32"]);
  expect([goalsOf("floorball"), heightsOf("floorball", "Goal"), heightsOf("floorball", "Board")[0]]).toEqual([
    ["1.60", "1.60"],
    [1.15, 1.15],
    0.5,
  ]);
  const houses = venueMarks("curling-sheet").filter((m) => m.kind === "circle");
  const middle = (points: readonly { readonly y: number }[]): number =>
    (Math.max(...points.map((p) => p.y)) + Math.min(...points.map((p) => p.y))) / 2;
  expect(middle(houses[0]!.points) - middle(houses[3]!.points)).toBeCloseTo(34.75, 2);
  const ring = venueMarks("boxing-ring").find((m) => m.kind === "line")!.points;
  expect(Math.max(...ring.map((p) => p.x)) - Math.min(...ring.map((p) => p.x))).toBeCloseTo(6.1, 2);
  expect(venueMarks("padel").some((m) => m.points.every((p) => Math.abs(p.y - 6.95) < 1e-9))).toBe(true);
  expect(heightsOf("padel", "Net")).toEqual([0.92]);
  expect(heightsOf("diving-pool", "Tower")).toEqual([10]);
  expect(heightsOf("lead-wall", "Wall")[0]).toBeGreaterThanOrEqual(15);
  expect(heightsOf("boulder-wall", "Wall")).toEqual([4.5]);
  expect(heightsOf("half-pipe", "Wall of the pipe")).toEqual([6.7, 6.7]);
  expect(heightsOf("slalom-hill", "Gate").every((h) => h === 1.8)).toBe(true);
  for (const h of heightsOf("dog-agility", "Hurdle")) expect(h >= 0.55 && h <= 0.65).toBe(true);
  expect(heightsOf("racecourse", "Running rail")).toEqual([1.1, 1.1]);
});

// World Athletics, facilities manual, chapter 8: the oval is measured 0.30 m out from its kerb.
test("the indoor track measures 200 m", () => {
  expect(2 * 45.02 + 2 * Math.PI * (17.2 + 0.3)).toBeCloseTo(200, 1);
  const kerb = venueMarks("indoor-track-200").filter((m) => m.kind === "line")[0]!.points;
  const round = kerb.slice(1).reduce((sum, p, i) => sum + Math.hypot(p.x - kerb[i]!.x, p.y - kerb[i]!.y), 0);
  expect(round).toBeGreaterThan(197.9);
  expect(round).toBeLessThan(198.2);
});
