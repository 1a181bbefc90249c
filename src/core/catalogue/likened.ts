/**
 * Subjects of the library by what they throw, strike or swing, each with the speed of the first such thing in m/s: what one of the
 * user's own is likened to. A test holds it against the subjects, which a stage does not carry along.
 */
// prettier-ignore
const STRUCK: Readonly<Record<string, string>> = {
  "ball bat": "baseball-batter 31, baseball-batter-youth 25, softball-batter 28, cricket-batter 25, table-tennis 15",
  "ball club": "golf-swing 42",
  "ball head": "lacrosse-shot 28",
  "ball hurley": "hurling-striker 28",
  "ball racket": "tennis-serve 36, tennis-stroke 30, wheelchair-tennis 27, padel-stroke 24, squash-stroke 32",
  "ball stick": "hockey-drag-flicker 25, floorball-player 24",
  ball: "hockey-goalkeeper 25, football-runner 15, football-kick 26, football-goalkeeper 22, football-header 14, rugby-runner 14, rugby-lineout 12, gaelic-football-runner 14, gaelic-football-catch 14, gridiron-passer 22, gridiron-receiver 20, australian-mark 16, futsal-player 14, basketball-drive 8, basketball-jump-shot 8, handball-throw 22, handball-goalkeeper 22, volleyball-attack 25, volleyball-block 20, volleyball-dig 18, wheelchair-basketball 8, korfball-shot 8, netball-shot 7, baseball-pitcher 38, baseball-fielder 32, baseball-catcher 36, softball-pitcher 26, cricket-bowler 36, cricket-wicketkeeper 30, cricket-fielder 25, water-polo-throw 18",
  blade: "rower 6, canoe-slalom 8, canoe-sprint 9, paddle-boarder 4",
  disc: "dog-disc 8",
  discus: "discus-thrower 23",
  hammer: "hammer-thrower 27",
  javelin: "javelin-thrower 27",
  propeller: "aircraft-propeller 180",
  "puck stick": "ice-hockey-skater 30",
  puck: "ice-hockey-goalkeeper 35",
  "racket shuttle": "badminton-smash 35",
  racket: "badminton-net 15",
  rotor: "helicopter 200",
  shot: "shot-putter 13",
  stick: "hockey-runner 25",
  stone: "curling-delivery 2",
};

/**
 * The subject of the library with the same things, the one whose first goes nearest to so many m/s; absent where none has the same.
 * `things` are the ids of the parts that are tools, in the order of the alphabet, parted by blanks.
 */
export function likenedTo(things: string, speed: number): string | undefined {
  const all = (STRUCK[things] ?? "").split(", ").map((row) => row.split(" "));
  const off = ([, told]: readonly string[]): number => Math.abs(Number(told) - speed);
  const [likest] = all.toSorted((a, b) => off(a) - off(b));
  return likest?.[0] || undefined;
}
