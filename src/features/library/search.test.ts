import { SUBJECTS, venueWords } from "@/core/catalogue";
import { EMPTY_LIBRARY } from "@/data";
import { matching } from "@/ui/controls/matching";
import { meant } from "@/ui/controls/slips";
import { rowsOf } from "./sections";

const found = (section: "subjects" | "venues", search: string): string[] =>
  matching(
    rowsOf(section, EMPTY_LIBRARY).map((row) => ({ ...row, key: row.id })),
    search,
  ).map((row) => row.key);

test("a search by sport found only what bears its name: it finds by sport, position, synonym and part of a word", () => {
  const basketball = SUBJECTS.filter((s) => s.id.includes("basketball")).map((s) => s.id);
  expect(basketball.length).toBeGreaterThan(2);
  expect(found("subjects", "basketball")).toEqual(basketball);
  expect(found("subjects", "quarterback")).toEqual(["gridiron-passer"]);
  expect(found("subjects", "spike")).toEqual(["volleyball-attack", "volleyball-attack-youth"]);
  expect(found("subjects", "soccer goalie")).toEqual(["football-goalkeeper", "football-goalkeeper-youth"]);
  expect(found("subjects", "running").length).toBeGreaterThan(8);
  expect(found("subjects", "RUNN ball")).toContain("football-runner");
  expect(found("subjects", "no such thing")).toEqual([]);
});

test("a venue is found by what is done there", () => {
  expect(found("venues", "running track")).toEqual(["athletics-400", "indoor-track-200"]);
  expect(found("venues", "soccer").sort()).toEqual([
    "football",
    "football-7",
    "football-9",
    "futsal",
    "gym-hall",
  ]);
  expect(venueWords("pool-25")).toContain("butterfly");
});

/** What is searched for and nothing of the library is called, by the words in which people ask: found as it is written. */
const ASKED = {
  fielder: "baseball-fielder",
  catcher: "baseball-catcher",
  "wicket keeper": "cricket-wicketkeeper",
  celebration: "team-celebrating",
  "five a side": "futsal-player",
  unihockey: "floorball-player",
  gaa: "gaelic-football-runner",
  "paddle tennis": "padel-stroke",
  "curling broom": "curling-sweepers",
  marathon: "road-runner",
  "cross country": "cross-country-runner",
  triathlon: "triathlete-exit",
  "open water": "open-water-swimmer",
  "para court": "wheelchair-basketball",
  ippon: "judoka",
  taekwondo: "martial-arts-kick",
  takedown: "wrestler",
  cheerleading: "cheer-stunt",
  ballet: "dancer-leap",
  greyhound: "dog-running",
  "dog agility": "dog-agility",
  collie: "sheepdog",
  kiteboarding: "kitesurfer",
  sup: "paddle-boarder",
  "wing foil": "windsurfer",
  trotting: "harness-racer",
  airshow: "aircraft-jet",
  rotor: "helicopter",
  moorhen: "coot-swimming",
  murmuration: "flock-flying",
  guillemot: "puffin-flying",
  booby: "gannet-diving",
  carrion: "raptor-feeding",
  bunny: "rabbit-feeding",
  lion: "big-cat-walking",
  gazelle: "antelope-running",
  wallaby: "kangaroo-hopping",
  porpoise: "dolphin-leaping",
  toad: "frog-calling",
  gecko: "lizard-basking",
  viper: "snake-basking",
  macaque: "monkey-branch",
  archery: "archer",
} as const;

test("what photographers ask for by another word than its name is found", () => {
  for (const [search, id] of Object.entries(ASKED))
    expect([search, found("subjects", search).slice(0, 8).includes(id)]).toEqual([search, true]);
});

/** Slips of the thumb, and the row that is meant. */
const SLIPS = {
  kingfsher: "kingfisher-perched",
  badmington: "badminton-smash",
  gymnist: "gymnast",
  hedghog: "hedgehog",
  osprei: "osprey-flying",
  taekwando: "martial-arts-kick",
  curlling: "curling-delivery",
  voleyball: "volleyball-attack",
  tryathlon: "triathlete-exit",
  wrestlng: "wrestler",
  elefant: "elephant-walking",
  puffen: "puffin-standing",
  "hammer trower": "hammer-thrower",
  squirel: "squirrel",
  rinoceros: undefined,
  dolfin: "dolphin-leaping",
  kayakk: "canoe-sprint",
  snowbord: "snowboarder",
  wellchair: "wheelchair-racer",
  "sofball batter": "softball-batter",
} as const;

test("a misspelt search means what it is like, and something that the library has not means nothing", () => {
  const rows = rowsOf("subjects", EMPTY_LIBRARY).map((row) => ({ ...row, key: row.id }));
  for (const [search, id] of Object.entries(SLIPS)) {
    expect([search, found("subjects", search)]).toEqual([search, []]);
    const likely = meant(rows, search).map((r) => r.id);
    expect([search, id === undefined ? likely.length : likely.slice(0, 5).includes(id)]).toEqual([
      search,
      id === undefined ? 0 : true,
    ]);
  }
});

const GROUNDS = {
  "seven a side": "football-7",
  "indoor track": "indoor-track-200",
  bouldering: "boulder-wall",
  "half-pipe": "half-pipe",
  "golf hole": "golf-hole",
  feeder: "garden-feeder",
  safari: "savanna",
  "hard tennis": "tennis-hard",
} as const;

test("a ground is found by its name and by who is met there", () => {
  for (const [search, id] of Object.entries(GROUNDS))
    expect([search, found("venues", search).includes(id)]).toEqual([search, true]);
});
