import { bodyOf, SUBJECTS } from "..";
import { FIGURES, type Solid } from "../../body";
import type { PartClass } from "../../motion";

/**
 * Seconds from one pose to the next in which the fastest part goes its way, from memory of pictures in sequence and of how often a wing beats;
 * nobody timed them here, and the speeds of the catalogue were known when they were written. Subjects whose poses are no single movement (a bird
 * that waits, then stabs; a rider in three places of a course) have none.
 */
const SECONDS: Readonly<Record<string, number>> = {
  "hockey-runner": 0.11,
  "floorball-player": 0.11,
  "hockey-drag-flicker": 0.09,
  "ice-hockey-skater": 0.055,
  "football-runner": 0.1,
  "rugby-runner": 0.1,
  "gaelic-football-runner": 0.1,
  "gridiron-runner": 0.1,
  "futsal-player": 0.09,
  "football-kick": 0.12,
  "football-goalkeeper": 0.3,
  "football-header": 0.25,
  "rugby-lineout": 0.4,
  "gaelic-football-catch": 0.38,
  "gridiron-receiver": 0.35,
  "australian-mark": 0.4,
  "rugby-tackle": 0.13,
  "gridiron-passer": 0.15,
  "hurling-striker": 0.09,
  "lacrosse-shot": 0.06,
  "basketball-drive": 0.2,
  "basketball-jump-shot": 0.3,
  "basketball-dunk": 0.2,
  "handball-throw": 0.16,
  "handball-goalkeeper": 0.15,
  "volleyball-attack": 0.17,
  "volleyball-block": 0.3,
  "volleyball-dig": 0.17,
  "baseball-batter": 0.09,
  "softball-batter": 0.09,
  "baseball-pitcher": 0.15,
  "baseball-slide": 0.25,
  "baseball-fielder": 0.15,
  "baseball-catcher": 0.2,
  "softball-pitcher": 0.11,
  "cricket-batter": 0.12,
  "cricket-bowler": 0.11,
  "cricket-wicketkeeper": 0.2,
  "cricket-fielder": 0.4,
  "tennis-serve": 0.11,
  "tennis-stroke": 0.09,
  "padel-stroke": 0.11,
  "squash-stroke": 0.08,
  "wheelchair-tennis": 0.05,
  "badminton-smash": 0.06,
  "badminton-net": 0.06,
  "table-tennis": 0.06,
  "golf-swing": 0.08,
  sprinter: 0.07,
  "relay-exchange": 0.075,
  "sprint-start": 0.14,
  "distance-runner": 0.11,
  "road-runner": 0.12,
  "cross-country-runner": 0.11,
  "triathlete-exit": 0.11,
  "trail-runner": 0.11,
  steeplechaser: 0.1,
  "high-hurdler": 0.15,
  "low-hurdler": 0.16,
  "race-walker": 0.11,
  "long-jumper": 0.4,
  "high-jumper": 0.4,
  "pole-vaulter": 0.7,
  "shot-putter": 0.15,
  "discus-thrower": 0.1,
  "hammer-thrower": 0.08,
  "javelin-thrower": 0.11,
  archer: 1.5,
  "swimmer-crawl": 0.27,
  "swimmer-breast": 0.25,
  "swimmer-fly": 0.27,
  "swimmer-back": 0.4,
  "open-water-swimmer": 0.3,
  "swim-start": 0.4,
  diver: 0.45,
  "water-polo-throw": 0.17,
  rower: 0.3,
  "canoe-slalom": 0.28,
  "canoe-sprint": 0.2,
  "wheelchair-racer": 0.12,
  "slalom-skier": 0.25,
  "cross-country-skier": 0.35,
  "speed-skater": 0.3,
  "curling-sweepers": 0.16,
  "figure-skater": 0.23,
  climber: 0.25,
  boulderer: 0.15,
  "speed-climber": 0.12,
  gymnast: 0.28,
  "gymnast-bars": 0.5,
  judoka: 0.25,
  wrestler: 0.4,
  "martial-arts-kick": 0.12,
  "dancer-leap": 0.3,
  "dancer-turn": 0.2,
  fencer: 0.17,
  boxer: 0.1,
  "galloping-horse": 0.19,
  "dog-running": 0.07,
  "hare-running": 0.05,
  "deer-running": 0.14,
  "antelope-running": 0.09,
  "wolf-trotting": 0.18,
  "kangaroo-hopping": 0.15,
  "swan-flying": 0.14,
  "duck-flying": 0.06,
  "gull-flying": 0.16,
  "harrier-hunting": 0.16,
  "tern-flying": 0.15,
  "kestrel-hovering": 0.06,
  "owl-flying": 0.14,
  "heron-flying": 0.22,
  "swallow-flying": 0.06,
  "tit-flying": 0.022,
  "gannet-flying": 0.14,
  "puffin-flying": 0.055,
  "osprey-flying": 0.16,
  "flock-flying": 0.04,
  "bat-flying": 0.04,
  "butterfly-flying": 0.05,
  "dragonfly-hovering": 0.014,
};

