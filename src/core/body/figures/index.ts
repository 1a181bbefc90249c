import { DISCIPLINES, type DisciplineName } from "../disciplines";
import { personFigure, type Figure } from "../figure";
import * as aircraft from "./aircraft";
import * as beasts from "./beasts";
import * as birdsAtRest from "./birds-at-rest";
import * as birdsInTheAir from "./birds-in-the-air";
import * as cars from "./cars";
import * as crawlers from "./crawlers";
import * as cycles from "./cycles";
import * as falling from "./falling";
import * as groups from "./groups";
import * as horses from "./horses";
import * as insects from "./insects";
import * as otherBeasts from "./other-beasts";
import * as motorcycles from "./motorcycles";
import * as sea from "./sea";
import * as boats from "./boats";
import * as swimmers from "./swimmers";
import * as wheelchairs from "./wheelchairs";

const PERSONS = Object.fromEntries(
  (Object.keys(DISCIPLINES) as DisciplineName[]).map((name) => [name, personFigure(DISCIPLINES[name])]),
) as Readonly<Record<DisciplineName, Figure>>;

/** What has a body in space and is no person on foot. */
const BUILT = {
  "front crawl": swimmers.CRAWL,
  breaststroke: swimmers.BREASTSTROKE,
  "butterfly stroke": swimmers.BUTTERFLY_STROKE,
  backstroke: swimmers.BACKSTROKE,
  "open water": swimmers.OPEN_WATER,
  "water polo": swimmers.WATER_POLO,
  rowing: boats.ROWING,
  "canoe slalom": boats.CANOE_SLALOM,
  "canoe sprint": boats.CANOE_SPRINT,
  kitesurfing: boats.KITESURFING,
  windsurfing: boats.WINDSURFING,
  dinghy: boats.DINGHY,
  "road cycling": cycles.ROAD_CYCLIST,
  "track cycling": cycles.TRACK_CYCLIST,
  "mountain biking": cycles.MOUNTAIN_BIKER,
  "bmx racing": cycles.BMX_RIDER,
  "cyclo-cross": cycles.CYCLOCROSS_RIDER,
  "wheelchair basketball": wheelchairs.WHEELCHAIR_BASKETBALL,
  "wheelchair rugby": wheelchairs.WHEELCHAIR_RUGBY,
  "wheelchair tennis": wheelchairs.WHEELCHAIR_TENNIS,
  "wheelchair racing": wheelchairs.WHEELCHAIR_RACER,
  "horse cross-country": horses.HORSE_CROSS_COUNTRY,
  "show jumping": horses.HORSE_JUMPING,
  dressage: horses.HORSE_DRESSAGE,
  "horse racing": horses.HORSE_RACING,
  "harness racing": horses.HARNESS_RACER,
  polo: horses.POLO_PLAYER,
  "road motorcycle": motorcycles.ROAD_MOTORCYCLE,
  motocross: motorcycles.MOTOCROSS,
  speedway: motorcycles.SPEEDWAY,
  "cheer stunt": groups.CHEER_STUNT,
  "climber falling": groups.CLIMBER_FALLING,
  "racing car": cars.RACING_CAR,
  "rally car": cars.RALLY_CAR,
  kart: cars.KART,
  jet: aircraft.JET,
  aeroplane: aircraft.AEROPLANE,
  helicopter: aircraft.HELICOPTER,
  stag: beasts.STAG_STANDING,
  "deer running": beasts.DEER_RUNNING,
  "roe deer": beasts.ROE_WALKING,
  antelope: beasts.ANTELOPE_RUNNING,
  boar: beasts.BOAR_MOVING,
  bear: beasts.BEAR_WALKING,
  wolf: beasts.WOLF_TROTTING,
  fox: beasts.FOX_TROTTING,
  "dog running": beasts.DOG_RUNNING,
  "dog over a fence": beasts.DOG_OVER,
  "dog at a disc": beasts.DOG_CATCHING,
  "dog at sheep": beasts.DOG_STALKING,
  "big cat": otherBeasts.CAT_WALKING,
  elephant: otherBeasts.ELEPHANT_WALKING,
  hare: otherBeasts.HARE_RUNNING,
  rabbit: otherBeasts.RABBIT_FEEDING,
  kangaroo: otherBeasts.KANGAROO_HOPPING,
  "squirrel running": otherBeasts.SQUIRREL_RUNNING,
  "squirrel feeding": otherBeasts.SQUIRREL_FEEDING,
  monkey: otherBeasts.MONKEY_CLIMBING,
  hedgehog: otherBeasts.HEDGEHOG_WALKING,
  badger: otherBeasts.BADGER_WALKING,
  otter: otherBeasts.OTTER_ON_BANK,
  "otter swimming": sea.OTTER_SWIMMING,
  seal: sea.SEAL,
  dolphin: sea.DOLPHIN,
  whale: sea.WHALE,
  bat: birdsInTheAir.BAT_FLYING,
  "swan flying": birdsInTheAir.SWAN_FLYING,
  "duck flying": birdsInTheAir.DUCK_FLYING,
  "gull flying": birdsInTheAir.GULL_FLYING,
  harrier: birdsInTheAir.HARRIER_FLYING,
  tern: birdsInTheAir.TERN_FLYING,
  "tern diving": birdsInTheAir.TERN_DIVING,
  eagle: birdsInTheAir.EAGLE_GLIDING,
  buzzard: birdsInTheAir.BUZZARD_SOARING,
  "falcon stooping": birdsInTheAir.FALCON_STOOPING,
  kestrel: birdsInTheAir.KESTREL_HOVERING,
  "owl flying": birdsInTheAir.OWL_FLYING,
  "heron flying": birdsInTheAir.HERON_FLYING,
  "heron standing": birdsAtRest.HERON_STANDING,
  swallow: birdsInTheAir.SWALLOW_FLYING,
  "kingfisher diving": birdsInTheAir.KINGFISHER_DIVING,
  "small bird flying": birdsInTheAir.SONGBIRD_FLYING,
  hummingbird: birdsInTheAir.HUMMER_HOVERING,
  "small bird singing": birdsAtRest.SONGBIRD_SINGING,
  "small bird feeding": birdsAtRest.SONGBIRD_FEEDING,
  gannet: birdsInTheAir.GANNET_FLYING,
  "gannet diving": birdsInTheAir.GANNET_DIVING,
  "puffin flying": birdsInTheAir.PUFFIN_FLYING,
  "puffin standing": birdsAtRest.PUFFIN_STANDING,
  "osprey flying": birdsInTheAir.OSPREY_FLYING,
  "osprey diving": birdsInTheAir.OSPREY_DIVING,
  "raptor feeding": birdsAtRest.RAPTOR_FEEDING,
  "raptor perched": birdsAtRest.RAPTOR_PERCHED,
  flock: birdsInTheAir.FLOCK_FLYING,
  "duck dabbling": birdsAtRest.DUCK_DABBLING,
  "duck standing": birdsAtRest.DUCK_STANDING,
  "duck swimming": birdsAtRest.DUCK_SWIMMING,
  "swan dabbling": birdsAtRest.SWAN_DABBLING,
  "swan swimming": birdsAtRest.SWAN_SWIMMING,
  coot: birdsAtRest.COOT_SWIMMING,
  grebe: birdsAtRest.GREBE_SWIMMING,
  "gull feeding": birdsAtRest.GULL_FEEDING,
  "gull standing": birdsAtRest.GULL_STANDING,
  "goose grazing": birdsAtRest.GOOSE_GRAZING,
  "goose landing": birdsInTheAir.GOOSE_LANDING,
  "owl perched": birdsAtRest.OWL_PERCHED,
  "kingfisher perched": birdsAtRest.KINGFISHER_PERCHED,
  woodpecker: birdsAtRest.WOODPECKER_CLIMBING,
  wader: birdsAtRest.WADER_FEEDING,
  frog: crawlers.FROG,
  lizard: crawlers.LIZARD,
  snake: crawlers.SNAKE,
  butterfly: insects.BUTTERFLY,
  "butterfly in wind": insects.BUTTERFLY_SWAYING,
  "butterfly flying": insects.BUTTERFLY_FLYING,
  "dragonfly hovering": insects.DRAGONFLY_HOVERING,
  "dragonfly perched": insects.DRAGONFLY_PERCHED,
  bee: insects.BEE,
  spider: insects.SPIDER,
  snowflake: falling.SNOWFLAKE,
  raindrop: falling.RAINDROP,
} satisfies Readonly<Record<string, Figure>>;

export type FigureName = DisciplineName | keyof typeof BUILT;

/** Everybody and everything that has a body in space, by name. */
export const FIGURES: Readonly<Record<FigureName, Figure>> = Object.freeze({ ...PERSONS, ...BUILT });
