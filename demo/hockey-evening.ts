import type { Outing } from "@/data";
import { cast, inDistrict, inVenue, mount, promise } from "./plan";

/**
 * An under-18 field hockey cup semi-final on an October evening: late sun, a western stand whose shadow crosses the
 * pitch, weak floodlights for the second half. People, club and place are invented; latitude, longitude and time zone
 * are real so that the sun is right.
 */
const venue = { template: "field-hockey", bearing: 8, centre: { x: 0, y: 0 } };
const { at, box } = inVenue(venue);

export const hockeyEvening: Outing = {
  ...inDistrict,
  id: "hockey-semi-final",
  kind: "field",
  name: "Cup semi-final",
  place: "Quarry Lane",
  placeId: "quarry-lane",
  sport: "Field hockey, under 18",
  date: "2026-10-17",
  from: "15:30",
  until: "19:00",
  starts: "17:00",
  access: {
    allowedBy: "The club’s secretary",
    mayStand: "behind the boards and on the east side",
    fallBack: "the north bank outside the fence",
  },
  cautions: ["young-people", "balls", "run-off"],
  bag: {
    bodies: ["full-frame-24", "crop-26"],
    lenses: ["zoom-70-200", "long-300", "zoom-24-70"],
    converters: ["converter-14"],
    supports: ["hand", "monopod"],
    cards: ["card-128", "card-64"],
  },
  plannedAt: "16:27",
  shotId: "drag-flick",
  ground: {
    anchor: { latitude: 53.21, longitude: -1.44, elevation: 120 },
    venue,
    zones: [
      { id: "pitch", name: "Pitch", offsetClicks: 0 },
      { id: "benches", name: "Benches", offsetClicks: -1 },
    ],
    spots: [
      { id: "flick", name: "Drag flick", at: at(1, 31), aimHeight: 0.75, facing: 8, zoneId: "pitch" },
      { id: "goal", name: "North goal", at: at(0, 45), aimHeight: 0.8, facing: 188, zoneId: "pitch" },
      { id: "right-wing", name: "Right wing", at: at(19, 37), aimHeight: 1, facing: 352, zoneId: "pitch" },
      { id: "bench", name: "Home bench", at: at(31.5, -8), aimHeight: 1.2, facing: 278, zoneId: "benches" },
    ],
    tracks: [
      {
        id: "attack",
        name: "Attacker's run",
        kind: "play",
        runs: "Forward with the ball",
        speed: 6,
        points: [at(24, -8), at(24, 12), at(22, 26), at(19, 37), at(14, 43)],
      },
    ],
    obstacles: [
      { id: "west-stand", name: "West stand", kind: "stand", outline: box(-43, -34, -35, 14), height: 7.5 },
      { id: "north-boards", name: "Boards", kind: "boards", outline: box(-24, 51, 24, 51.2), height: 0.9 },
      { id: "clubhouse", name: "Clubhouse", kind: "building", outline: box(-12, 66, 14, 76), height: 6 },
      { id: "south-hedge", name: "Hedge", kind: "trees", outline: box(-40, -64, 36, -61), height: 4 },
      { id: "north-net", name: "Goal", kind: "goal", outline: box(-1.83, 45.75, 1.83, 46.95), height: 2.14 },
      {
        id: "south-net",
        name: "Goal",
        kind: "goal",
        outline: box(-1.83, -46.95, 1.83, -45.75),
        height: 2.14,
      },
      {
        id: "home-dugout",
        name: "Home dugout",
        kind: "dugout",
        outline: box(32.6, -7, 34.2, -1),
        height: 2.2,
      },
      {
        id: "away-dugout",
        name: "Away dugout",
        kind: "dugout",
        outline: box(32.6, -15, 34.2, -9),
        height: 2.2,
      },
      { id: "umpires-table", name: "Table", kind: "table", outline: box(30.8, 2, 31.6, 4), height: 0.8 },
      {
        id: "score",
        name: "Score",
        kind: "scoreboard",
        outline: box(-6, -58, 0, -57.6),
        height: 4.5,
        base: 2.2,
      },
      {
        id: "ball-stop",
        name: "Ball-stop net",
        kind: "net",
        outline: box(-16, -54, 16, -53.8),
        height: 5,
        mesh: { pitch: 0.1, wire: 0.003 },
      },
    ],
    masts: [
      { id: "mast-north", name: "North mast", at: at(36, 26), height: 15 },
      { id: "mast-south", name: "South mast", at: at(36, -26), height: 15 },
    ],
    areas: [
      { id: "cheer", name: "Home supporters", kind: "cheer-side", outline: box(38.5, -24, 42, 24) },
      { id: "way-in", name: "Way from the clubhouse", kind: "path", outline: box(24, 53.5, 26, 66) },
      { id: "team-benches", name: "Team benches", kind: "no-go", outline: box(30.5, -16, 34.4, 0) },
    ],
    positions: [
      { id: "a", name: "A", at: at(-33, 47), lensHeight: 1.1 },
      { id: "b", name: "B", at: at(11, 53), lensHeight: 1.2 },
      { id: "c", name: "C", at: at(32, 14), lensHeight: 1.1 },
    ],
  },
  subjects: cast("hockey-runner", "hockey-drag-flicker", "hockey-goalkeeper", "person-reacting"),
  shots: [
    promise({
      id: "drag-flick",
      name: "Drag flick",
      subjectId: "hockey-drag-flicker",
      spotId: "flick",
      holdPartId: "stick",
      wanted: 3,
      priority: 1,
    }),
    promise({
      id: "keepers-save",
      name: "Keeper’s save",
      subjectId: "hockey-goalkeeper",
      spotId: "goal",
      technique: "pre-framed",
      fill: 0.45,
      deliveredLongEdgePx: 2400,
      wanted: 2,
    }),
    promise({
      id: "wingers-run",
      name: "Winger’s run",
      subjectId: "hockey-runner",
      spotId: "right-wing",
      orientation: "upright",
      fill: 0.6,
      wanted: 4,
    }),
    promise({
      id: "coach-after-a-goal",
      name: "Coach after a goal",
      intent: "reaction",
      subjectId: "person-reacting",
      spotId: "bench",
      part: "half",
      orientation: "upright",
      fill: 0.6,
      holdPartId: "body",
      tolerance: "web",
      deliveredLongEdgePx: 2000,
      wanted: 2,
    }),
  ],
  choices: [
    mount("drag-flick", "b", "zoom-70-200", "monopod"),
    mount("keepers-save", "a", "zoom-70-200", "monopod", { converterId: "converter-14" }),
    mount("wingers-run", "b", "zoom-70-200", "monopod"),
    mount("coach-after-a-goal", null, "long-300", "monopod"),
  ],
  light: {
    cloudEighths: 1,
    lamps: { class: "II", from: "17:35" },
    readings: [],
  },
};