/** Who differs by more than a third, and why; at most ten. */
const APART: Readonly<Record<string, string>> = {
  "hockey-runner": "the stick only leads the ball in these poses; the library's speed is that of a hit",
  "floorball-player": "the stick only leads the ball in these poses; the library's speed is that of a shot",
  "javelin-thrower": "the javelin leaves the hand between two poses, at its fastest",
  "slalom-skier": "the poses are of the turn; the library's speed is that of hands and poles at the gate",
  "butterfly-flying": "its wings clap farther than the poses show",
};

const cornersOf = ({ from, to, further = [] }: Solid) => [from, to, ...further];

/** Metres that the farthest goes of a kind of part between two poses that follow one another. */
function pathOf(id: string, of: PartClass): number {
  const row = SUBJECTS.find((s) => s.id === id)!;
  const { name, size } = bodyOf(row);
  const { names, posed } = FIGURES[name];
  const at = (pose: number) => {
    const counted = new Map<string, number>();
    return new Map(
      posed({ pose }).solids.flatMap((solid) => {
        const count = counted.get(solid.name) ?? 0;
        counted.set(solid.name, count + 1);
        return solid.part === of && !/^(ball|shot|discus)$/.test(solid.name)
          ? [[`${solid.name} ${count}`, solid] as const]
          : [];
      }),
    );
  };
  let most = 0;
  for (let pose = 1; pose < names.length; pose++) {
    const [before, after] = [at(pose - 1), at(pose)];
    for (const [id, solid] of after) {
      const was = before.get(id);
      if (!was) continue;
      const [a, b] = [cornersOf(was), cornersOf(solid)];
      a.forEach((p, i) => {
        const q = b[i];
        if (q) most = Math.max(most, Math.hypot(p.x - q.x, p.y - q.y, p.z - q.z));
      });
    }
  }
  return most * size;
}

/** The kind of part of a subject that is fastest and of its body. */
function fastestOf(id: string): { readonly of: PartClass; readonly speed: number } {
  const row = SUBJECTS.find((s) => s.id === id)!;
  return row.parts
    .filter((p) => p.id !== "ball" && pathOf(id, p.partClass) > 0)
    .map((p) => ({ of: p.partClass, speed: p.speed }))
    .reduce((a, b) => (b.speed > a.speed ? b : a));
}

test("speeds of the poses' times are those of the catalogue within a third, but for at most ten, each with its reason", () => {
  const apart = Object.entries(SECONDS).flatMap(([id, seconds]) => {
    const { of, speed } = fastestOf(id);
    // A wing beats to and fro: it is fastest in the middle, by half of π against its mean.
    const fastest = of === "wing" ? Math.PI / 2 : 1;
    const ratio = (fastest * pathOf(id, of)) / seconds / speed;
    return ratio < 2 / 3 || ratio > 4 / 3 ? [`${id} ${of} ${ratio.toFixed(2)}`] : [];
  });
  expect(apart.map((a) => a.split(" ")[0])).toEqual(Object.keys(APART));
  expect(apart.length).toBeLessThanOrEqual(10);
  expect(Object.keys(SECONDS).length).toBeGreaterThan(110);
});
