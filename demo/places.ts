import { choiceOf, type Outing, type Place, type Places, type Sighting } from "@/data";

// Places of the season as they are kept across outings; what was seen there is invented.

/** What a place keeps of an outing that is over. */
function workedOn(outing: Outing): Place["worked"] {
  return outing.shots.flatMap((shot, i) => {
    const own = outing.log.filter((s) => s.shotId === shot.id);
    const positionId = choiceOf(outing, shot.id)?.positionId;
    if (own.length === 0 || !positionId) return [];
    return [
      {
        id: `worked-${i + 1}`,
        outingId: outing.id,
        date: outing.date,
        positionId,
        shot: shot.name,
        taken: own.reduce((sum, s) => sum + s.taken, 0),
        kept: own.reduce((sum, s) => sum + s.kept, 0),
      },
    ];
  });
}

const keptFrom = (outing: Outing, id: string): Place => ({
  id,
  name: outing.place,
  kind: outing.kind,
  timeZone: outing.timeZone,
  ground: outing.ground,
  light: {
    ...(outing.light.roof && { roof: outing.light.roof }),
    ...(outing.light.leaves && { leaves: outing.light.leaves }),
    lamps: outing.light.lamps,
    readings: [],
  },
  access: outing.access,
  cautions: outing.cautions,
  notes: outing.notes,
  worked: workedOn(outing),
  pictures: [],
});

/** Readings under the lamps of an evening's training: a third of a stop darker than their class, the benches a stop darker still. */
const underLamps = (
  zoneId: string,
  spotId: string,
  settingsEv: number,
  n: number,
): Place["light"]["readings"][number] => ({
  id: `lamps-${n}`,
  outingId: "training-evening",
  zoneId,
  spotId,
  positionId: "b",
  at: Date.UTC(2026, 8, 24, 18, 10 + 7 * n),
  settingsEv,
  offClicks: 0,
  modelEv: 7.4,
  dayShare: 0,
});

const LAGOON = "saltmere-hide";

type Told = readonly [
  name: string,
  what: Sighting["what"],
  on: string,
  spotId: string,
  more?: Partial<Sighting>,
];

/** Three years about the hide. */
const SEEN: readonly Told[] = [
  ["Reed warbler", "first-song", "2024-04-21", "song-reed", { at: "05:40" }],
  ["Reed warbler", "first-song", "2025-04-18", "song-reed", { at: "05:20", wind: { from: 230, speed: 2 } }],
  ["Reed warbler", "first-song", "2026-04-23", "song-reed", { at: "05:35" }],
  ["Reed warbler", "nest", "2026-05-24", "song-reed", { keepOff: 20, note: "Left of the sluice, low." }],
  ["Marsh harrier", "arrival", "2024-04-02", "food-pass"],
  ["Marsh harrier", "arrival", "2025-03-28", "food-pass", { wind: { from: 200, speed: 6 } }],
  ["Marsh harrier", "arrival", "2026-03-30", "food-pass", { wind: { from: 190, speed: 5 } }],
  ["Marsh harrier", "young", "2025-07-12", "food-pass", { count: 3 }],
  ["Common tern", "arrival", "2025-04-30", "post"],
  ["Common tern", "arrival", "2026-05-03", "post", { afterHighWater: 90 }],
  ["Common tern", "perch", "2026-05-03", "post", { at: "06:15", afterHighWater: 100 }],
  ["Common tern", "perch", "2026-05-16", "post", { at: "06:40", wind: { from: 260, speed: 4 } }],
  ["Otter", "track", "2024-12-06", "bank-bend", { at: "07:50" }],
  ["Otter", "track", "2025-12-04", "bank-bend", { at: "08:05", note: "Along the water, up to the spit." }],
  ["Otter", "seen", "2025-02-16", "bank-bend", { at: "07:10" }],
  ["Otter", "seen", "2026-02-08", "bank-bend", { at: "07:25", afterHighWater: -40 }],
  ["Otter", "young", "2026-06-14", "bank-bend", { at: "05:10", count: 2 }],
  ["Kingfisher", "perch", "2025-10-11", "post", { at: "08:40" }],
  ["Kingfisher", "perch", "2026-10-04", "post", { at: "08:20", wind: { from: 250, speed: 3 } }],
  ["Kingfisher", "territory", "2026-03-07", "bank-bend", { at: "07:15" }],
];

export const placesOf = (hockey: Outing, past: Outing, lagoon: Outing): Places => {
  const ground = { ...keptFrom(hockey, "quarry-lane"), notes: past.notes, worked: workedOn(past) };
  const [home, benches] = ground.ground.zones;
  const spot = ground.ground.spots[0]!.id;
  return {
    version: 1,
    places: [
      {
        ...ground,
        light: {
          ...ground.light,
          readings: [
            underLamps(home!.id, spot, 7.1, 1),
            underLamps(home!.id, spot, 7, 2),
            ...(benches ? [underLamps(benches.id, spot, 6, 3), underLamps(benches.id, spot, 6.2, 4)] : []),
          ],
        },
      },
      keptFrom(lagoon, LAGOON),
    ],
    sightings: SEEN.map(([name, what, on, spotId, more], i) => ({
      id: `seen-${i + 1}`,
      placeId: LAGOON,
      name,
      what,
      on,
      spotId,
      ...more,
    })),
  };
};
