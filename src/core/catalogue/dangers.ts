import type { Animal, Danger } from "../guard";
import { grownOf } from "./subjects";

// What can hurt at each subject of the library, and how near one keeps to an animal. All of it common practice, no source, unless a row
// says otherwise; measures are chosen on the safe side. Officials, wardens, guides and local law decide.

const NONE: readonly Danger[] = [];

const SOFT: Danger = { kind: "soft-ball" };

/** m/s of the ball when it is struck or thrown hard, and metres to which a miss flies (from memory). */
const ball = (speed: number, reach: number, turn = 0, spread = 25): Danger => ({
  kind: "hard-ball",
  speed,
  reach,
  turn,
  spread,
});

const pit = (ahead: number, half: number): Danger => ({ kind: "landing", ahead, half });

const VEHICLE: Danger = { kind: "passing", seconds: 3, beside: { straight: 30, inside: 15 } };
const HORSE: Danger = { kind: "passing", seconds: 1 };
/** A display keeps its line 230 m and more from the spectators for what is fast, 100 m for what turns tightly (air display practice; from memory). */
const DISPLAY: Danger = { kind: "passing", seconds: 1, beside: { straight: 150, inside: 150 } };
const RUNNER: Danger = { kind: "passing", seconds: 0.5, beside: { straight: 1, inside: 1 } };

/** The United States' park service asks for 100 yards from bears, wolves and big cats, 25 from other large mammals. */
const YARDS_100 = 91;
const YARDS_25 = 23;

const animal = (
  keepOff: number,
  nest?: Animal["nest"],
  known: Animal["known"] = "common-practice",
): Danger => ({ kind: "animal", keepOff, known, ...(nest !== undefined && { nest }) });

type Row = readonly [subjects: string, dangers: readonly Danger[]];

