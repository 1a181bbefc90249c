import { placesOf } from "./place";

const BIG_FLIGHT = "swan-flying goose-landing heron-flying gannet-flying";
const SMALL_FLIGHT = "duck-flying gull-flying tern-flying puffin-flying flock-flying gull-feeding";
const RAPTORS = "harrier-hunting eagle-gliding buzzard-soaring falcon-stooping osprey-flying";
const SWIMMING = "duck-swimming duck-feeding swan-swimming swan-feeding grebe-swimming coot-swimming";
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
  ...placesOf("Gaelic football", "", [
    { id: "gaelic-side", situation: "solo run and high catch", subjects: "gaelic-football-runner gaelic-football-catch", from: [55, 34], height: 0.9, lensMm: 400, why: "off the side line ahead of the play: ball, hands and face", hazard: "players over the line" },
  ]),
  ...placesOf("Cricket", "cricket", [
    { id: "cricket-down-the-pitch", situation: "batter’s stroke", subjects: "cricket-batter cricket-wicketkeeper", at: [10, -74], height: 1.2, lensMm: 800, why: "beyond the bowler’s end, nearly in line: the batter’s face under the helmet" },
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
    { id: "slalom-gate", situation: "in the gate", subjects: "canoe-slalom", from: [70, 12], height: 0.9, lensMm: 100, why: "on the bank below the gate, where the bow turns to you", hazard: "wet rock" },
    { id: "open-water", situation: "turn at the buoy", subjects: "open-water-swimmer paddle-boarder", from: [50, 14], height: 0.8, lensMm: 300, why: "low from the bank ahead of the turn: arm, cap and water", hazard: "wet edges slip" },
    { id: "wind-beach", situation: "jump and carve", subjects: "kitesurfer windsurfer", from: [80, 68], height: 1.5, lensMm: 500, why: "from the beach across the wind, ahead of the reach that they ride", hazard: "lines of kites come down on the beach; tide" },
    { id: "surf-beach", situation: "turn at the lip", subjects: "surfer dinghy-sailor", from: [80, 66], height: 1.5, lensMm: 500, why: "from the beach or the pier, ahead of where the wave breaks", hazard: "tide and swell" },
  ]),
  ...placesOf("More wheels", "", [
    { id: "velodrome-bend", situation: "out of the bend", subjects: "track-cyclist", from: [40, 10], height: 1.4, lensMm: 135, why: "outside the rail where the bend opens, riders lean toward you" },
    { id: "bmx-side", situation: "over the jump", subjects: "bmx-rider", from: [80, 7], height: 0.4, lensMm: 50, why: "low and beside the landing, the sky behind", hazard: "never in the landing" },
  ]),
  ...placesOf("Skate park", "skate-park", [
    { id: "park-deck", situation: "trick at the quarter pipe", subjects: "skateboarder", at: [15.2, 1], height: 0.6, lensMm: 85, why: "low beside the deck ahead of the rider, the sky behind the board", hazard: "boards fly; never in the line of a run" },
  ]),
  ...placesOf("More snow", "", [
    { id: "hill-knoll", situation: "flight", subjects: "ski-jumper", from: [95, 18], height: 1.6, lensMm: 200, why: "from the coaches’ stand beside the knoll, the body against the far slope" },
    { id: "loipe-rise", situation: "top of the rise", subjects: "cross-country-skier", from: [30, 18], height: 0.8, lensMm: 200, why: "above a climb, faces up and poles planted" },
  ]),
  ...placesOf("Mats, bars and walls", "", [
    { id: "climb-fall", situation: "fall", subjects: "climber-fall speed-climber", from: [60, 9], height: 2.5, lensMm: 70, why: "to the side, the whole wall in the frame", hazard: "never beneath" },
    { id: "gym-apparatus", situation: "on the apparatus", subjects: "gymnast-bars gymnast-beam trampolinist", from: [30, 13], height: 1.2, lensMm: 135, why: "before a plain wall, at the height of the body at its turning point", hazard: "no flash" },
    { id: "mat-corner", situation: "throw and punch", subjects: "judoka boxer wrestler martial-arts-kick", from: [35, 9], height: 0.6, lensMm: 85, why: "low at the corner of the mat, faces open toward you" },
    { id: "piste-side", situation: "lunge", subjects: "fencer", from: [35, 7], height: 0.9, lensMm: 85, why: "beyond the opponent, outside the piste: the blade comes at you" },
  ]),
  ...placesOf("Show jumping", "show-jumping", [
    { id: "jumping-rail", situation: "over a fence", subjects: "jumping-horse", at: [31.5, 22], height: 1.2, lensMm: 200, why: "outside the rail on the landing side, three-quarter: horse and rider come at you", hazard: "stewards decide; never inside the rail" },
  ]),
  ...placesOf("More horses", "", [
    { id: "dressage-corner", situation: "extended trot", subjects: "dressage-horse", from: [45, 26], height: 1.2, lensMm: 200, why: "at the end of the diagonal, the horse comes on uphill", hazard: "stand still, no flash" },
    { id: "harness-rail", situation: "into the straight", subjects: "harness-racer", from: [45, 30], height: 1.2, lensMm: 300, why: "outside the rail where the bend opens: horse, driver and dust come at you", hazard: "horses turn faster than you" },
  ]),
  ...placesOf("Polo", "polo", [
    { id: "polo-line", situation: "ride off", subjects: "polo-player", at: [86, 96], height: 1.4, lensMm: 500, why: "well off the side boards, ahead of the play", hazard: "horses turn faster than you" },
  ]),
  ...placesOf("Dogs", "", [
    { id: "dog-head-on", situation: "running at you", subjects: "dog-running", from: [12, 20], height: 0.3, lensMm: 200, why: "lying beside its line, the handler calls from behind you", hazard: "never in its line" },
    { id: "dog-leap", situation: "leap and turn", subjects: "dog-disc sheepdog", from: [50, 26], height: 0.4, lensMm: 200, why: "low and to the side: all four feet and the eyes", hazard: "not between dog and flock" },
  ]),
  ...placesOf("Agility", "dog-agility", [
    { id: "agility-ring", situation: "over the hurdle", subjects: "dog-agility", at: [2, -24], height: 0.3, lensMm: 300, why: "lying outside the ring in line with the hurdle: it lands toward you", hazard: "no flash; judges decide" },
  ]),
  ...placesOf("Speedway", "speedway", [
    { id: "speedway-bend", situation: "broadside in the bend", subjects: "speedway-rider", at: [24, 72], height: 1.7, lensMm: 200, why: "over the fence outside the bend, as they slide toward you", hazard: "behind the fence alone; gravel flies" },
  ]),
  ...placesOf("Aircraft", "", [
    { id: "display-line", situation: "pass along the line", subjects: "aircraft-jet aircraft-propeller helicopter", from: [75, 180], height: 1.6, lensMm: 600, why: "from the spectators’ line before its middle, the sun at the back", hazard: "never under the display" },
  ]),
  ...placesOf("Motors", "", [
    { id: "motor-inside", situation: "into the bend", subjects: CARS, from: [45, 48], height: 1.2, lensMm: 300, why: "inside and behind the barrier: the front wheels turned in", hazard: "never on the outside or the run-off" },
    { id: "motor-two-wheels", situation: "knee down, jump", subjects: "road-racing-motorcycle motocross-rider", from: [50, 46], height: 1, lensMm: 400, why: "inside the bend, the rider’s face under the visor", hazard: "never on the outside or the landing" },
  ]),
  ...placesOf("People", "", [
    { id: "celebration", situation: "toward the corner or the bench", subjects: "team-celebrating", from: [28, 24], height: 0.8, lensMm: 300, why: "behind the end line ahead of where they run: the camera stays up after the goal", hazard: "they run into you; step back" },
    { id: "reaction-bench", situation: "the reaction after", subjects: "person-reacting person-standing", from: [20, 11], height: 1.4, lensMm: 200, why: "opposite the bench or the scoreboard: faces look there when it is decided" },
  ]),
  ...placesOf("More mammals", "", [
    { id: "large-mammal-far", situation: "in its own time", subjects: "bear-walking wolf-trotting", from: [30, 96], height: 1.4, lensMm: 600, why: "from the vehicle or with a guide, downwind, its way out left open", hazard: "never nearer; never between it and its young" },
    { id: "boar-glade", situation: "crossing the glade", subjects: "wild-boar deer-running", from: [35, 54], height: 1.2, lensMm: 600, why: "from the edge, downwind, ahead of its path", hazard: "never between a sow and her young" },
    { id: "hop-side", situation: "across the open", subjects: "kangaroo-hopping", from: [60, 24], height: 1, lensMm: 400, why: "from the side and a little ahead: legs, tail and ears apart" },
    { id: "branch-level", situation: "on its branch", subjects: "monkey-branch", from: [30, 16], height: 2, lensMm: 400, why: "as high as it sits, from the path or the platform", hazard: "no food in the bag; it bites" },
    { id: "meadow-low", situation: "feeding", subjects: "rabbit-feeding", from: [30, 10], height: 0.3, lensMm: 500, why: "lying, downwind, at its own height; still until it feeds again" },
    { id: "bat-dusk", situation: "at dusk along the hedge", subjects: "bat-flying", from: [40, 8], height: 1.5, lensMm: 200, why: "prefocused on the gap that it flies through, against the last of the sky", hazard: "no lamp on the roost" },
    { id: "sea-beside", situation: "beside the boat", subjects: "dolphin-leaping whale-surfacing", from: [70, 110], height: 2, lensMm: 400, why: "from the boat that waits beside their way, never across it", hazard: "one hand for the boat; the skipper decides" },
    { id: "seal-rock", situation: "hauled out", subjects: "seal", from: [25, 56], height: 0.6, lensMm: 600, why: "low from the shore, the sea behind", hazard: "if heads go up, back" },
    { id: "badger-evening", situation: "foraging", subjects: "badger squirrel", from: [30, 14], height: 0.5, lensMm: 400, why: "low and still, downwind, away from the sett or the drey" },
  ]),
  ...placesOf("Savanna", "savanna", [
    { id: "herd-vehicle", situation: "from the vehicle on the track", subjects: "elephant-walking antelope-running big-cat-walking", at: [0, -40], height: 1.8, lensMm: 600, why: "low at the window, the engine off, ahead of their way; they are let pass", hazard: "stay in the vehicle; the guide decides" },
  ]),
  ...placesOf("Sea cliff", "cliff", [
    { id: "cliff-path", situation: "off the cliff", subjects: "gannet-flying puffin-flying puffin-standing", at: [-8, -7], height: 1.2, lensMm: 300, why: "from the path, where wind and sun come from behind: they turn into the wind before you", hazard: "the edge breaks; off the burrows" },
  ]),
  ...placesOf("Small and cold-blooded", "", [
    { id: "frog-low", situation: "calling", subjects: "frog-calling", from: [40, 1.2], height: 0.15, lensMm: 100, why: "at the water’s level, the sac round against what is dark", hazard: "no step into the spawn" },
    { id: "basking-side", situation: "basking", subjects: "lizard-basking", from: [65, 1.5], height: 0.4, lensMm: 200, why: "slow and low from the side, the shadow behind you: eye and flank on one plane" },
    { id: "snake-far", situation: "basking", subjects: "snake-basking", from: [60, 3], height: 0.4, lensMm: 300, why: "low and two metres off or more, with a long lens; its way out left open", hazard: "never nearer, never between it and cover" },
    { id: "web-square", situation: "in the web", subjects: "spider-web", from: [90, 0.6], height: 0.8, lensMm: 100, why: "square to the web with light from behind, something dark beyond" },
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
    { id: "perch-raptor", situation: "on its perch", subjects: "raptor-perched owl-perched raptor-feeding", from: [30, 54], height: 1.5, lensMm: 600, why: "from the car or the hide, the sun at the back", hazard: "away from nests" },
    { id: "dive-lake", situation: "the strike", subjects: "osprey-diving gannet-diving", from: [40, 58], height: 1, lensMm: 600, why: "low at the water or in the boat, sun and wind at the back: they turn into the wind to dive", hazard: "wet edges slip" },
    { id: "bank-level", situation: "on the grass and the bank", subjects: "duck-standing goose-grazing", from: [40, 18], height: 0.3, lensMm: 400, why: "lying, and let them graze toward you" },
    { id: "heron-bank", situation: "fishing", subjects: "heron-standing", from: [55, 27], height: 0.8, lensMm: 600, why: "low from the bank or the hide, sun at the back; it comes as it fishes", hazard: "wet edges slip" },
    { id: "perch-river", situation: "on the perch", subjects: "kingfisher-perched woodpecker-trunk", from: [40, 10], height: 1.2, lensMm: 500, why: "from the hide, level with it, what is behind far away" },
  ]),
  ...placesOf("Small and falling", "", [
    { id: "insect-flight", situation: "on the wing", subjects: "butterfly-flying dragonfly-hovering", from: [80, 0.6], height: 0.8, lensMm: 200, why: "square to where it hangs or returns, prefocused" },
    { id: "falling", situation: "against the dark", subjects: "snowflake raindrop", from: [90, 2], height: 1.5, lensMm: 100, why: "with light from behind and something dark beyond" },
  ]),
];
