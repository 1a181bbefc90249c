/**
 * Where nobody may be sent, drawn by hand for each venue and each subject: rectangles, rings and distances as somebody with a tape would
 * have them. Nothing here comes from the guard, the catalogue or the venues of the product: what they propose is held against it. In the
 * venue's own axes, metres, x to the right and y along its length; of open ground about the spot, y the way the subject goes.
 */
export interface ByHand {
  /** What somebody is told who stands there. */
  readonly why: string;
  /** Ids of subjects, or all that are met on the venue. */
  readonly subjects?: string;
  readonly venues?: string;
  readonly holds: (at: Place) => boolean;
}

/** A place: in the venue's axes, and by the way of its subject. */
export interface Place {
  readonly x: number;
  readonly y: number;
  /** Metres along the subject's way from the spot, and to the right of it. */
  readonly ahead: number;
  readonly right: number;
  /** Metres from the spot on the plan, and what it is higher than one's eyes. */
  readonly away: number;
  readonly up: number;
}

const inRectangle =
  (width: number, length: number, x0 = 0, y0 = 0) =>
  ({ x, y }: Place): boolean =>
    Math.abs(x - x0) < width / 2 && Math.abs(y - y0) < length / 2;

const nearer =
  (metres: number) =>
  ({ away }: Place): boolean =>
    away < metres;

const besideWay =
  (metres: number) =>
  ({ right }: Place): boolean =>
    Math.abs(right) < metres;

/** Nearer to what flies than so many metres, its height over one's eyes counted. */
const nearerInTheAir =
  (metres: number) =>
  ({ away, up }: Place): boolean =>
    Math.hypot(away, up) < metres;

/** Within so many degrees of straight on, nearer than so many metres. */
const inCone =
  (degrees: number, metres: number) =>
  ({ ahead, away }: Place): boolean =>
    away < metres && ahead > away * Math.cos((degrees * Math.PI) / 180);

/** Within the boards and the glass of a rink, 60 by 30 m with corners of 8.5 m. */
function insideTheBoards({ x, y }: Place): boolean {
  const [past, over] = [Math.abs(x) - 6.5, Math.abs(y) - 21.5];
  return past < 8.5 && over < 8.5 && (past < 0 || over < 0 || Math.hypot(past, over) < 8.5);
}

