import { placesOf } from "./place";

const BIG_FLIGHT = "swan-flying goose-landing heron-flying";
const SMALL_FLIGHT = "duck-flying gull-flying tern-flying";
const RAPTORS = "harrier-hunting eagle-gliding buzzard-soaring falcon-stooping";
const SWIMMING = "duck-swimming swan-swimming grebe-swimming";
const CARS = "racing-car rally-car kart";

/** Places for subjects that are met less often, one at least for each of the library. */
// prettier-ignore
export const MORE_PLACES = [
  ...placesOf("Ice", "ice-hockey", [
    { id: "ice-hole", situation: "attack along the boards", subjects: "ice-hockey-skater", at: [15.2, 14], height: 1.5, lensMm: 135, why: "at the photographers’ hole in the boards, level with the attack", hazard: "pucks over the boards" },
    { id: "ice-keeper", situation: "keeper’s save", subjects: "ice-hockey-goalkeeper", at: [15.2, 14], height: 1.5, lensMm: 200, why: "from the side, ahead of the goal line: the save opens toward you", hazard: "pucks over the boards" },
    { id: "ice-jump", situation: "jump and curve", subjects: "figure-skater speed-skater", at: [16.4, 16], height: 1.5, lensMm: 200, why: "over the boards at the near corner, where the curve turns the face to you" },
  ]),
  ...placesOf("More field games", "", [
    { id: "lineout-side", situation: "line-out", subjects: "rugby-lineout", from: [20, 24], height: 1, lensMm: 200, why: "toward the catcher’s face, along the line of the jump" },
    { id: "mark-side", situation: "high mark", subjects: "australian-mark", from: [-60, 50], height: 1.6, lensMm: 400, why: "from behind the boundary: hands, ball and face over the pack" },
    { id: "hurling-side", situation: "strike", subjects: "hurling-striker", from: [75, 26], height: 1, lensMm: 300, why: "from the side of the swing, out of the ball’s line", hazard: "sliotars fly far" },
    { id: "lacrosse-side", situation: "shot", subjects: "lacrosse-shot", from: [75, 24], height: 1, lensMm: 300, why: "from the side of the swing, out of the ball’s line", hazard: "balls about the goal" },
    { id: "netball-end", situation: "shot", subjects: "netball-shot", from: [40, 10], height: 1, lensMm: 100, why: "behind the goal line beside the post: hands, face, ball" },
  ]),
  ...placesOf("Cricket", "cricket", [
    { id: "cricket-down-the-pitch", situation: "batter’s stroke", subjects: "cricket-batter", at: [10, -74], height: 1.2, lensMm: 800, why: "beyond the bowler’s end, nearly in line: the batter’s face under the helmet" },
    { id: "cricket-side-on", situation: "bowler’s leap", subjects: "cricket-bowler", at: [44, 52], height: 1.2, lensMm: 600, why: "ahead of the bowler beside the sight screen" },
    { id: "cricket-square", situation: "diving catch", subjects: "cricket-fielder", at: [20, 72], height: 1.2, lensMm: 500, why: "at the rope ahead of the fielder", hazard: "balls over the rope" },
  ]),
  ...placesOf("Rackets in a hall", "", [
    { id: "badminton-corner", situation: "smash and net", subjects: "badminton-smash badminton-net", from: [35, 10], height: 0.9, lensMm: 100, why: "beyond the net at the far corner: the face looks up to the shuttle" },
    { id: "table-corner", situation: "topspin", subjects: "table-tennis", from: [35, 8], height: 1.1, lensMm: 135, why: "outside the barriers, past the opponent’s shoulder: eyes over the ball" },
  ]),
  ...placesOf("Squash", "squash", [
    { id: "squash-glass", situation: "rally", subjects: "squash-stroke", at: [1.2, -5.3], height: 1.4, lensMm: 50, why: "at the glass of the back wall, lens on the pane: players turn to the ball" },
  ]),
  ...placesOf("Golf", "", [
    { id: "golf-behind-ball", situation: "finish of the swing", subjects: "golf-swing", from: [35, 9], height: 1.1, lensMm: 135, why: "ahead of the player’s chest and well off the line; after the stroke alone", hazard: "never ahead of the ball; silence" },
  ]),
  ...placesOf("More athletics", "", [
    { id: "shot-behind", situation: "shot put", subjects: "shot-putter", from: [155, 9], height: 0.8, lensMm: 135, why: "behind the rear half of the circle: the turn brings the face round", hazard: "never ahead of the circle" },
    { id: "wheelchair-bend", situation: "coming out of the bend", subjects: "wheelchair-racer", from: [60, 12], height: 0.8, lensMm: 200, why: "low beside the outer lane, wheels and face toward you" },
  ]),
  ...placesOf("Javelin", "javelin-sector", [
    { id: "javelin-side", situation: "javelin", subjects: "javelin-thrower", at: [11.5, -47], height: 1.2, lensMm: 200, why: "off the runway and behind the arc: the last step and the face", hazard: "never ahead of the arc; never turn away from a throw" },
  ]),
  ...placesOf("More water", "", [
    { id: "diver-side", situation: "dive", subjects: "diver", from: [85, 13], height: 1.6, lensMm: 200, why: "square to the board: the whole arc before a plain wall", hazard: "wet deck, no flash" },
    { id: "polo-end", situation: "shot", subjects: "water-polo-throw", from: [25, 13], height: 0.6, lensMm: 200, why: "behind the goal’s corner, low: arm and face out of the water", hazard: "balls in flight; wet deck" },
    { id: "rowing-bank", situation: "last 250 m", subjects: "rower canoe-sprint", from: [60, 24], height: 1.2, lensMm: 400, why: "from the bank ahead of the boat, before it comes level" },
    { id: "slalom-gate", situation: "in the gate", subjects: "canoe-slalom", from: [40, 9], height: 0.9, lensMm: 100, why: "on the bank below the gate, where the bow turns to you", hazard: "wet rock" },
    { id: "surf-beach", situation: "turn at the lip", subjects: "surfer dinghy-sailor", from: [80, 66], height: 1.5, lensMm: 500, why: "from the beach or the pier, ahead of where the wave breaks", hazard: "tide and swell" },
  ]),
  ...placesOf("More wheels", "", [
    { id: "velodrome-bend", situation: "out of the bend", subjects: "track-cyclist", from: [40, 10], height: 1.4, lensMm: 135, why: "outside the rail where the bend opens, riders lean toward you" },
    { id: "bmx-side", situation: "over the jump", subjects: "bmx-rider skateboarder", from: [80, 7], height: 0.4, lensMm: 50, why: "low and beside the landing, the sky behind", hazard: "never in the landing" },
  ]),
  ...placesOf("More snow", "", [
    { id: "hill-knoll", situation: "flight", subjects: "ski-jumper", from: [95, 18], height: 1.6, lensMm: 200, why: "from the coaches’ stand beside the knoll, the body against the far slope" },
    { id: "loipe-rise", situation: "top of the rise", subjects: "cross-country-skier", from: [30, 18], height: 0.8, lensMm: 200, why: "above a climb, faces up and poles planted" },
  ]),
  ...placesOf("Mats, bars and walls", "", [
    { id: "climb-fall", situation: "fall", subjects: "climber-fall speed-climber", from: [60, 9], height: 2.5, lensMm: 70, why: "to the side, the whole wall in the frame", hazard: "never beneath" },
    { id: "gym-apparatus", situation: "on the apparatus", subjects: "gymnast-bars gymnast-beam trampolinist", from: [30, 13], height: 1.2, lensMm: 135, why: "before a plain wall, at the height of the body at its turning point", hazard: "no flash" },
    { id: "mat-corner", situation: "throw and punch", subjects: "judoka boxer", from: [35, 9], height: 0.6, lensMm: 85, why: "low at the corner of the mat, faces open toward you" },
    { id: "piste-side", situation: "lunge", subjects: "fencer", from: [35, 7], height: 0.9, lensMm: 85, why: "beyond the opponent, outside the piste: the blade comes at you" },
  ]),
  ...placesOf("Show jumping", "show-jumping", [
    { id: "jumping-rail", situation: "over a fence", subjects: "jumping-horse", at: [31.5, 22], height: 1.2, lensMm: 200, why: "outside the rail on the landing side, three-quarter: horse and rider come at you", hazard: "stewards decide; never inside the rail" },
  ]),
  ...placesOf("More horses", "", [
    { id: "dressage-corner", situation: "extended trot", subjects: "dressage-horse", from: [45, 26], height: 1.2, lensMm: 200, why: "at the end of the diagonal, the horse comes on uphill", hazard: "stand still, no flash" },
    { id: "polo-line", situation: "ride off", subjects: "polo-player", from: [55, 28], height: 1.4, lensMm: 300, why: "well off the side boards, ahead of the play", hazard: "horses turn faster than you" },
  ]),
  ...placesOf("Motors", "", [
    { id: "motor-inside", situation: "into the bend", subjects: CARS, from: [45, 48], height: 1.2, lensMm: 300, why: "inside and behind the barrier: the front wheels turned in", hazard: "never on the outside or the run-off" },
    { id: "motor-two-wheels", situation: "knee down, jump", subjects: "road-racing-motorcycle motocross-rider", from: [50, 46], height: 1, lensMm: 400, why: "inside the bend, the rider’s face under the visor", hazard: "never on the outside or the landing" },
  ]),
  ...placesOf("People", "", [
    { id: "reaction-bench", situation: "the reaction after", subjects: "person-reacting person-standing", from: [20, 11], height: 1.4, lensMm: 200, why: "opposite the bench or the scoreboard: faces look there when it is decided" },
  ]),
  ...placesOf("More mammals", "", [
    { id: "large-mammal-far", situation: "in its own time", subjects: "bear-walking wolf-trotting", from: [30, 96], height: 1.4, lensMm: 600, why: "from the vehicle or with a guide, downwind, its way out left open", hazard: "never nearer; never between it and its young" },
    { id: "boar-glade", situation: "crossing the glade", subjects: "wild-boar deer-running", from: [35, 54], height: 1.2, lensMm: 600, why: "from the edge, downwind, ahead of its path", hazard: "never between a sow and her young" },
    { id: "seal-rock", situation: "hauled out", subjects: "seal", from: [25, 56], height: 0.6, lensMm: 600, why: "low from the shore, the sea behind", hazard: "if heads go up, back" },
    { id: "badger-evening", situation: "foraging", subjects: "badger squirrel", from: [30, 14], height: 0.5, lensMm: 400, why: "low and still, downwind, away from the sett or the drey" },
  ]),
  ...placesOf("Flight", "", [
    { id: "flight-big", situation: "large birds passing", subjects: BIG_FLIGHT, from: [40, 32], height: 1.5, lensMm: 400, why: "sun at the back, wind at the back: they take off and land toward you" },
    { id: "flight-small", situation: "birds on the wing", subjects: SMALL_FLIGHT, from: [40, 16], height: 1.5, lensMm: 400, why: "sun and wind at the back, across their line" },
    { id: "flight-raptor", situation: "hunting and soaring", subjects: RAPTORS, from: [35, 54], height: 1.5, lensMm: 600, why: "from the rise beside its beat, never beside the nest", hazard: "away from nests" },
    { id: "flight-hover", situation: "hovering, quartering", subjects: "kestrel-hovering owl-flying", from: [25, 34], height: 1.5, lensMm: 600, why: "upwind of it: it faces the wind and you" },
    { id: "flight-swallow", situation: "low over the ground", subjects: "swallow-flying hummingbird-hovering", from: [25, 7], height: 1, lensMm: 400, why: "prefocused on the line that it takes again and again" },
  ]),
  ...placesOf("Birds at rest", "", [
    { id: "water-level", situation: "on the water", subjects: SWIMMING, from: [40, 18], height: 0.4, lensMm: 500, why: "at the water’s level, the far shore soft behind", hazard: "wet edges slip" },
    { id: "mud-level", situation: "feeding at the edge", subjects: "wader-feeding gull-standing", from: [40, 17], height: 0.4, lensMm: 600, why: "lying, and let it walk to you", hazard: "tide" },
    { id: "perch-raptor", situation: "on its perch", subjects: "raptor-perched owl-perched", from: [30, 54], height: 1.5, lensMm: 600, why: "from the car or the hide, the sun at the back", hazard: "away from nests" },
    { id: "heron-bank", situation: "fishing", subjects: "heron-standing", from: [55, 27], height: 0.8, lensMm: 600, why: "low from the bank or the hide, sun at the back; it comes as it fishes", hazard: "wet edges slip" },
    { id: "perch-river", situation: "on the perch", subjects: "kingfisher-perched woodpecker-trunk", from: [40, 10], height: 1.2, lensMm: 500, why: "from the hide, level with it, what is behind far away" },
  ]),
  ...placesOf("Small and falling", "", [
    { id: "insect-flight", situation: "on the wing", subjects: "butterfly-flying dragonfly-hovering", from: [80, 0.6], height: 0.8, lensMm: 200, why: "square to where it hangs or returns, prefocused" },
    { id: "falling", situation: "against the dark", subjects: "snowflake raindrop", from: [90, 2], height: 1.5, lensMm: 100, why: "with light from behind and something dark beyond" },
  ]),
];
