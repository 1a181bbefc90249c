import type { Silhouette } from "../../motion";
import { grownOf } from "./grown";

/** Which figure draws which subject of the library; every id stands under one of them, a test holds it. */
const DRAWN_AS: Readonly<Record<Silhouette, string>> = {
  standing: "person-standing person-reacting gymnast-beam wheelchair-racer",
  running:
    "hockey-runner football-runner rugby-runner gridiron-runner gridiron-receiver basketball-drive sprinter distance-runner trail-runner high-hurdler low-hurdler steeplechaser race-walker relay-exchange gymnast sprint-start speed-skater",
  "low-stick": "hockey-drag-flicker ice-hockey-skater hurling-striker golf-swing",
  throwing:
    "handball-throw gridiron-passer lacrosse-shot javelin-thrower shot-putter discus-thrower hammer-thrower baseball-pitcher softball-pitcher cricket-bowler",
  jumping:
    "volleyball-attack volleyball-block basketball-jump-shot basketball-dunk football-header netball-shot rugby-lineout australian-mark long-jumper trampolinist figure-skater snowboarder",
  kicking: "football-kick",
  keeping:
    "hockey-goalkeeper ice-hockey-goalkeeper handball-goalkeeper volleyball-dig rugby-tackle judoka boxer fencer",
  diving:
    "football-goalkeeper cricket-fielder baseball-slide high-jumper pole-vaulter swim-start diver ski-jumper climber-fall gymnast-bars",
  batting:
    "baseball-batter baseball-batter-youth softball-batter cricket-batter tennis-serve tennis-stroke badminton-smash badminton-net table-tennis squash-stroke",
  climbing: "climber boulderer speed-climber",
  swimming: "swimmer-crawl swimmer-breast swimmer-fly swimmer-back water-polo-throw",
  boat: "rower canoe-slalom canoe-sprint dinghy-sailor",
  cycling: "road-cyclist track-cyclist mountain-biker bmx-rider cyclocross-rider",
  skiing: "skier slalom-skier cross-country-skier skateboarder surfer",
  riding: "cross-country-horse jumping-horse dressage-horse galloping-horse polo-player",
  vehicle: "racing-car rally-car kart road-racing-motorcycle motocross-rider",
  deer: "deer-standing deer-running roe-deer-walking",
  beast: "wild-boar bear-walking wolf-trotting badger squirrel",
  otter: "otter-bank otter-swimming",
  fox: "fox-trotting",
  hare: "hare-running",
  seal: "seal",
  flying:
    "swan-flying duck-flying gull-flying harrier-hunting tern-flying eagle-gliding buzzard-soaring kestrel-hovering owl-flying heron-flying swallow-flying tit-flying hummingbird-hovering goose-landing",
  stooping: "tern-diving falcon-stooping kingfisher-diving",
  perched:
    "small-bird-singing small-bird-feeder raptor-perched owl-perched kingfisher-perched woodpecker-trunk",
  wading: "heron-standing wader-feeding duck-swimming swan-swimming grebe-swimming gull-standing",
  insect: "butterfly-calm butterfly-wind butterfly-flying dragonfly-hovering dragonfly-perched bee-flower",
  drop: "snowflake raindrop",
};

const FIGURE_OF = new Map(
  Object.entries(DRAWN_AS).flatMap(([figure, ids]) => ids.split(" ").map((id) => [id, figure as Silhouette])),
);

/** The figure by which a subject of the library is drawn; a standing one when it has none of its own. */
export const figureOf = (id: string): Silhouette => FIGURE_OF.get(grownOf(id)) ?? "standing";

/** Ids that have a figure of their own. */
export const hasFigure = (id: string): boolean => FIGURE_OF.has(grownOf(id));
