import { bearingTo, type Point } from "@/core/ground";
import type { Outing } from "@/data";
import { bank, cast, inDistrict, mount, promise } from "./plan";

/**
 * A horse trials cross-country day: twenty fences over two kilometres, a start every three minutes, water to pan at, more than
 * one person can cover. Place, course and people are invented.
 */
const FENCES = 20;
/** An uneven loop of about two kilometres; share 0 … 1 of the way round from the start in the south. */
function onCourse(share: number): Point {
  const turn = 2 * Math.PI * share;
  const wobble = 1 + 0.09 * Math.sin(3 * turn + 0.7);
  return {
    x: 0 - Math.round(400 * wobble * Math.sin(turn) * 10) / 10,
    y: 0 - Math.round(215 * wobble * Math.cos(turn) * 10) / 10,
  };
}
const shareOf = (fence: number): number => (fence - 0.4) / (FENCES + 0.6);
const wayAt = (share: number): number => bearingTo(onCourse(share - 0.004), onCourse(share + 0.004));
const NAMED: Readonly<Record<number, string>> = {
  1: "Fence 1",
  4: "4 Hanging log",
  9: "9 Water",
  14: "14 Drop",
  20: "20 Last",
};

/** A place beside the course: so many metres to the left (−) or right (+) of the way, and along it. */
function beside(fence: number, right: number, along = 0): Point {
  const at = onCourse(shareOf(fence));
  const way = (wayAt(shareOf(fence)) * Math.PI) / 180;
  return {
    x: Math.round((at.x + right * Math.cos(way) + along * Math.sin(way)) * 10) / 10,
    y: Math.round((at.y - right * Math.sin(way) + along * Math.cos(way)) * 10) / 10,
  };
}

/** A box across the course at a fence: half its width, and from … to along the way. */
const across = (fence: number, half: number, from: number, to: number): Point[] => [
  beside(fence, -half, from),
  beside(fence, half, from),
  beside(fence, half, to),
  beside(fence, -half, to),
];

/** A rope beside the course: so far to the right of the way, and from … to along it. */
const strip = (fence: number, right: number, from: number, to: number): Point[] => [
  beside(fence, right, from),
  beside(fence, right + 0.1, from),
  beside(fence, right + 0.1, to),
  beside(fence, right, to),
];

