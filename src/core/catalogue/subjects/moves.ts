import { DISCIPLINES, posedPerson, reachAlong, type DisciplineName } from "../../body";
import { grownOf } from "./grown";

/** Which discipline of bodies in space moves as which subject of the library; the rest is drawn by its figure. */
const MOVES_AS: Readonly<Record<DisciplineName, string>> = {
  running:
    "football-runner rugby-runner gridiron-runner gaelic-football-runner futsal-player sprinter distance-runner road-runner cross-country-runner triathlete-exit trail-runner steeplechaser relay-exchange",
  "sprint start": "sprint-start",
  hurdling: "high-hurdler low-hurdler",
  "race walking": "race-walker",
  "long jump": "long-jumper",
  "high jump": "high-jumper",
  "pole vault": "pole-vaulter",
  "shot put": "shot-putter",
  discus: "discus-thrower",
  hammer: "hammer-thrower",
  javelin: "javelin-thrower",
  boxing: "boxer",
  fencing: "fencer",
  "high kick": "martial-arts-kick",
  judo: "judoka",
  wrestling: "wrestler",
  beam: "gymnast-beam",
  "floor leap": "gymnast dancer-leap",
  bars: "gymnast-bars",
  trampoline: "trampolinist",
  "dance turn": "dancer-turn",
  "figure skating": "figure-skater",
  archery: "archer",
  "curling delivery": "curling-delivery",
  "curling sweeping": "curling-sweepers",
  "speed skating": "speed-skater",
  alpine: "slalom-skier",
  tuck: "skier",
  "ski jump": "ski-jumper",
  "cross-country skiing": "cross-country-skier",
  freestyle: "freestyle-skier",
  snowboarding: "snowboarder",
  skateboarding: "skateboarder",
  surfing: "surfer",
  "paddle boarding": "paddle-boarder",
  "swim start": "swim-start",
  diving: "diver",
  goalkeeping: "football-goalkeeper",
  fielding: "cricket-fielder",
  sliding: "baseball-slide",
  pitching: "baseball-pitcher",
  bowling: "cricket-bowler",
  throwing: "handball-throw baseball-fielder",
  passing: "gridiron-passer",
  dribbling: "basketball-drive",
  "jump shot": "basketball-jump-shot",
  dunk: "basketball-dunk",
  spike: "volleyball-attack",
  block: "volleyball-block",
  dig: "volleyball-dig",
  "shot at a ring": "netball-shot korfball-shot",
  "high catch": "australian-mark gaelic-football-catch rugby-lineout gridiron-receiver",
  tackle: "rugby-tackle",
  kick: "football-kick",
  header: "football-header",
  "hall keeping": "handball-goalkeeper",
  "squatting catch": "baseball-catcher cricket-wicketkeeper",
  "windmill pitch": "softball-pitcher",
  standing: "person-standing",
  reacting: "person-reacting",
  celebrating: "team-celebrating",
  climbing: "climber boulderer speed-climber",
  cheering: "cheer-toss",
  serve: "tennis-serve",
  stroke: "tennis-stroke padel-stroke squash-stroke",
  smash: "badminton-smash",
  "net lunge": "badminton-net",
  "table tennis": "table-tennis",
  batting: "baseball-batter softball-batter",
  "cricket batting": "cricket-batter",
  "golf swing": "golf-swing",
  "drag flick": "hockey-drag-flicker",
  "running with a stick": "hockey-runner floorball-player",
  "skating with a stick": "ice-hockey-skater",
  striking: "hurling-striker",
  "lacrosse shot": "lacrosse-shot",
  "padded keeping": "hockey-goalkeeper ice-hockey-goalkeeper",
};

const MOVES: ReadonlyMap<string, DisciplineName> = new Map(
  Object.entries(MOVES_AS).flatMap(([name, ids]) => ids.split(" ").map((id) => [id, name as DisciplineName])),
);

/** The discipline in which a subject of the library moves; nothing for one that has no body in space. */
export const disciplineOf = (subjectId: string): DisciplineName | undefined => MOVES.get(grownOf(subjectId));

/** Metres of a grown person who stands upright, where a row does not say (common practice: the mean of women and men). */
const GROWN = 1.75;
/** Shares of it within which a height that a row tells for its posture is taken as a person's own (assumed). */
const PLAUSIBLE = [0.88, 1.17] as const;

/** How a subject of the library moves, and how tall it stands upright. */
export interface Moves {
  readonly discipline: DisciplineName;
  /** Metres. */
  readonly standing: number;
}

/**
 * The discipline of a subject and its standing height in metres: from the height that its row tells for its posture at the peak, where that
 * gives a person; else that of a grown one, of a youth in the share of its row against the grown one's. Nothing for one without a body.
 */
export function movesOf(
  { id, height }: { readonly id: string; readonly height: number },
  grownHeight: number,
): Moves | undefined {
  const discipline = disciplineOf(id);
  if (!discipline) return undefined;
  const { poses, peak, tools } = DISCIPLINES[discipline];
  const flesh = posedPerson({ ...poses[peak]!.pose, off: 0 }, tools).solids.filter((s) => s.part !== "tool");
  const { least, most } = reachAlong(flesh, { x: 0, y: 0, z: 1 });
  const usual = GROWN * (height / grownHeight);
  const told = height / (most - least);
  const isPlausible = told >= PLAUSIBLE[0] * usual && told <= PLAUSIBLE[1] * usual;
  return { discipline, standing: isPlausible ? told : usual };
}
