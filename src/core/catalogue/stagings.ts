import { grownOf, SUBJECTS } from "./subjects";

/**
 * Where each subject of the library is met: its venues, the usual one first; where on that venue and which way it goes;
 * and the other words people use for it. Places in the venue's own axes (x to the right, y along its long axis, metres),
 * ways as bearings from the long axis, z the height in metres of the figure's foot above the ground. Common practice, no
 * source; measures chosen.
 */
export interface Staging {
  readonly subjectId: string;
  /** Ids of venue templates. */
  readonly venues: readonly string[];
  /** Metres to the right of the venue's middle. */
  readonly x: number;
  /** Metres along the venue from its middle. */
  readonly y: number;
  /** Metres above the ground. */
  readonly z: number;
  /** Bearing in degrees in the venue's own axes. */
  readonly facing: number;
  /** What it happens on where the venue has no ground of its own; see `Scenery`. */
  readonly scenery: Scenery;
  /** Sport, parts and synonyms by which it is searched for. */
  readonly words: string;
  /** Where on another of its venues it is met, as x and y, where that is not the same place by the measures of the two. */
  readonly elsewhere?: Readonly<Record<string, readonly [x: number, y: number]>>;
}

/**
 * The ground about a subject that is met in the open: a course along which it comes, closed to everybody, between rails
 * where horses race; water with a shore near or, of the sea, beyond the break; snow; a wall that is climbed; or nothing but
 * the ground.
 */
export type Scenery =
  "venue" | "road" | "field-course" | "racecourse" | "water" | "sea" | "snow-course" | "wall" | "plain";

type Row = readonly [
  venues: string,
  place: readonly [number, number, number, number?],
  scenery: Scenery,
  words: string,
  elsewhere?: Staging["elsewhere"],
];

const OPEN = "open-ground";