export const crossCountryDay: Outing = {
  ...inDistrict,
  id: "cross-country-day",
  kind: "course",
  name: "Cross-country day",
  place: "Aldcombe Park",
  sport: "Horse trials, 20 fences",
  date: "2027-04-24",
  from: "08:30",
  until: "16:30",
  starts: "09:00",
  access: {
    allowedBy: "The organiser’s press desk",
    mayStand: "outside the ropes, never in the line of a fence",
    fallBack: "the spectators’ bank above the water",
  },
  cautions: ["horses", "run-off", "vehicles", "water", "lightning"],
  bag: {
    bodies: ["full-frame-24", "crop-26"],
    lenses: ["zoom-70-200", "long-300", "zoom-24-70"],
    converters: ["converter-14"],
    supports: ["hand", "monopod"],
    cards: ["card-128", "card-64"],
  },
  plannedAt: "10:40",
  shotId: "pan-at-the-water",
  ground: {
    anchor: { latitude: 53.16, longitude: -1.61, elevation: 210 },
    surface: "grass",
    areas: [
      { id: "pond", name: "Water", kind: "surface", surface: "water", outline: across(9, 16, -9, 24) },
      {
        id: "lake",
        name: "Lake",
        kind: "surface",
        surface: "water",
        outline: bank([
          { x: -60, y: -60 },
          { x: 50, y: -70 },
          { x: 90, y: -10 },
          { x: 20, y: 30 },
          { x: -70, y: 10 },
        ]),
      },
      ...[1, 4, 9, 14, 20].map((fence) => ({
        id: `line-${fence}`,
        name: `Landing of fence ${fence}`,
        kind: "horses" as const,
        outline: across(fence, 6, -25, 20),
      })),
      { id: "slope", name: "Slope to the drop", kind: "drop", outline: across(14, 3, -2, 6) },
      ...[3, 11, 18].map((fence) => ({
        id: `crossing-${fence}`,
        name: `Crossing after fence ${fence}`,
        kind: "path" as const,
        outline: across(fence, 16, 32, 36),
      })),
    ],
    // Seen with the east up, so that the long way round stands upright.
    venue: { template: "open-ground", bearing: 90, centre: { x: 0, y: 0 } },
    zones: [{ id: "park", name: "Park", offsetClicks: 0 }],
    spots: Array.from({ length: FENCES }, (_, i) => ({
      id: `fence-${i + 1}`,
      name: NAMED[i + 1] ?? String(i + 1),
      at: onCourse(shareOf(i + 1)),
      aimHeight: 1.5,
      facing: Math.round(wayAt(shareOf(i + 1))) % 360,
      zoneId: "park",
    })),
    tracks: [
      {
        id: "course",
        name: "Course",
        kind: "course",
        runs: "Horse and rider",
        speed: 9.5,
        // Round to where it began.
        points: Array.from({ length: 82 }, (_, i) => onCourse((i % 81) / 81)),
      },
    ],
    obstacles: [
      { id: "copse", name: "Copse", kind: "trees", outline: block(9, 60, 110), height: 12 },
      { id: "oaks", name: "Oaks", kind: "trees", outline: block(4, -60, -110), height: 15 },
      { id: "marquee", name: "Marquee", kind: "building", outline: block(20, 45, 75), height: 5 },
      { id: "far-wood", name: "Far wood", kind: "trees", outline: block(12, 50, 130), height: 18 },
      ...[6, 7, 16, 17].map((fence) => ({
        id: `oak-${fence}`,
        name: "Oak",
        kind: "tree" as const,
        at: beside(fence, fence % 2 === 0 ? 22 : -24, 8),
        height: 14,
        trunkRadius: 0.4,
        crownRadius: 6,
        crownFrom: 3,
      })),
      // Where visitors cross: ropes on either side lead to the gap that a steward opens between two horses.
      ...[3, 11, 18].flatMap((fence) =>
        [-7, 7].flatMap((right) =>
          [
            { way: "before", from: 26, to: 31.5 },
            { way: "after", from: 36.5, to: 42 },
          ].map(({ way, from, to }) => ({
            id: `rope-${fence}-${right < 0 ? "left" : "right"}-${way}`,
            name: "Rope",
            kind: "fence" as const,
            outline: strip(fence, right, from, to),
            height: 1,
          })),
        ),
      ),
      {
        id: "spectators-bank",
        name: "Spectators’ bank",
        kind: "bank",
        outline: [beside(9, -30, -18), beside(9, -30, 22), beside(9, -42, 22), beside(9, -42, -18)],
        height: 3,
        rise: { toward: Math.round(wayAt(shareOf(9)) + 270) % 360, from: 0 },
      },
    ],
    masts: [],
    positions: [
      { id: "a", name: "A", at: beside(9, -20, 2), lensHeight: 1.1 },
      { id: "b", name: "B", at: beside(4, 9, 16), lensHeight: 0.9 },
      { id: "c", name: "C", at: beside(14, 8, 15), lensHeight: 0.7 },
      { id: "d", name: "D", at: beside(20, -10, 18), lensHeight: 1.2 },
    ],
  },
  subjects: cast("cross-country-horse", "jumping-horse", "person-standing"),
  shots: [
    promise({
      id: "pan-at-the-water",
      name: "Pan at the water",
      intent: "pan",
      technique: "panned",
      subjectId: "cross-country-horse",
      spotId: "fence-9",
      along: "width",
      fill: 0.5,
      holdPartId: "body",
      tolerance: "web",
      deliveredLongEdgePx: 2400,
      streakShare: 0.04,
      wanted: 3,
      priority: 1,
    }),
    promise({
      id: "over-the-log",
      name: "Over the hanging log",
      subjectId: "jumping-horse",
      spotId: "fence-4",
      orientation: "upright",
      fill: 0.7,
      wanted: 6,
      priority: 1,
    }),
    promise({
      id: "drop",
      name: "Off the drop",
      subjectId: "jumping-horse",
      spotId: "fence-14",
      orientation: "upright",
      fill: 0.75,
      wanted: 4,
    }),
    promise({
      id: "last-fence",
      name: "The last fence",
      subjectId: "jumping-horse",
      spotId: "fence-20",
      fill: 0.6,
      wanted: 6,
    }),
    promise({
      id: "rider-at-the-start",
      name: "Rider at the start",
      intent: "reaction",
      subjectId: "person-standing",
      spotId: "fence-1",
      part: "half",
      orientation: "upright",
      holdPartId: "body",
      tolerance: "web",
      deliveredLongEdgePx: 2000,
      wanted: 2,
      priority: 3,
    }),
  ],
  choices: [
    mount("pan-at-the-water", "a", "zoom-70-200", "hand"),
    mount("over-the-log", "b", "zoom-70-200", "hand"),
    mount("drop", "c", "zoom-70-200", "hand"),
    mount("last-fence", "d", "zoom-70-200", "monopod"),
    mount("rider-at-the-start", null, "long-300", "monopod"),
  ],
  light: { cloudEighths: 4, passing: true, lamps: null, readings: [] },
};

/** A block of ground beside a fence, from … to metres to the right of the way, forty metres along it. */
function block(fence: number, from: number, to: number): Point[] {
  return [beside(fence, from, -20), beside(fence, to, -20), beside(fence, to, 20), beside(fence, from, 20)];
}