// prettier-ignore
const ROWS: readonly Row[] = [
  ["archer", [{ kind: "hard-ball", speed: 57, reach: 200, turn: 0, spread: 20 }]],
  // Balls that break bones. A goalkeeper is where they fly to: the line is behind.
  ["hockey-runner", [ball(20, 45), SOFT]],
  ["hockey-drag-flicker", [ball(28, 45), SOFT]],
  ["hockey-goalkeeper", [ball(28, 45, 180), SOFT]],
  ["ice-hockey-skater", [ball(40, 60), SOFT]],
  ["ice-hockey-goalkeeper", [ball(40, 60, 180), SOFT]],
  ["hurling-striker", [ball(40, 90), SOFT]],
  ["floorball-player", [ball(30, 25), SOFT]],
  ["lacrosse-shot", [ball(40, 70), SOFT]],
  ["baseball-batter", [ball(45, 120, -90, 50)]],
  ["baseball-batter-youth", [ball(30, 60, -90, 50)]],
  ["softball-batter", [ball(35, 67, -90, 50)]],
  ["baseball-pitcher", [ball(40, 40)]],
  ["softball-pitcher", [ball(28, 30)]],
  ["baseball-slide baseball-fielder", [ball(35, 60)]],
  ["baseball-catcher", [ball(40, 40, 180)]],
  ["cricket-batter", [ball(35, 80, 0, 60)]],
  ["cricket-bowler", [ball(38, 40)]],
  ["cricket-fielder cricket-wicketkeeper", [ball(30, 60, 180)]],
  ["golf-swing", [ball(65, 250, -90, 30)]],
  // Players and soft balls over the line.
  ["football-runner football-kick football-goalkeeper football-header gaelic-football-runner gaelic-football-catch futsal-player team-celebrating rugby-runner rugby-lineout rugby-tackle", [SOFT]],
  ["gridiron-runner gridiron-passer gridiron-receiver australian-mark", [SOFT]],
  ["basketball-drive basketball-jump-shot basketball-dunk handball-throw handball-goalkeeper netball-shot korfball-shot wheelchair-basketball wheelchair-rugby", [SOFT]],
  ["volleyball-attack volleyball-block volleyball-dig", [SOFT]],
  ["tennis-serve tennis-stroke wheelchair-tennis padel-stroke badminton-smash badminton-net table-tennis squash-stroke", NONE],
  // Throws: World Athletics' sectors and circles (from memory); reach a little over the best that is done.
  ["discus-thrower", [{ kind: "throw", front: 1.25, reach: 80, behind: "cage" }]],
  ["hammer-thrower", [{ kind: "throw", front: 1.07, reach: 90, behind: "cage" }]],
  ["shot-putter", [{ kind: "throw", front: 1.07, reach: 25, behind: "circle" }]],
  ["javelin-thrower", [{ kind: "throw", front: 2, reach: 100, behind: "arc" }]],
  // Runs, and what they end in.
  ["sprinter sprint-start distance-runner road-runner cross-country-runner triathlete-exit trail-runner high-hurdler low-hurdler steeplechaser race-walker relay-exchange wheelchair-racer", [RUNNER]],
  ["long-jumper", [pit(8, 1.4)]],
  ["high-jumper", [pit(4, 3)]],
  ["pole-vaulter", [pit(8, 3)]],
  // Water, where one stands on land.
  ["swimmer-crawl swimmer-breast swimmer-fly swimmer-back open-water-swimmer swim-start diver water-polo-throw", NONE],
  ["rower canoe-slalom canoe-sprint surfer kitesurfer windsurfer paddle-boarder dinghy-sailor", NONE],
  // Wheels, skis, skates.
  ["road-cyclist track-cyclist cyclocross-rider mountain-biker", [RUNNER]],
  ["bmx-rider", [RUNNER, pit(10, 2)]],
  ["skateboarder", [pit(6, 2)]],
  ["skier slalom-skier", [{ kind: "passing", seconds: 1, beside: { straight: 5, inside: 5 } }]],
  ["cross-country-skier", [RUNNER]],
  ["ski-jumper", [pit(100, 10)]],
  ["snowboarder freestyle-skier", [pit(15, 3)]],
  ["speed-skater figure-skater curling-delivery curling-sweepers", NONE],
  // Whoever falls, falls on mats; nobody stands under a climber.
  ["climber boulderer climber-fall speed-climber", [pit(3, 2)]],
  ["gymnast gymnast-bars gymnast-beam trampolinist judoka wrestler martial-arts-kick fencer boxer cheer-stunt dancer-leap dancer-turn", NONE],
  ["cheer-toss", [pit(2, 2)]],
  ["cross-country-horse jumping-horse", [HORSE, pit(8, 3)]],
  ["dressage-horse", NONE],
  ["galloping-horse polo-player harness-racer", [HORSE]],
  ["dog-running dog-agility dog-disc sheepdog", [RUNNER]],
  ["racing-car rally-car road-racing-motorcycle speedway-rider kart", [VEHICLE]],
  ["aircraft-jet aircraft-propeller helicopter", [DISPLAY]],
  ["motocross-rider", [VEHICLE, pit(25, 4)]],
  ["person-reacting person-standing", NONE],
  // Mammals.
  ["bear-walking wolf-trotting big-cat-walking", [animal(YARDS_100, "never", "us-park-service")]],
  ["deer-standing deer-running roe-deer-walking antelope-running", [animal(YARDS_25, undefined, "us-park-service")]],
  ["wild-boar elephant-walking", [animal(50)]],
  ["fox-trotting", [animal(10, "never")]],
  ["badger", [animal(10, "never")]],
  ["otter-bank otter-swimming", [animal(12, "never")]],
  ["seal", [animal(50, 100)]],
  ["hare-running squirrel squirrel-feeding", [animal(0)]],
  ["rabbit-feeding hedgehog", [animal(3, 10)]],
  ["bat-flying", [animal(5, "never")]],
  ["monkey-branch", [animal(10)]],
  ["kangaroo-hopping", [animal(15)]],
  ["dolphin-leaping", [animal(50)]],
  ["whale-surfacing", [animal(100)]],
  // Cold-blooded: a snake strikes a third of its length, and two metres are asked.
  ["frog-calling lizard-basking", [animal(0)]],
  ["snake-basking", [animal(2)]],
  // Birds: from the bird, and from its nest.
  ["swan-flying goose-landing goose-grazing swan-swimming swan-feeding", [animal(15, 50)]],
  ["duck-flying gull-flying gull-feeding flock-flying duck-swimming duck-feeding duck-standing grebe-swimming coot-swimming gull-standing", [animal(10, 50)]],
  ["harrier-hunting eagle-gliding buzzard-soaring falcon-stooping raptor-perched raptor-feeding", [animal(50, 100)]],
  ["osprey-flying osprey-diving", [animal(50, 230)]],
  ["kestrel-hovering owl-flying owl-perched", [animal(30, 100)]],
  ["tern-flying tern-diving wader-feeding gannet-flying gannet-diving", [animal(15, 100)]],
  ["puffin-flying puffin-standing", [animal(5, 20)]],
  ["heron-flying heron-standing", [animal(25, 100)]],
  ["kingfisher-diving kingfisher-perched", [animal(8, 100)]],
  ["woodpecker-trunk", [animal(8, 20)]],
  ["swallow-flying tit-flying hummingbird-hovering small-bird-singing small-bird-feeder", [animal(4, 20)]],
  // What keeps no distance of its own, and weather.
  ["butterfly-calm butterfly-wind butterfly-flying dragonfly-hovering dragonfly-perched bee-flower spider-web", [animal(0)]],
  ["snowflake raindrop", NONE],
];

const DANGERS: ReadonlyMap<string, readonly Danger[]> = new Map(
  ROWS.flatMap(([subjects, dangers]) => subjects.split(" ").map((id) => [id, dangers] as const)),
);

/** The dangers of a subject of the library by its id; absent for one that it does not have. */
export const dangersOf = (subjectId: string): readonly Danger[] | undefined =>
  DANGERS.get(grownOf(subjectId));
