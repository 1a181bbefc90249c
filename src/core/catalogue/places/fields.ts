import { placesOf } from "./place";

const BATTERS = "baseball-batter baseball-batter-youth softball-batter";
const PITCHERS = "baseball-pitcher softball-pitcher";

// prettier-ignore
export const FIELD_PLACES = [
  ...placesOf("Gridiron", "gridiron", [
    { id: "gridiron-down-field", situation: "run from scrimmage", subjects: "gridiron-runner", at: [27.5, 46], height: 0.8, lensMm: 300, why: "kneeling behind the line, down the field: the run comes at you", hazard: "players falling over the line" },
    { id: "gridiron-long-third", situation: "long third attempt", subjects: "gridiron-receiver gridiron-passer", at: [27.5, 52], height: 0.8, lensMm: 400, why: "deep, where the long pass comes down", hazard: "players falling over the line" },
    { id: "gridiron-line-to-gain", situation: "short attempt", subjects: "gridiron-runner gridiron-passer", at: [27.5, 30], height: 0.8, lensMm: 200, why: "level with the line to be gained" },
    { id: "gridiron-end-zone", situation: "near the goal", subjects: "gridiron-runner gridiron-receiver gridiron-passer", at: [12, 58], height: 0.8, lensMm: 300, why: "behind the end zone, faces toward you", hazard: "players run through" },
  ]),
  ...placesOf("Diamond", "baseball baseball-youth softball", [
    { id: "diamond-right-hand", side: "right", situation: "right-handed batter", subjects: `${BATTERS} baseball-catcher`, at: [24, -50], height: 1.2, lensMm: 300, why: "first-base side: the batter’s chest and face open toward you", hazard: "balls in flight; behind the screen or by leave" },
    { id: "diamond-left-hand", side: "left", situation: "left-handed batter", subjects: BATTERS, at: [-24, -50], height: 1.2, lensMm: 300, why: "third-base side, the mirror", hazard: "balls in flight; behind the screen or by leave" },
    { id: "diamond-pitcher", situation: "pitcher", subjects: PITCHERS, at: [1.5, -80], height: 1.6, lensMm: 400, why: "behind the plate through the mesh, as near to it as may be, wide open", hazard: "never at an open backstop" },
    { id: "diamond-throws", situation: "slide at first, throws from short and third", subjects: "baseball-slide baseball-fielder", at: [34, -45], height: 0.9, lensMm: 300, why: "first-base side: the throw and the runner come toward you", hazard: "overthrown balls" },
  ]),
  ...placesOf("Field sports", "field-hockey", [
    { id: "hockey-behind-line", situation: "attack into the circle", subjects: "hockey-runner hockey-drag-flicker", at: [12, 52.5], height: 1.1, lensMm: 200, why: "over the boards beside the goal: play comes at you, low makes it tall", hazard: "a raised ball at the goal" },
    { id: "hockey-keeper", situation: "keeper’s save", subjects: "hockey-goalkeeper", at: [-29.5, 31], height: 0.8, lensMm: 300, why: "from the side line ahead of the goal the save opens toward you" },
  ]),
  ...placesOf("Football", "football", [
    { id: "football-behind-line", situation: "attack on the goal", subjects: "football-runner football-kick football-header", at: [14, 56.5], height: 0.6, lensMm: 300, why: "low beside the goal behind the line: they run at you, reactions come along" },
    { id: "football-keeper", situation: "keeper’s save", subjects: "football-goalkeeper", at: [-36.3, 42], height: 0.8, lensMm: 300, why: "from the side line, level with the area, the dive opens toward you" },
  ]),
  ...placesOf("Small-sided football", "football-7 football-9", [
    { id: "small-side", situation: "young players coming at the goal", subjects: "football-runner football-goalkeeper", at: [-23, 31], height: 0.6, lensMm: 135, why: "low at the corner, well off the line: faces, ball and goal, parents out of the background", hazard: "players fall over the line; ask club and parents" },
  ]),
  ...placesOf("Rugby", "rugby-union rugby-league", [
    { id: "rugby-try-line", situation: "run for the try", subjects: "rugby-runner rugby-tackle", at: [25, 74], height: 0.7, lensMm: 300, why: "behind the in-goal at the corner: the run comes at you", hazard: "players slide over the line" },
  ]),
  ...placesOf("Athletics", "athletics-400", [
    { id: "track-blocks", situation: "start from the blocks", subjects: "sprint-start", at: [49, -45], height: 0.5, lensMm: 300, why: "low ahead of the blocks, outside the lanes", hazard: "runners leave their lane" },
    { id: "track-finish", situation: "sprint finish and the reaction after it", subjects: "sprinter high-hurdler", at: [48.5, 62], height: 0.9, lensMm: 400, why: "beyond the line, head on; the camera stays up after it", hazard: "runners run out here" },
    { id: "track-bend", situation: "distance race", subjects: "distance-runner steeplechaser race-walker", at: [49.5, 52], height: 1, lensMm: 300, why: "outside the bend they come round toward you" },
    { id: "track-low-hurdles", situation: "150 m into the low hurdles", subjects: "low-hurdler", at: [49, 48], height: 0.8, lensMm: 300, why: "head on to the bend’s hurdles", hazard: "outside the lanes only" },
    { id: "long-jump-pit", situation: "long jump", subjects: "long-jumper", at: [-50.5, 26], height: 0.6, lensMm: 200, why: "in front of the pit, farther back than the best jumper", hazard: "landing jumpers" },
    { id: "high-jump-bar", side: "left", situation: "high jump off the left foot", subjects: "high-jumper", at: [19.5, -53], height: 1.9, lensMm: 135, why: "bar level on the side to which the face turns", hazard: "only where the judges let you" },
    { id: "pole-vault-bar", situation: "pole vault", subjects: "pole-vaulter", at: [24, -37], height: 1.6, lensMm: 200, why: "the side to which the face turns over the bar" },
    { id: "relay", situation: "relay exchange", subjects: "relay-exchange", at: [49.5, -18], height: 0.9, lensMm: 300, why: "head on, out of lane one’s exit", hazard: "runners leaving their lane" },
  ]),
  ...placesOf("Archery", "archery-70", [
    { id: "archery-side", situation: "full draw", subjects: "archer", at: [21, -44], height: 1.5, lensMm: 300, why: "beside and behind the shooting line: the eye along the string", hazard: "never ahead of the line; silence at the draw" },
  ]),
  ...placesOf("Throws", "throwing-sector javelin-sector", [
    { id: "throws-behind", situation: "discus and hammer", subjects: "discus-thrower hammer-thrower", at: [6, -62], height: 1.4, lensMm: 400, why: "only from behind the sector, with the longest lens", hazard: "nobody stands in or beside the sector" },
  ]),
];
