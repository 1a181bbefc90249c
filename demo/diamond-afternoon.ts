import type { Outing } from "@/data";
import { cast, inDistrict, inVenue, mount, promise } from "./plan";

/**
 * An under-14 diamond afternoon: everything through the mesh, since leave to stand inside was withdrawn in the morning; caps and
 * white kit under a high sun, a stand's shadow that crosses the infield toward evening, a bank outside as the fall-back. People,
 * club and park are invented.
 */
const venue = { template: "baseball-youth", bearing: 30, centre: { x: 0, y: 0 } };
const { at, box } = inVenue(venue);

/** A mesh as a thin strip between two places of the venue. */
const strip = (x0: number, y0: number, x1: number, y1: number) => {
  const length = Math.hypot(x1 - x0, y1 - y0);
  const [nx, ny] = [(0.05 * (y1 - y0)) / length, (-0.05 * (x1 - x0)) / length];
  return [at(x0 + nx, y0 + ny), at(x1 + nx, y1 + ny), at(x1 - nx, y1 - ny), at(x0 - nx, y0 - ny)];
};
const NETTING = { mesh: { pitch: 0.045, wire: 0.0022 }, posts: { spacing: 3, thickness: 0.06 } };

export const diamondAfternoon: Outing = {
  ...inDistrict,
  id: "diamond-afternoon",
  kind: "field",
  name: "Diamond afternoon",
  place: "Mill Meadow",
  sport: "Baseball, under 14",
  date: "2027-06-19",
  from: "15:15",
  until: "19:00",
  starts: "16:00",
  access: {
    allowedBy:
      "Withdrawn this morning: the league closed its fields after a foul ball. Ask the head umpire on the day",
    mayStand: "outside the fence only: behind the backstop and behind the mesh at first base",
    fallBack: "the public bank beyond left field",
  },
  cautions: ["young-people", "balls", "heat", "sun"],
  bag: {
    bodies: ["full-frame-24", "crop-26"],
    lenses: ["zoom-70-200", "long-300", "zoom-24-70"],
    converters: ["converter-14"],
    supports: ["hand", "monopod"],
    cards: ["card-128", "card-64"],
  },
  plannedAt: "16:30",
  shotId: "right-handed-swing",
  ground: {
    anchor: { latitude: 53.19, longitude: -1.39, elevation: 95 },
    surface: "grass",
    venue,
    zones: [
      { id: "diamond", name: "Diamond", offsetClicks: 0 },
      {
        id: "dugout",
        name: "In the dugout",
        offsetClicks: -6,
        holdsFor: "all",
        outline: box(-22, -27, -19.5, -19),
      },
    ],
    spots: [
      {
        id: "right-box",
        name: "Right-handed box",
        at: at(-0.9, -30.5),
        aimHeight: 1.05,
        facing: 120,
        zoneId: "diamond",
        happens: "swing; dark cap, white shirt",
      },
      { id: "mound", name: "Mound", at: at(0, -16.5), aimHeight: 1.1, facing: 210, zoneId: "diamond" },
      {
        id: "first-base",
        name: "First base",
        at: at(12.9, -17.6),
        aimHeight: 0.6,
        facing: 75,
        zoneId: "diamond",
      },
      { id: "bench", name: "Home dugout", at: at(-20, -23), aimHeight: 1.2, facing: 120, zoneId: "diamond" },
    ],
    tracks: [
      {
        id: "run-to-first",
        name: "Run to first",
        kind: "play",
        runs: "batter",
        speed: 6,
        points: [at(0, -30.5), at(6.5, -24), at(12.9, -17.6)],
      },
    ],
    obstacles: [
      {
        id: "west-stand",
        name: "West stand",
        kind: "stand",
        outline: box(-35, -38, -28, -6),
        height: 7,
        rise: { toward: 300, from: 1.2 },
      },
      {
        id: "backstop",
        name: "Backstop",
        kind: "mesh",
        outline: strip(-9, -39.8, 9, -39.8),
        height: 5,
        ...NETTING,
      },
      {
        id: "first-mesh",
        name: "First-base mesh",
        kind: "mesh",
        outline: strip(9, -39.8, 25, -23.8),
        height: 3,
        ...NETTING,
      },
      {
        id: "third-mesh",
        name: "Third-base mesh",
        kind: "mesh",
        outline: strip(-25, -23.8, -9, -39.8),
        height: 3,
        ...NETTING,
      },
      {
        id: "home-dugout",
        name: "Home dugout",
        kind: "dugout",
        outline: box(-23.5, -27, -22, -19),
        height: 2.3,
      },
      {
        id: "guest-dugout",
        name: "Guests’ dugout",
        kind: "dugout",
        outline: box(25.5, -20, 27, -12),
        height: 2.3,
      },
      {
        id: "scoreboard",
        name: "Scoreboard",
        kind: "scoreboard",
        outline: box(-9, 37, -3, 37.4),
        height: 5,
        base: 2.4,
        look: { colour: "black" },
      },
      {
        id: "bank",
        name: "Public bank",
        kind: "bank",
        outline: box(-50, -2, -42, 24),
        height: 2.4,
        rise: { toward: 300, from: 0 },
        look: { colour: "straw" },
      },
      {
        id: "poplars",
        name: "Poplars",
        kind: "trees",
        outline: box(-24, 44, 34, 50),
        height: 14,
        look: { colour: "dark-green" },
      },
      {
        id: "oak",
        name: "Oak",
        kind: "tree",
        at: at(34, -34),
        height: 11,
        trunkRadius: 0.35,
        crownRadius: 4.5,
        crownFrom: 2.6,
        look: { colour: "leaf" },
      },
      { id: "van", name: "Club van", kind: "van", outline: box(29, -48, 31, -43), height: 2.1 },
    ],
    areas: [
      { id: "foul-first", name: "Line of foul balls", kind: "ball-line", outline: box(28, -10, 36, 6) },
      { id: "families", name: "Families", kind: "cheer-side", outline: box(-18, -46, -10, -41) },
    ],
    masts: [],
    positions: [
      { id: "a", name: "A", at: at(1.5, -40.2), lensHeight: 1.5, way: "standing" },
      { id: "b", name: "B", at: at(17.2, -31.8), lensHeight: 1.1, way: "kneeling" },
      { id: "c", name: "C", at: at(-46, 10), lensHeight: 1.5, way: "standing" },
    ],
  },
  subjects: cast("baseball-batter-youth", "baseball-pitcher", "baseball-slide", "person-reacting"),
  shots: [
    promise({
      id: "right-handed-swing",
      name: "Right-handed swing",
      subjectId: "baseball-batter-youth",
      side: "right",
      spotId: "right-box",
      orientation: "upright",
      fill: 0.6,
      wanted: 4,
      priority: 1,
    }),
    promise({
      id: "pitchers-release",
      name: "Pitcher’s release",
      subjectId: "baseball-pitcher",
      spotId: "mound",
      technique: "pre-framed",
      orientation: "upright",
      fill: 0.55,
      wanted: 3,
    }),
    promise({
      id: "slide-at-first",
      name: "Slide at first",
      subjectId: "baseball-slide",
      spotId: "first-base",
      along: "width",
      fill: 0.4,
      deliveredLongEdgePx: 2400,
      wanted: 2,
    }),
    promise({
      id: "bench-after-a-run",
      name: "Bench after a run",
      intent: "reaction",
      subjectId: "person-reacting",
      spotId: "bench",
      part: "half",
      orientation: "upright",
      fill: 0.5,
      holdPartId: "body",
      tolerance: "web",
      deliveredLongEdgePx: 2000,
      wanted: 2,
      priority: 3,
    }),
  ],
  choices: [
    mount("right-handed-swing", "b", "zoom-70-200", "hand"),
    mount("pitchers-release", "a", "long-300", "monopod"),
    mount("slide-at-first", "b", "zoom-70-200", "hand"),
    mount("bench-after-a-run", null, "long-300", "monopod"),
  ],
  light: { cloudEighths: 1, lamps: null, readings: [] },
  notes:
    "White shirts, dark caps: eyes in the brim’s shade until five. The stand’s shadow reaches the plate toward seven.",
};