// prettier-ignore
const BY_HAND: readonly ByHand[] = [
  // Lines of play, with two metres beyond them where bodies and balls come over.
  { why: "on the pitch or at its line", venues: "field-hockey", holds: inRectangle(59, 95.4) },
  { why: "on the pitch or at its line", venues: "football", holds: inRectangle(72, 109) },
  { why: "on the pitch or at its line", venues: "rugby-union", holds: inRectangle(74, 126) },
  { why: "on the field or at its line", venues: "gridiron", holds: inRectangle(52.7, 113.7) },
  { why: "on the field or at its line", venues: "gaelic-field", holds: inRectangle(89, 144) },
  { why: "on the court or at its line", venues: "basketball", holds: inRectangle(19, 32) },
  { why: "on the court or at its line", venues: "handball", holds: inRectangle(24, 44) },
  { why: "on the court or at its line", venues: "volleyball", holds: inRectangle(13, 22) },
  { why: "on the court or at its line", venues: "netball", holds: inRectangle(19.2, 34.5) },
  { why: "on the court", venues: "tennis", holds: inRectangle(10.97, 23.77) },
  { why: "on the court", venues: "badminton", holds: inRectangle(6.1, 13.4) },
  { why: "in the squash court", venues: "squash", holds: inRectangle(6.4, 9.7) },
  { why: "on the ice", venues: "ice-hockey", holds: inRectangle(29, 48) },
  { why: "in the water", venues: "pool-25", holds: inRectangle(20, 25) },
  { why: "in the water", venues: "pool-50-outdoor", holds: inRectangle(25, 50) },
  { why: "in the water", venues: "diving-pool", holds: inRectangle(25, 25) },
  { why: "in the white water", venues: "canoe-slalom", holds: inRectangle(12, 250) },
  { why: "in the water", venues: "water-polo", holds: inRectangle(20, 30) },
  { why: "on the course", venues: "rowing-course", holds: inRectangle(70, 2000) },
  { why: "on the court or at its line", venues: "futsal floorball", holds: inRectangle(22, 42) },
  { why: "on the pitch or at its line", venues: "football-7", holds: inRectangle(41, 59) },
  { why: "on the pitch or at its line", venues: "football-9", holds: inRectangle(50, 77) },
  { why: "on the polo field or at its boards", venues: "polo", holds: inRectangle(150, 278) },
  { why: "in the padel court", venues: "padel", holds: inRectangle(10, 20) },
  { why: "on the ice", venues: "curling-sheet", holds: inRectangle(5, 45) },
  { why: "in the ring", venues: "boxing-ring", holds: inRectangle(7.8, 7.8) },
  { why: "on the mat", venues: "wrestling-mat karate-mat", holds: inRectangle(12, 12) },
  { why: "under the wall", venues: "lead-wall boulder-wall", holds: inRectangle(16, 6) },
  { why: "on the course", venues: "slalom-hill", holds: inRectangle(22, 180) },
  { why: "on the piste", venues: "ski-piste", holds: inRectangle(36, 200) },
  { why: "in the pipe", venues: "half-pipe", holds: inRectangle(22, 170) },
  { why: "in the park", venues: "skate-park", holds: inRectangle(25, 45) },
  { why: "between the rails", venues: "racecourse", holds: inRectangle(34, 400) },
  { why: "in the ring of the dogs", venues: "dog-agility", holds: inRectangle(24, 40) },
  { why: "on the speedway", venues: "speedway", holds: ({ x, y }) => { const past = Math.max(0, Math.abs(y) - 30); const out = Math.hypot(x, past); return out > 26.2 && out < 39; } },
  { why: "on the mat", venues: "judo-mat", holds: inRectangle(8, 8) },
  { why: "on the floor of the gymnasts", venues: "gymnastics-floor", holds: inRectangle(12, 12) },
  { why: "in the lanes of the home straight", venues: "athletics-400", holds: inRectangle(9.7, 84, 41.4) },
  { why: "in the lanes of the back straight", venues: "athletics-400", holds: inRectangle(9.7, 84, -41.4) },
  { why: "in the infield, where throws land", venues: "athletics-400", holds: inRectangle(60, 60) },
  // Throws.
  { why: "ahead of the circle", subjects: "discus-thrower hammer-thrower", venues: "throwing-sector", holds: ({ x, y }) => y > -43.5 && Math.hypot(x, y + 45) < 79 },
  { why: "at the cage, or in it", subjects: "discus-thrower hammer-thrower", venues: "throwing-sector", holds: ({ x, y }) => Math.hypot(x, y + 45) < 8 },
  { why: "ahead of the arc", subjects: "javelin-thrower", venues: "javelin-sector", holds: ({ x, y }) => y > -41.5 && Math.hypot(x, y + 44) < 98 },
  { why: "at the runway", subjects: "javelin-thrower", venues: "javelin-sector", holds: inRectangle(18, 34, 0, -60) },
  { why: "ahead of the shooting line", venues: "archery-70", holds: ({ x, y }) => y > -41 && Math.abs(x) < 20 },
  { why: "near or ahead of the shot", subjects: "shot-putter", holds: ({ ahead, away }) => away < 4 || (ahead > 1 && away < 24) },
  // Balls that break bones, where no net or boards stand between.
  { why: "in the line of the drag flick", subjects: "hockey-drag-flicker", holds: inCone(20, 19) },
  { why: "in the line of the puck", subjects: "ice-hockey-skater", holds: (at) => inCone(20, 15)(at) && insideTheBoards(at) },
  { why: "in the line of the lacrosse shot", subjects: "lacrosse-shot", holds: inCone(20, 27) },
  { why: "in the line of the sliotar", subjects: "hurling-striker", holds: inCone(20, 27) },
  { why: "before the pitcher", subjects: "baseball-pitcher softball-pitcher", holds: inCone(20, 17) },
  { why: "on the fairway of the drive", subjects: "golf-swing", holds: ({ ahead, right, away }) => away < 40 && -right > away * 0.9 && Math.abs(ahead) < 10 },
  // Where somebody comes down.
  { why: "in or at the pit", subjects: "long-jumper", holds: inRectangle(6, 14, -50.5, 16) },
  { why: "where the high jumper lands", subjects: "high-jumper pole-vaulter", holds: ({ ahead, right }) => ahead > 0 && ahead < 6 && Math.abs(right) < 4 },
  { why: "where the rider lands", subjects: "bmx-rider motocross-rider snowboarder skateboarder freestyle-skier", holds: ({ ahead, right }) => ahead > 0 && ahead < 8 && Math.abs(right) < 3 },
  { why: "on the outrun of the hill", subjects: "ski-jumper", holds: ({ ahead, right }) => ahead > 0 && ahead < 100 && Math.abs(right) < 11 },
  { why: "under the climber", subjects: "climber boulderer climber-fall speed-climber", holds: nearer(3) },
  // What runs and drives.
  { why: "beside cars without a barrier", subjects: "racing-car rally-car road-racing-motorcycle kart motocross-rider", venues: "open-ground", holds: besideWay(15) },
  { why: "on the gallop, or at its rail", subjects: "galloping-horse harness-racer", holds: besideWay(9) },
  { why: "under a display", subjects: "aircraft-jet aircraft-propeller helicopter", holds: besideWay(149) },
  { why: "beside horses", subjects: "cross-country-horse", holds: besideWay(8.5) },
  { why: "in the line of skiers", subjects: "skier slalom-skier cross-country-skier", holds: besideWay(2) },
  { why: "in the way of runners and riders", subjects: "trail-runner road-runner cross-country-runner road-cyclist mountain-biker cyclocross-rider dog-running", holds: besideWay(1) },
  // Animals, by the park service's yards and by what wardens ask.
  { why: "near a bear, a wolf or a big cat", subjects: "bear-walking wolf-trotting big-cat-walking", holds: nearer(91) },
  { why: "near wild boar or an elephant", subjects: "wild-boar elephant-walking", holds: nearer(50) },
  { why: "near a whale", subjects: "whale-surfacing", holds: nearer(99) },
  { why: "near dolphins", subjects: "dolphin-leaping", holds: nearer(49) },
  { why: "within a snake’s reach", subjects: "snake-basking", holds: nearer(1.9) },
  { why: "off the track among wild animals", venues: "savanna", holds: ({ x, y }) => Math.abs(x) < 150 && Math.abs(y) < 120 && Math.abs(y + 40) > 2.6 },
  { why: "at the cliff’s edge", venues: "cliff", holds: ({ y }) => y > -1.9 },
  { why: "in the enclosure", venues: "zoo", holds: inRectangle(36, 20, 0, 8) },
  { why: "near deer", subjects: "deer-standing deer-running roe-deer-walking antelope-running", holds: nearer(22.8) },
  { why: "near a seal", subjects: "seal", holds: nearer(50) },
  { why: "near a raptor or an owl", subjects: "harrier-hunting eagle-gliding buzzard-soaring falcon-stooping kestrel-hovering owl-flying raptor-perched owl-perched raptor-feeding osprey-flying osprey-diving", holds: nearerInTheAir(30) },
  { why: "near a wading bird", subjects: "heron-standing heron-flying wader-feeding gannet-diving", holds: nearer(14) },
  { why: "near swans or geese", subjects: "swan-flying goose-landing swan-swimming swan-feeding goose-grazing", holds: nearer(12) },
  { why: "near a fox, an otter or a badger", subjects: "fox-trotting otter-bank otter-swimming badger", holds: nearer(9) },
  { why: "on a small bird’s perch", subjects: "small-bird-singing small-bird-feeder tit-flying kingfisher-diving", holds: nearer(3.5) },
];

const has = (list: string | undefined, id: string): boolean =>
  list === undefined || list.split(" ").includes(id);

/** Why nobody may be sent to a place for a subject on a venue; nothing where somebody may. */
export const dangerByHand = (subjectId: string, venueId: string, at: Place): string | undefined =>
  BY_HAND.find(
    ({ subjects, venues, holds }) =>
      (subjects ?? venues) !== undefined && has(subjects, subjectId) && has(venues, venueId) && holds(at),
  )?.why;
