import type { Shoot } from "@/data";
import { cast, inDistrict, inVenue, mount, promise } from "./plan";

/**
 * A handball league evening in an old hall: lamps that flicker, one end three clicks darker than the other, a gallery along
 * one side. People, club and hall are invented.
 */
const venue = { template: "handball", bearing: 72, centre: { x: 0, y: 0 } };
const { at, box } = inVenue(venue);

export const handballEvening: Shoot = {
  ...inDistrict,
  id: "handball-league-evening",
  kind: "court",
  name: "League evening",
  place: "Redbrick Hall",
  sport: "Handball",
  date: "2026-12-02",
  from: "18:30",
  until: "21:15",
  starts: "19:00",
  access: {
    allowedBy: "The home club’s team leader",
    mayStand: "behind the goal line outside the corners, and on the gallery",
    fallBack: "the gallery alone",
  },
  cautions: ["young-people", "balls", "run-off"],
  bag: {
    bodies: ["full-frame-24", "crop-26"],
    lenses: ["zoom-70-200", "prime-135", "zoom-24-70"],
    converters: [],
    supports: ["hand", "monopod"],
    cards: ["card-128", "card-64"],
  },
  plannedAt: "19:20",
  shotId: "jump-throw",
  ground: {
    anchor: { latitude: 53.24, longitude: -1.42, elevation: 80 },
    surface: "floor",
    venue,
    zones: [
      { id: "bright-end", name: "Bright end", offsetClicks: 0 },
      { id: "middle", name: "Middle", offsetClicks: -1 },
      { id: "dim-end", name: "Dim end", offsetClicks: -3 },
    ],
    spots: [
      {
        id: "nine-metres",
        name: "Nine metres",
        at: at(-2, 12),
        aimHeight: 1.5,
        facing: 62,
        zoneId: "bright-end",
      },
      {
        id: "bright-goal",
        name: "Bright goal",
        at: at(0, 19.3),
        aimHeight: 1,
        facing: 252,
        zoneId: "bright-end",
      },
      { id: "dim-wing", name: "Dim wing", at: at(7.5, -15), aimHeight: 1.4, facing: 275, zoneId: "dim-end" },
      { id: "fast-break", name: "Fast break", at: at(3, 1), aimHeight: 1, facing: 72, zoneId: "middle" },
      { id: "bench", name: "Home bench", at: at(-11, 5), aimHeight: 1.3, facing: 162, zoneId: "middle" },
    ],
    tracks: [{ id: "break", name: "Fast break", points: [at(4, -12), at(3, 1), at(0, 11)] }],
    obstacles: [
      { id: "north-wall", name: "North wall", kind: "building", outline: box(-16, 24, 16, 24.4), height: 8 },
      {
        id: "south-wall",
        name: "South wall",
        kind: "building",
        outline: box(-16, -24.4, 16, -24),
        height: 8,
      },
      { id: "gallery", name: "Gallery", kind: "stand", outline: box(13, -20, 16, 20), height: 3 },
    ],
    masts: [],
    noGo: [
      { id: "field-of-play", name: "Court and its margin", outline: box(-11, -22, 11, 22) },
      { id: "team-benches", name: "Team benches", outline: box(-13, -9, -11, 9) },
    ],
    positions: [
      { id: "a", name: "A", at: at(7, 22.6), lensHeight: 0.9 },
      { id: "b", name: "B", at: at(11.8, 8), lensHeight: 1 },
      { id: "c", name: "C", at: at(14, -6), lensHeight: 4.4 },
      { id: "d", name: "D", at: at(-11.9, 14), lensHeight: 1.3 },
    ],
  },
  subjects: [
    ...cast("handball-throw", "handball-goalkeeper", "person-reacting"),
    // A court player running is the same in either game.
    ...cast("basketball-drive").map((s) => ({
      ...s,
      id: "handball-runner",
      name: "Handball player running",
    })),
  ],
  shots: [
    promise({
      id: "jump-throw",
      name: "Jump throw",
      subjectId: "handball-throw",
      spotId: "nine-metres",
      orientation: "upright",
      fill: 0.7,
      wanted: 4,
      priority: 1,
    }),
    promise({
      id: "wing-throw",
      name: "Throw from the dim wing",
      subjectId: "handball-throw",
      spotId: "dim-wing",
      orientation: "upright",
      fill: 0.6,
      wanted: 2,
    }),
    promise({
      id: "keepers-save",
      name: "Keeper’s save",
      subjectId: "handball-goalkeeper",
      spotId: "bright-goal",
      technique: "pre-framed",
      fill: 0.6,
      deliveredLongEdgePx: 2400,
      wanted: 2,
    }),
    promise({
      id: "fast-break",
      name: "Fast break",
      subjectId: "handball-runner",
      spotId: "fast-break",
      intent: "pan",
      technique: "panned",
      holdPartId: "body",
      tolerance: "web",
      deliveredLongEdgePx: 2000,
      streakShare: 0.06,
      wanted: 1,
      priority: 3,
    }),
    promise({
      id: "time-out",
      name: "Time-out at the bench",
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
    }),
  ],
  choices: [
    mount("jump-throw", "a", "zoom-70-200", "hand"),
    mount("wing-throw", "c", "zoom-70-200", "monopod"),
    mount("keepers-save", "b", "prime-135", "hand"),
    mount("fast-break", "c", "zoom-24-70", "monopod"),
    mount("time-out", "d", "zoom-70-200", "hand"),
  ],
  light: {
    cloudEighths: 8,
    roof: { daylightShare: 0.01 },
    lamps: {
      class: "II",
      kind: "hall",
      from: "18:00",
      until: "21:45",
      flicker: { mainsHz: 50, modulation: 0.35 },
    },
    readings: [],
  },
};
