import { asSubject, SUBJECTS } from "@/core/catalogue";
import { fromVenue, type Point } from "@/core/ground";
import type { Shoot } from "@/data";

/**
 * An under-18 field hockey cup semi-final on an October evening: late sun, a western stand whose shadow crosses the
 * pitch, weak floodlights for the second half. People, club and place are invented; latitude, longitude and time zone
 * are real so that the sun is right.
 */
const CAST = ["hockey-runner", "hockey-drag-flicker", "hockey-goalkeeper", "person-reacting"];
const venue = { template: "field-hockey" as const, bearing: 8, centre: { x: 0, y: 0 } };

/** Centimetres are enough for a plan that was paced out. */
const cm = (value: number): number => Math.round(value * 100) / 100;

/** Places are written in the pitch's own axes: x to the right of its long axis, y along it. */
function at(x: number, y: number): Point {
  const p = fromVenue(venue, { x, y });
  return { x: cm(p.x), y: cm(p.y) };
}

const box = (x0: number, y0: number, x1: number, y1: number): Point[] => [
  at(x0, y0),
  at(x1, y0),
  at(x1, y1),
  at(x0, y1),
];

const choice = (
  shotId: string,
  positionId: string | null,
  lensId: string,
  converterId: string | null = null,
) => ({
  shotId,
  positionId,
  bodyId: "full-frame-24",
  lensId,
  converterId,
  supportId: "monopod",
  focalLengthMm: null,
  held: {},
});

export const hockeyEvening: Shoot = {
  version: 1,
  id: "hockey-semi-final",
  revision: 0,
  name: "Cup semi-final",
  place: "Quarry Lane",
  sport: "Field hockey, under 18",
  date: "2026-10-17",
  from: "15:30",
  until: "19:00",
  starts: "17:00",
  zone: "Europe/London",
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
        points: [at(24, -8), at(24, 12), at(22, 26), at(19, 37), at(14, 43)],
      },
    ],
    obstacles: [
      { id: "west-stand", name: "West stand", kind: "stand", outline: box(-43, -34, -35, 14), height: 7.5 },
      { id: "north-boards", name: "Boards", kind: "boards", outline: box(-24, 51, 24, 51.2), height: 0.9 },
      { id: "clubhouse", name: "Clubhouse", kind: "building", outline: box(-12, 66, 14, 76), height: 6 },
      { id: "south-hedge", name: "Hedge", kind: "trees", outline: box(-40, -64, 36, -61), height: 4 },
    ],
    masts: [
      { id: "mast-north", name: "North mast", at: at(36, 26), height: 15 },
      { id: "mast-south", name: "South mast", at: at(36, -26), height: 15 },
    ],
    noGo: [
      { id: "field-of-play", name: "Field of play and run-off", outline: box(-30.5, -50.7, 30.5, 50.7) },
      { id: "team-benches", name: "Team benches", outline: box(30.5, -16, 34, 0) },
    ],
    positions: [
      { id: "a", name: "A", at: at(-33, 47), lensHeight: 1.1 },
      { id: "b", name: "B", at: at(11, 53), lensHeight: 1.2 },
      { id: "c", name: "C", at: at(32, 14), lensHeight: 1.1 },
    ],
  },
  subjects: SUBJECTS.filter((s) => CAST.includes(s.id)).map((s) => {
    const subject = asSubject(s);
    return { ...subject, parts: [...subject.parts] };
  }),
  shots: [
    {
      id: "drag-flick",
      name: "Drag flick",
      intent: "freeze",
      subjectId: "hockey-drag-flicker",
      spotId: "flick",
      technique: "tracked",
      part: "whole",
      orientation: "level",
      fill: 0.5,
      holdPartId: "stick",
      tolerance: "print-sharp",
      deliveredLongEdgePx: 3000,
      wanted: 3,
    },
    {
      id: "keepers-save",
      name: "Keeper’s save",
      intent: "freeze",
      subjectId: "hockey-goalkeeper",
      spotId: "goal",
      technique: "pre-framed",
      part: "whole",
      orientation: "level",
      fill: 0.45,
      holdPartId: "limb",
      tolerance: "print-sharp",
      deliveredLongEdgePx: 2400,
      wanted: 2,
    },
    {
      id: "wingers-run",
      name: "Winger’s run",
      intent: "freeze",
      subjectId: "hockey-runner",
      spotId: "right-wing",
      technique: "tracked",
      part: "whole",
      orientation: "upright",
      fill: 0.6,
      holdPartId: "limb",
      tolerance: "print-sharp",
      deliveredLongEdgePx: 3000,
      wanted: 4,
    },
    {
      id: "coach-after-a-goal",
      name: "Coach after a goal",
      intent: "reaction",
      subjectId: "person-reacting",
      spotId: "bench",
      technique: "tracked",
      part: "half",
      orientation: "upright",
      fill: 0.6,
      holdPartId: "body",
      tolerance: "web",
      deliveredLongEdgePx: 2000,
      wanted: 2,
    },
  ],
  choices: [
    choice("drag-flick", "b", "zoom-70-200"),
    choice("keepers-save", "a", "zoom-70-200", "converter-14"),
    choice("wingers-run", "b", "zoom-70-200"),
    choice("coach-after-a-goal", null, "long-300"),
  ],
  light: {
    cloudEighths: 1,
    lamps: { class: "II", from: "17:35", until: "19:30" },
    readings: [],
  },
};
