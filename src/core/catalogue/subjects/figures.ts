import type { Silhouette } from "../../motion";
import { grownOf } from "./grown";

/** Which figure draws which subject of the library; every id stands under one of them, a test holds it. */
const DRAWN_AS: Readonly<Record<Silhouette, string>> = {
  standing: "person-standing person-reacting archer gymnast-beam",
  running:
    "hockey-runner football-runner rugby-runner gridiron-runner gridiron-receiver basketball-drive futsal-player gaelic-football-runner sprinter distance-runner road-runner cross-country-runner triathlete-exit trail-runner high-hurdler low-hurdler steeplechaser race-walker relay-exchange gymnast sprint-start speed-skater dancer-turn",
  "low-stick": "hockey-drag-flicker ice-hockey-skater hurling-striker floorball-player golf-swing",
  throwing:
    "handball-throw gridiron-passer lacrosse-shot shot-putter discus-thrower hammer-thrower baseball-pitcher softball-pitcher baseball-fielder cricket-bowler",
  javelin: "javelin-thrower",
  jumping:
    "volleyball-attack volleyball-block basketball-jump-shot basketball-dunk football-header netball-shot korfball-shot rugby-lineout australian-mark gaelic-football-catch",
  leaping: "long-jumper trampolinist figure-skater cheer-stunt cheer-toss dancer-leap team-celebrating",
  kicking: "football-kick",
  keeping: "hockey-goalkeeper ice-hockey-goalkeeper baseball-catcher cricket-wicketkeeper",
  crouching:
    "handball-goalkeeper volleyball-dig rugby-tackle judoka wrestler martial-arts-kick boxer fencer curling-sweepers",
  diving:
    "football-goalkeeper cricket-fielder baseball-slide high-jumper pole-vaulter swim-start diver climber-fall gymnast-bars curling-delivery",
  batting: "baseball-batter baseball-batter-youth softball-batter cricket-batter",
  racket: "tennis-serve tennis-stroke padel-stroke badminton-smash badminton-net table-tennis squash-stroke",
  climbing: "climber boulderer speed-climber",
  swimming: "swimmer-crawl swimmer-breast swimmer-fly swimmer-back open-water-swimmer water-polo-throw",
  boat: "rower canoe-slalom canoe-sprint",
  sail: "dinghy-sailor windsurfer",
  board: "surfer kitesurfer paddle-boarder skateboarder snowboarder",
  cycling: "road-cyclist track-cyclist mountain-biker bmx-rider cyclocross-rider",
  wheelchair: "wheelchair-racer wheelchair-basketball wheelchair-rugby wheelchair-tennis",
  skiing: "skier slalom-skier cross-country-skier freestyle-skier ski-jumper",
  riding: "cross-country-horse jumping-horse dressage-horse galloping-horse polo-player harness-racer",
  vehicle: "racing-car rally-car kart",
  motorcycle: "road-racing-motorcycle motocross-rider speedway-rider",
  aircraft: "aircraft-jet aircraft-propeller helicopter",
  deer: "deer-standing deer-running roe-deer-walking antelope-running",
  beast:
    "wild-boar bear-walking wolf-trotting badger squirrel squirrel-feeding hedgehog monkey-branch elephant-walking big-cat-walking",
  otter: "otter-bank otter-swimming",
  fox: "fox-trotting",
  dog: "dog-running dog-agility dog-disc sheepdog",
  hare: "hare-running rabbit-feeding kangaroo-hopping",
  seal: "seal",
  whale: "dolphin-leaping whale-surfacing",
  frog: "frog-calling",
  lizard: "lizard-basking",
  snake: "snake-basking",
  flying:
    "swan-flying duck-flying gull-flying gull-feeding harrier-hunting tern-flying eagle-gliding buzzard-soaring kestrel-hovering owl-flying heron-flying swallow-flying tit-flying hummingbird-hovering goose-landing gannet-flying puffin-flying osprey-flying flock-flying bat-flying",
  stooping: "tern-diving falcon-stooping kingfisher-diving gannet-diving osprey-diving",
  perched:
    "small-bird-singing small-bird-feeder raptor-perched raptor-feeding owl-perched kingfisher-perched woodpecker-trunk puffin-standing",
  wading: "heron-standing wader-feeding gull-standing duck-standing goose-grazing",
  afloat: "duck-swimming duck-feeding swan-swimming swan-feeding grebe-swimming coot-swimming",
  insect: "butterfly-calm butterfly-wind butterfly-flying dragonfly-hovering dragonfly-perched bee-flower",
  spider: "spider-web",
  drop: "snowflake raindrop",
};

const FIGURE_OF = new Map(
  Object.entries(DRAWN_AS).flatMap(([figure, ids]) => ids.split(" ").map((id) => [id, figure as Silhouette])),
);

/** The figure by which a subject of the library is drawn; a standing one when it has none of its own. */
export const figureOf = (id: string): Silhouette => FIGURE_OF.get(grownOf(id)) ?? "standing";

/** Ids that have a figure of their own. */
export const hasFigure = (id: string): boolean => FIGURE_OF.has(grownOf(id));