// prettier-ignore
const ROWS: Readonly<Record<string, Row>> = {
  "hockey-runner": ["field-hockey", [16, 30, 0], "venue", "hockey running forward winger attack"],
  "hockey-drag-flicker": ["field-hockey", [2, 31, 0], "venue", "hockey drag flick penalty corner shot"],
  "hockey-goalkeeper": ["field-hockey", [0, 45, 180], "venue", "hockey goalie keeper save"],
  "ice-hockey-skater": ["ice-hockey", [6, 16, 30], "venue", "ice hockey skating puck forward"],
  "ice-hockey-goalkeeper": ["ice-hockey", [0, 25, 180], "venue", "ice hockey goalie keeper save puck"],
  "football-runner": ["football", [20, 30, 0], "venue", "football soccer running dribbling ball striker winger"],
  "football-kick": ["football", [12, 38, 0], "venue", "football soccer shot kick striker free kick"],
  "football-goalkeeper": ["football", [0, 51, 180], "venue", "football soccer goalie keeper save dive"],
  "football-header": ["football", [4, 45, 20], "venue", "football soccer header jump corner"],
  "rugby-runner": ["rugby-union rugby-league", [22, 34, 0], "venue", "rugby running ball carrier try winger"],
  "rugby-lineout": ["rugby-union", [30, 28, 90], "venue", "rugby line-out lineout jump"],
  "rugby-tackle": ["rugby-union rugby-league", [22, 34, 0], "venue", "rugby tackle ruck contact"],
  "gridiron-runner": ["gridiron", [14, 30, 0], "venue", "gridiron american football running back ball carrier"],
  "gridiron-passer": ["gridiron", [0, 20, 0], "venue", "gridiron american football quarterback passer throw"],
  "gridiron-receiver": ["gridiron", [16, 42, 180], "venue", "gridiron american football wide receiver catch touchdown"],
  "australian-mark": ["australian-football", [25, 55, 180], "venue", "australian football footy mark catch jump"],
  "hurling-striker": ["gaelic-field", [25, 45, 0], "venue", "hurling gaelic strike sliotar hurley camogie"],
  "lacrosse-shot": ["lacrosse", [14, 32, 0], "venue", "lacrosse shot stick"],
  "basketball-drive": ["basketball", [3, 7, 10], "venue", "basketball drive dribble running court lay-up layup"],
  "basketball-jump-shot": ["basketball", [3, 8, 0], "venue", "basketball jump shot three pointer shooter"],
  "basketball-dunk": ["basketball", [0.8, 12, 0], "venue", "basketball dunk slam rim"],
  "handball-throw": ["handball", [-2, 12, 0], "venue", "handball jump throw shot"],
  "handball-goalkeeper": ["handball futsal", [0, 19.3, 180], "venue", "handball goalie keeper save"],
  "volleyball-attack": ["volleyball beach-volleyball", [2, -1, 0], "venue", "volleyball spike attack smash hit net"],
  "volleyball-block": ["volleyball beach-volleyball", [1, 0.6, 180], "venue", "volleyball block net jump reach"],
  "volleyball-dig": ["volleyball beach-volleyball", [-2, -6, 0], "venue", "volleyball dig reception pass libero"],
  "netball-shot": ["netball", [1, 13, 0], "venue", "netball shot goal shooter"],
  "baseball-batter": ["baseball", [-0.9, -61, 90], "venue", "baseball batter batting hitter swing plate bat"],
  "baseball-batter-youth": ["baseball-youth baseball", [-0.9, -30.5, 90], "venue", "baseball youth little batter batting hitter swing plate", { baseball: [-0.9, -61] }],
  "baseball-pitcher": ["baseball baseball-youth", [0, -42.6, 180], "venue", "baseball pitcher throw mound", { "baseball-youth": [0, -16.5] }],
  "baseball-slide": ["baseball baseball-youth softball", [19.4, -41.6, 45], "venue", "baseball slide base running", { "baseball-youth": [12.9, -17.6], softball: [12.9, -20.6] }],
  "softball-batter": ["softball", [-0.9, -33.5, 90], "venue", "softball batter batting hitter swing plate"],
  "softball-pitcher": ["softball", [0, -20.4, 180], "venue", "softball pitcher throw windmill"],
  "cricket-batter": ["cricket", [0, 8.6, 180], "venue", "cricket batsman batter batting stroke crease"],
  "cricket-bowler": ["cricket", [1, -9.5, 0], "venue", "cricket bowler bowling pace delivery"],
  "cricket-fielder": ["cricket", [30, 20, 270], "venue", "cricket fielder catch dive fielding"],
  "tennis-serve": ["tennis", [1, -12, 350], "venue", "tennis serve service ace"],
  "tennis-stroke": ["tennis", [-2, -11, 0], "venue", "tennis forehand backhand ground stroke rally"],
  "badminton-smash": ["badminton", [1, -4, 0], "venue", "badminton smash shuttlecock jump"],
  "badminton-net": ["badminton", [-1, -1.5, 0], "venue", "badminton net shot shuttlecock"],
  "table-tennis": ["table-tennis", [0, -2.2, 0], "venue", "table tennis ping pong topspin"],
  "squash-stroke": ["squash", [-1.5, -2, 110], "venue", "squash stroke rally"],
  "golf-swing": [OPEN, [0, 0, 270], "plain", "golf swing drive tee club"],
  sprinter: ["athletics-400", [39, 30, 0], "venue", "athletics track sprint sprinter running 100 m 200 m race finish"],
  "sprint-start": ["athletics-400", [39, -56.5, 0], "venue", "athletics track sprint start blocks 100 m"],
  "distance-runner": ["athletics-400", [37.3, 20, 0], "venue", "athletics track running runner 1500 5000 10000 distance"],
  "trail-runner": [OPEN, [0, 0, 180], "field-course", "running runner trail mountain road marathon"],
  "high-hurdler": ["athletics-400", [40, 10, 0], "venue", "athletics track hurdles hurdler 110 m 100 m running"],
  "low-hurdler": ["athletics-400", [38, 20, 0], "venue", "athletics track hurdles hurdler 400 m running"],
  steeplechaser: ["athletics-400", [37.5, 30, 0], "venue", "athletics track steeplechase water jump running"],
  "race-walker": ["athletics-400", [38, 20, 0], "venue", "athletics race walking walker"],
  "long-jumper": ["athletics-400", [-50.5, 13, 0], "venue", "athletics long jump triple jump pit sand"],
  "high-jumper": ["athletics-400", [25, -50, 180, 1.5], "venue", "athletics high jump bar"],
  "pole-vaulter": ["athletics-400", [30, -30, 180, 4], "venue", "athletics pole vault bar"],
  "shot-putter": ["athletics-400", [20, 56, 180], "venue", "athletics shot put throw circle"],
  "discus-thrower": ["throwing-sector athletics-400", [0, -45, 0], "venue", "athletics discus throw circle cage", { "athletics-400": [0, -42.2] }],
  "hammer-thrower": ["throwing-sector athletics-400", [0, -45, 0], "venue", "athletics hammer throw circle cage", { "athletics-400": [0, -42.2] }],
  "javelin-thrower": ["javelin-sector athletics-400", [0, -44, 0], "venue", "athletics javelin throw runway", { "athletics-400": [0, -44.2] }],
  "relay-exchange": ["athletics-400", [40, -35, 0], "venue", "athletics relay baton exchange running"],
  "swimmer-crawl": ["pool-25 pool-50 pool-10", [6.25, 4, 0], "venue", "swimming swimmer crawl freestyle front crawl"],
  "swimmer-breast": ["pool-25 pool-50 pool-10", [6.25, 4, 0], "venue", "swimming swimmer breaststroke"],
  "swimmer-fly": ["pool-25 pool-50 pool-10", [6.25, 4, 0], "venue", "swimming swimmer butterfly fly"],
  "swimmer-back": ["pool-25 pool-50 pool-10", [6.25, 4, 0], "venue", "swimming swimmer backstroke"],
  "swim-start": ["pool-25 pool-50", [6.25, -10.5, 0, 0.5], "venue", "swimming swimmer start dive block"],
  diver: ["pool-25 pool-50", [4, 8, 270, 2], "venue", "diving diver board springboard platform"],
  "water-polo-throw": ["water-polo", [4, 9, 0], "venue", "water polo throw shot"],
  rower: ["rowing-course", [33, 900, 0], "venue", "rowing rower boat crew scull eight"],
  "canoe-slalom": [OPEN, [0, 0, 120], "water", "canoe kayak slalom white water paddling"],
  "canoe-sprint": ["rowing-course", [33, 900, 0], "venue", "canoe kayak sprint paddling"],
  surfer: [OPEN, [0, 0, 110], "sea", "surfing surfer wave board"],
  "dinghy-sailor": [OPEN, [0, 0, 90], "sea", "sailing sailor dinghy boat"],
  "road-cyclist": [OPEN, [0, 0, 180], "road", "cycling cyclist bicycle bike road race"],
  "track-cyclist": ["velodrome", [31.5, 0, 0], "venue", "cycling cyclist bicycle bike track velodrome"],
  "mountain-biker": [OPEN, [0, 0, 180], "field-course", "cycling cyclist bicycle mountain bike downhill"],
  "bmx-rider": [OPEN, [0, 0, 120, 1.5], "field-course", "cycling bicycle bike bmx jump"],
  "cyclocross-rider": [OPEN, [0, 0, 180], "field-course", "cycling cyclist bicycle bike cyclo-cross"],
  skateboarder: [OPEN, [0, 0, 120, 0.5], "plain", "skateboard skateboarding trick park"],
  "wheelchair-racer": ["athletics-400", [38, 20, 0], "venue", "wheelchair racing athletics track para"],
  skier: [OPEN, [0, 0, 180], "snow-course", "skiing ski alpine downhill snow"],
  "slalom-skier": [OPEN, [0, 0, 180], "snow-course", "skiing ski alpine slalom gate snow"],
  "ski-jumper": [OPEN, [0, 0, 120, 3], "snow-course", "ski jumping jumper flight snow"],
  "cross-country-skier": [OPEN, [0, 0, 180], "snow-course", "cross-country skiing nordic biathlon snow"],
  snowboarder: [OPEN, [0, 0, 120, 2], "snow-course", "snowboard snowboarding jump snow"],
  "speed-skater": ["ice-hockey", [6, 14, 0], "venue", "speed skating skater short track ice"],
  "figure-skater": ["ice-hockey", [4, 8, 60], "venue", "figure skating skater jump ice"],
  climber: [OPEN, [0, 0, 120, 4], "wall", "climbing climber wall rock lead"],
  boulderer: [OPEN, [0, 0, 120, 2], "wall", "climbing bouldering boulder wall"],
  "climber-fall": [OPEN, [0, 0, 120, 5], "wall", "climbing climber fall wall"],
  "speed-climber": ["speed-climbing", [1.5, 2, 0, 4], "venue", "climbing speed climbing wall"],
  gymnast: ["gymnastics-floor", [0, 0, 60], "venue", "gymnastics gymnast floor vault tumbling"],
  "gymnast-bars": ["gymnastics-floor", [0, 0, 90, 1.5], "venue", "gymnastics gymnast bars high bar"],
  "gymnast-beam": ["gymnastics-floor", [0, 0, 60, 1.2], "venue", "gymnastics gymnast beam"],
  trampolinist: ["gymnastics-floor", [0, 0, 90, 3], "venue", "trampoline trampolining gymnastics jump"],
  judoka: ["judo-mat", [0, 0, 60], "venue", "judo throw martial arts wrestling"],
  fencer: ["fencing-piste", [0, 1, 0], "venue", "fencing fencer lunge epee foil sabre"],
  boxer: ["judo-mat", [0, 0, 60], "venue", "boxing boxer punch ring"],
  "cross-country-horse": [OPEN, [0, 0, 180], "field-course", "horse rider eventing cross-country trials"],
  "jumping-horse": ["show-jumping", [5, 10, 0], "venue", "horse rider show jumping fence"],
  "dressage-horse": ["dressage", [0, 10, 0], "venue", "horse rider dressage trot"],
  "galloping-horse": [OPEN, [0, 0, 180], "racecourse", "horse racing racehorse gallop"],
  "polo-player": [OPEN, [0, 0, 90], "field-course", "horse polo player mallet"],
  "racing-car": [OPEN, [0, 0, 180], "road", "motor sport racing car circuit formula"],
  "rally-car": [OPEN, [0, 0, 180], "road", "motor sport rally car stage"],
  "road-racing-motorcycle": [OPEN, [0, 0, 180], "road", "motor sport motorcycle motorbike racing circuit"],
  "motocross-rider": [OPEN, [0, 0, 120, 2], "road", "motor sport motocross motorcycle motorbike jump"],
  kart: [OPEN, [0, 0, 180], "road", "motor sport kart karting"],
  "person-reacting": [OPEN, [0, 0, 180], "plain", "person reaction cheering fan coach celebration"],
  "person-standing": [OPEN, [0, 0, 180], "plain", "person portrait coach athlete waiting interview"],
  "deer-standing": [OPEN, [0, 0, 120], "plain", "deer red stag hind wildlife mammal"],
  "deer-running": [OPEN, [0, 0, 100], "plain", "deer red stag hind running wildlife mammal"],
  "roe-deer-walking": [OPEN, [0, 0, 120], "plain", "roe deer wildlife mammal"],
  "wild-boar": [OPEN, [0, 0, 120], "plain", "boar pig wildlife mammal"],
  "bear-walking": [OPEN, [0, 0, 120], "plain", "bear wildlife mammal"],
  "wolf-trotting": [OPEN, [0, 0, 120], "plain", "wolf wildlife mammal"],
  "fox-trotting": [OPEN, [0, 0, 120], "plain", "fox wildlife mammal"],
  "hare-running": [OPEN, [0, 0, 110], "plain", "hare rabbit running wildlife mammal"],
  "otter-bank": [OPEN, [0, 0, 120], "plain", "otter river wildlife mammal"],
  "otter-swimming": [OPEN, [0, 0, 120], "water", "otter river swimming wildlife mammal"],
  seal: [OPEN, [0, 0, 150], "plain", "seal sea coast wildlife mammal"],
  squirrel: [OPEN, [0, 0, 110, 1.5], "plain", "squirrel tree wildlife mammal"],
  badger: [OPEN, [0, 0, 150], "plain", "badger night wildlife mammal"],
  "swan-flying": [OPEN, [0, 0, 110, 4], "plain", "swan flight flying bird water"],
  "duck-flying": [OPEN, [0, 0, 110, 5], "plain", "duck mallard flight flying bird water"],
  "gull-flying": [OPEN, [0, 0, 110, 6], "plain", "gull seagull flight flying bird coast"],
  "harrier-hunting": [OPEN, [0, 0, 110, 4], "plain", "harrier raptor flight flying bird of prey marsh"],
  "tern-flying": [OPEN, [0, 0, 110, 5], "plain", "tern flight flying bird coast"],
  "tern-diving": [OPEN, [0, 0, 120, 2], "water", "tern diving dive bird fishing"],
  "eagle-gliding": [OPEN, [0, 0, 110, 12], "plain", "eagle raptor flight flying bird of prey"],
  "buzzard-soaring": [OPEN, [0, 0, 110, 10], "plain", "buzzard hawk raptor flight flying bird of prey"],
  "falcon-stooping": [OPEN, [0, 0, 110, 10], "plain", "falcon peregrine raptor stoop dive bird of prey"],
  "kestrel-hovering": [OPEN, [0, 0, 150, 8], "plain", "kestrel falcon raptor hover bird of prey"],
  "owl-flying": [OPEN, [0, 0, 130, 2], "plain", "owl flight flying bird of prey night"],
  "heron-flying": [OPEN, [0, 0, 110, 5], "plain", "heron egret flight flying bird water"],
  "heron-standing": [OPEN, [0, 0, 120], "water", "heron egret fishing bird water"],
  "swallow-flying": [OPEN, [0, 0, 110, 3], "plain", "swallow martin swift flight flying bird"],
  "kingfisher-diving": [OPEN, [0, 0, 120, 0.5], "water", "kingfisher dive bird fishing river"],
  "tit-flying": [OPEN, [0, 0, 110, 1.5], "plain", "tit chickadee flight flying perch small bird feeder"],
  "hummingbird-hovering": [OPEN, [0, 0, 120, 1.4], "plain", "hummingbird hover bird flower"],
  "small-bird-singing": [OPEN, [0, 0, 140, 2], "plain", "small bird songbird singing song perch warbler robin"],
  "small-bird-feeder": [OPEN, [0, 0, 130, 1.5], "plain", "small bird feeder garden tit finch"],
  "duck-swimming": [OPEN, [0, 0, 120], "water", "duck mallard swimming bird water pond lake"],
  "swan-swimming": [OPEN, [0, 0, 120], "water", "swan swimming bird water pond lake"],
  "grebe-swimming": [OPEN, [0, 0, 120], "water", "grebe coot diver swimming bird water pond lake"],
  "gull-standing": [OPEN, [0, 0, 120], "plain", "gull seagull standing resting bird coast"],
  "raptor-perched": [OPEN, [0, 0, 140, 3], "plain", "buzzard hawk eagle falcon kestrel raptor perched sitting bird of prey feed"],
  "owl-perched": [OPEN, [0, 0, 140, 3], "plain", "owl perched sitting bird of prey day"],
  "kingfisher-perched": [OPEN, [0, 0, 120, 1], "water", "kingfisher perched sitting perch bird river"],
  "woodpecker-trunk": [OPEN, [0, 0, 120, 3], "plain", "woodpecker trunk tree bird wood"],
  "wader-feeding": [OPEN, [0, 0, 120], "plain", "wader shorebird sandpiper plover feeding bird coast"],
  "goose-landing": [OPEN, [0, 0, 130, 2], "plain", "goose geese landing flight bird"],
  "butterfly-calm": [OPEN, [0, 0, 120, 0.5], "plain", "butterfly insect macro flower stem"],
  "butterfly-wind": [OPEN, [0, 0, 120, 0.5], "plain", "butterfly insect macro flower stem wind"],
  "butterfly-flying": [OPEN, [0, 0, 110, 0.8], "plain", "butterfly insect flight flying"],
  "dragonfly-hovering": [OPEN, [0, 0, 110, 0.7], "plain", "dragonfly insect hover flight pond"],
  "dragonfly-perched": [OPEN, [0, 0, 90, 0.5], "plain", "dragonfly insect macro reed pond"],
  "bee-flower": [OPEN, [0, 0, 110, 0.5], "plain", "bee bumblebee insect macro flower"],
  snowflake: [OPEN, [0, 0, 0, 1.5], "plain", "snow snowflake falling weather"],
  raindrop: [OPEN, [0, 0, 0, 1.5], "plain", "rain raindrop falling weather"],
};

