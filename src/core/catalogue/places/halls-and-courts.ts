import { placesOf } from "./place";

// prettier-ignore
export const HALL_PLACES = [
  ...placesOf("Court with baskets", "basketball", [
    { id: "basket-right-hand", side: "right", situation: "right-handed shooter", subjects: "basketball-drive basketball-jump-shot basketball-dunk", at: [-3.4, 16.3], height: 0.6, lensMm: 50, why: "outside the lane where the shooting arm leaves the face open; benches behind for the reaction", hazard: "players land here" },
    { id: "basket-left-hand", side: "left", situation: "left-handed shooter", subjects: "basketball-drive basketball-jump-shot basketball-dunk", at: [3.4, 16.3], height: 0.6, lensMm: 50, why: "the mirror of the right-handed side", hazard: "players land here" },
    { id: "basket-arc", situation: "drive from mid-court", subjects: "basketball-drive basketball-jump-shot", at: [-9.8, 11], height: 1, lensMm: 105, why: "outside the three-point line, the drive comes toward you" },
    { id: "basket-stand", situation: "from the stand", subjects: "basketball-drive basketball-jump-shot basketball-dunk", at: [-12.5, 13], height: 3, lensMm: 300, why: "clear of heads and of the cheer squad, floor as background" },
  ]),
  ...placesOf("Half court and gym hall", "basketball-3x3 basketball-outdoor", [
    { id: "basket-outdoors", situation: "drive and jump shot outdoors", subjects: "basketball-drive basketball-jump-shot basketball-dunk wheelchair-basketball", at: [-10.2, 8], height: 0.6, lensMm: 85, why: "low beside the end line, the sky and not the fence behind the ball", hazard: "players over the line" },
  ]),
  ...placesOf("More halls", "", [
    { id: "wheelchair-court", situation: "push and contact", subjects: "wheelchair-basketball wheelchair-rugby korfball-shot", from: [40, 11], height: 0.8, lensMm: 135, why: "behind the end line at the eyes’ height of those who sit, faces over the wheels", hazard: "chairs over the line" },
    { id: "small-court", situation: "attack on the goal", subjects: "futsal-player floorball-player", from: [40, 13], height: 0.7, lensMm: 135, why: "low behind the end line beside the goal, where they run at you", hazard: "balls in flight" },
  ]),
  ...placesOf("Gym hall", "gym-hall", [
    { id: "gym-stage", situation: "stunt, toss and leap", subjects: "cheer-stunt cheer-toss dancer-leap dancer-turn", at: [3, -14.8], height: 1, lensMm: 85, why: "before them, low enough that who is in the air stands against the wall and not the lamps", hazard: "no flash; nobody within reach of a fall" },
  ]),
  ...placesOf("Padel", "padel", [
    { id: "padel-glass", situation: "stroke off the glass", subjects: "padel-stroke", at: [2.6, 10.7], height: 1.2, lensMm: 85, why: "lens on the glass behind the far end, a hand about it against reflections: faces come toward you" },
  ]),
  ...placesOf("Curling", "curling-sheet", [
    { id: "curling-low", situation: "delivery", subjects: "curling-delivery", at: [5, -3], height: 0.4, lensMm: 135, why: "low beside the sheet ahead of the stone: eyes along the ice", hazard: "never on the ice; silence before the stone goes" },
    { id: "curling-sweep", situation: "sweeping", subjects: "curling-sweepers", at: [5, 18], height: 0.8, lensMm: 135, why: "beyond the hog line: both faces over the stone" },
  ]),
  ...placesOf("Handball", "handball", [
    { id: "handball-behind-goal", situation: "jump throw", subjects: "handball-throw", at: [6, 22.2], height: 0.8, lensMm: 100, why: "behind the goal line outside the corner: the throw comes at you", hazard: "balls in flight" },
    { id: "handball-keeper", situation: "keeper’s save", subjects: "handball-goalkeeper", at: [12.3, 12], height: 0.9, lensMm: 135, why: "from the side line the save opens toward you" },
  ]),
  ...placesOf("Net in a hall", "volleyball", [
    { id: "net-referee-side", situation: "attack at the net", subjects: "volleyball-attack volleyball-block", at: [-7.8, 6], height: 2.6, lensMm: 100, why: "high from the referee’s side: faces over the net at the top of the jump" },
    { id: "net-low", situation: "reception", subjects: "volleyball-dig", at: [-6.5, 8], height: 0.5, lensMm: 135, why: "low below the net line, faces come up to the ball", hazard: "balls in flight" },
  ]),
  ...placesOf("Racket sports", "tennis tennis-hard", [
    { id: "tennis-corner", situation: "ground stroke", subjects: "tennis-stroke tennis-serve wheelchair-tennis", at: [-8, 13.5], height: 0.9, lensMm: 200, why: "low at the far corner: racket and face toward you, a clean fence behind" },
  ]),
  ...placesOf("Climbing and gymnastics", "gymnastics-floor", [
    { id: "gym-window", situation: "tumbling", subjects: "gymnast", from: [35, 14], height: 0.7, lensMm: 135, why: "low, toward the better light; frame first, wait for the athlete" },
  ]),
  ...placesOf("Climbing", "", [
    { id: "climb-side", situation: "hands at the hold", subjects: "climber boulderer", from: [25, 9], height: 3, lensMm: 105, why: "raised and to the side: face and hands, the wall falls away behind", hazard: "below a climber: falls and dropped gear" },
  ]),
  ...placesOf("Pool", "pool-25 pool-50", [
    { id: "pool-crawl", situation: "crawl", subjects: "swimmer-crawl", at: [12.5, 9], height: 1.8, lensMm: 300, why: "from the side and above, slightly ahead, on the side that breathes", hazard: "wet deck, mains nearby" },
    { id: "pool-breast", situation: "breaststroke and butterfly", subjects: "swimmer-breast swimmer-fly", at: [6.25, 15], height: 0.4, lensMm: 400, why: "low and head on: only heads and hands show", hazard: "wet deck; low means wet" },
    { id: "pool-back", situation: "backstroke", subjects: "swimmer-back", at: [9, 14.5], height: 2, lensMm: 200, why: "from above, at the turn", hazard: "wet deck, mains nearby" },
    { id: "pool-start", situation: "racing dive", subjects: "swim-start", at: [12.5, -2], height: 0.6, lensMm: 135, why: "low from the side ahead of the blocks: the whole body in the air", hazard: "no flash at a start; wet deck" },
  ]),
];