const GROWN: ReadonlyMap<string, Staging> = new Map(
  Object.entries(ROWS).map(([subjectId, [venues, [x, y, facing, z = 0], scenery, words, elsewhere]]) => [
    subjectId,
    Object.freeze({
      subjectId,
      venues: venues.split(" "),
      x,
      y,
      z,
      facing,
      scenery,
      words,
      ...(elsewhere && { elsewhere }),
    }),
  ]),
);

/** The staging of a subject; a young player's is that of the grown one. */
function stagingFor(subjectId: string): Staging | undefined {
  const staging = GROWN.get(grownOf(subjectId));
  if (!staging || staging.subjectId === subjectId) return staging;
  return Object.freeze({ ...staging, subjectId, words: `${staging.words} youth young junior children` });
}

/** Every subject's staging, by its id. */
export const STAGINGS: ReadonlyMap<string, Staging> = new Map(
  SUBJECTS.flatMap(({ id }) => {
    const staging = stagingFor(id);
    return staging ? [[id, staging] as const] : [];
  }),
);

/** The subject by which a venue is known, if the library has one for it: the first that is met there before anywhere else. */
export function usualSubject(venueId: string): string | undefined {
  const all = [...STAGINGS.values()];
  const first = all.find((s) => s.venues[0] === venueId) ?? all.find((s) => s.venues.includes(venueId));
  return first?.subjectId;
}

/** Words by which a venue is searched for: those of all that is met there. */
export const venueWords = (venueId: string): string =>
  [...STAGINGS.values()]
    .filter((s) => s.venues.includes(venueId))
    .map((s) => s.words)
    .join(" ");
