import type { PartWorth } from "../schedule/part-worth";

/**
 * What kind of event a line of a programme is: how long it usually lasts, where on a venue, what of it is worth having and how much of it
 * one has who does not stay for the whole. Common practice, no source, where nothing else is said.
 */
export interface EventKind {
  readonly id: string;
  /** As a list of kinds shows it. */
  readonly name: string;
  /** A name of an event that has one of these words is of this kind; the first kind of the catalogue that fits is taken. */
  readonly words: RegExp;
  /** Minutes that one such event usually lasts. */
  readonly minutes: number;
  /** Minutes, one standard deviation of them. */
  readonly spread: number;
  readonly worth: PartWorth;
  /** Whether it starts late when the day runs late; a race is never early and seldom late. */
  readonly follows: boolean;
  /** Ids of the library's subjects with which it is taken, the usual first; none where it may be any. */
  readonly subjects: readonly string[];
  /** What its place is called on a ground. */
  readonly places?: RegExp;
  /** What of it is worth waiting for, as shares of its length. */
  readonly moments: readonly Moment[];
  /** Pictures worth having of it, as one would write them into a brief. */
  readonly pictures: readonly string[];
  /** Set for field events: everybody has so many attempts, or the bar goes up until nobody is left. */
  readonly contest?: "attempts" | "heights";
  /** Nobody goes there to photograph it: a break, a briefing. */
  readonly idle?: boolean;
}

/** A part of an event that matters, as shares of its length from 0 to 1. */
export interface Moment {
  readonly name: string;
  /** Share of its length, 0 to 1. */
  readonly from: number;
  /** Share of its length, from `from` to 1. */
  readonly until: number;
}

type Row = Omit<EventKind, "subjects" | "follows"> & {
  readonly subjects?: string;
  readonly follows?: boolean;
};

const FINISH: Moment = { name: "The finish", from: 0.8, until: 1 };
const START: Moment = { name: "The start", from: 0, until: 0.2 };
const ROUNDS: readonly Moment[] = [
  { name: "The first three rounds", from: 0, until: 0.5 },
  { name: "The last round", from: 0.85, until: 1 },
];
const BAR: readonly Moment[] = [
  { name: "The middle heights, everybody still in", from: 0.2, until: 0.5 },
  { name: "The last heights", from: 0.67, until: 1 },
];
const PLAY: readonly Moment[] = [
  { name: "The first half", from: 0, until: 0.45 },
  { name: "The bench at the turn", from: 0.45, until: 0.55 },
  { name: "The end and what follows it", from: 0.9, until: 1 },
];

/** The kinds as they are written down, the more particular first. */
export const ROWS: readonly Row[] = [
  {
    id: "ceremony",
    pictures: ["The winners with what they won", "Hands, faces, the embrace"],
    name: "Prize-giving",
    words:
      /\b(prize[- ]?giving|prizes|medals?|presentations?|podium|ceremony|awards?|certificates|cup presentation|trophy|trophies)\b/i,
    minutes: 15,
    spread: 5,
    worth: "even",
    follows: true,
    subjects: "person-reacting",
    moments: [{ name: "The winners with what they won", from: 0.2, until: 1 }],
  },
  {
    id: "break",
    pictures: [],
    name: "Break or business",
    words:
      /\b(lunch|break|interval|tea|registration|sign[- ]?on|weigh[- ]?in|warm[- ]?up|briefing|arrival|practice|course walk|doors|check[- ]?in|set[- ]?up|tow floats)\b/i,
    minutes: 30,
    spread: 10,
    worth: "even",
    idle: true,
    moments: [],
  },
  {
    id: "relay",
    pictures: ["The last exchange, both hands on the baton", "The anchor at the line"],
    name: "Relay",
    words: /\b(relays?|\d\s*[x×]\s*\d{2,4}\s*m?)\b/i,
    minutes: 10,
    spread: 2,
    worth: "whole",
    subjects: "relay-exchange sprinter swim-start",
    places: /exchange|bend|finish/i,
    moments: [{ name: "The last exchange", from: 0.5, until: 0.75 }, FINISH],
  },
  {
    id: "hurdles",
    pictures: ["Over the second hurdle from ahead", "The field in one line at the third"],
    name: "Hurdles",
    words: /\b(hurdles|\d{2,3}\s*m?\s*h)\b/i,
    minutes: 6,
    spread: 2,
    worth: "whole",
    subjects: "high-hurdler low-hurdler",
    places: /hurdle|straight|finish/i,
    moments: [{ name: "The second hurdle", from: 0.2, until: 0.5 }, FINISH],
  },
  {
    id: "steeplechase",
    pictures: ["The water jump, the step off the barrier", "The pack at the first barrier"],
    name: "Steeplechase",
    words: /\b(steeple\w*|s\/?c|st\/?ch)\b/i,
    minutes: 15,
    spread: 3,
    worth: "whole",
    subjects: "steeplechaser",
    places: /water|jump/i,
    moments: [{ name: "The first time over the water", from: 0.1, until: 0.4 }, FINISH],
  },
  {
    id: "race-walk",
    pictures: ["The turn, where they come toward you", "The judge’s paddle"],
    name: "Race walk",
    words: /\b(walk)\b/i,
    minutes: 30,
    spread: 5,
    worth: "early",
    subjects: "race-walker",
    moments: [START, FINISH],
  },
  {
    id: "high-jump",
    pictures: ["Over the bar, the face toward the lens", "The landing and the look back at the bar"],
    contest: "heights",
    name: "High jump",
    words: /\bhigh jump\b|\bHJ\b/i,
    minutes: 75,
    spread: 15,
    worth: "late",
    follows: true,
    subjects: "high-jumper",
    places: /high jump|fan|bar/i,
    moments: BAR,
  },
  {
    id: "pole-vault",
    pictures: ["Plant and bend", "Over the bar, the pole let go"],
    contest: "heights",
    name: "Pole vault",
    words: /\bpole vault\b|\bvault\s*(m|w|b|g|u\d|men|women|boys|girls)\b|\bPV\b/i,
    minutes: 105,
    spread: 25,
    worth: "late",
    follows: true,
    subjects: "pole-vaulter",
    places: /vault|runway/i,
    moments: BAR,
  },
  {
    id: "long-jump",
    pictures: ["In flight, head on over the pit", "The landing, sand in the air"],
    contest: "attempts",
    name: "Long or triple jump",
    words: /\b(long|triple) jump\b|\b[LT]J\b/i,
    minutes: 65,
    spread: 10,
    worth: "early",
    follows: true,
    subjects: "long-jumper",
    places: /pit|sand|jump/i,
    moments: ROUNDS,
  },
  {
    id: "shot-put",
    pictures: ["The last turn before the release", "The release from the side of the hand"],
    contest: "attempts",
    name: "Shot put",
    words: /\bshot( put)?\b/i,
    minutes: 60,
    spread: 10,
    worth: "early",
    follows: true,
    subjects: "shot-putter",
    places: /shot|circle/i,
    moments: ROUNDS,
  },
  {
    id: "discus",
    pictures: ["The turn through the netting", "The release, the disc still at the hand"],
    contest: "attempts",
    name: "Discus",
    words: /\bdiscus\b/i,
    minutes: 60,
    spread: 10,
    worth: "early",
    follows: true,
    subjects: "discus-thrower",
    places: /discus|cage|circle/i,
    moments: ROUNDS,
  },
  {
    id: "hammer",
    pictures: ["The last turn through the netting", "The release and the shout"],
    contest: "attempts",
    name: "Hammer",
    words: /\bhammer\b/i,
    minutes: 60,
    spread: 10,
    worth: "early",
    follows: true,
    subjects: "hammer-thrower",
    places: /hammer|cage|circle/i,
    moments: ROUNDS,
  },
  {
    id: "javelin",
    pictures: ["The pull, the arm fully back", "After the release, the follow-through at the line"],
    contest: "attempts",
    name: "Javelin",
    words: /\bjavelin\b/i,
    minutes: 60,
    spread: 10,
    worth: "early",
    follows: true,
    subjects: "javelin-thrower",
    places: /javelin/i,
    moments: ROUNDS,
  },
  {
    id: "swim",
    pictures: [
      "The dive off the block",
      "The breath, from the side to which they breathe",
      "The look at the clock",
    ],
    name: "Swimming heat",
    words: /\b(free(style)?|back(stroke)?|breast(stroke)?|fly|butterfly|medley|IM)\b/i,
    minutes: 4,
    spread: 1,
    worth: "whole",
    subjects: "swimmer-crawl swimmer-back swimmer-breast swimmer-fly swim-start",
    places: /lane|pool/i,
    moments: [START, FINISH],
  },
  {
    id: "dive",
    pictures: ["The flight, the shape held", "The entry"],
    contest: "attempts",
    name: "Diving",
    words: /\b(diving|springboard|platform|highboard)\b/i,
    minutes: 60,
    spread: 15,
    worth: "early",
    follows: true,
    subjects: "diver",
    places: /board|platform/i,
    moments: ROUNDS,
  },
  {
    id: "rowing",
    pictures: ["The catch, blades square", "The finish and the crew after it"],
    name: "Rowing or paddling race",
    words:
      /\b([WMJX]?\s*\d{0,2}\s*[1248]x?[+-]|[1248]x[+-]?|eights?|fours?|pairs?|doubles|quads?|sculls?|[kc][124])(?![\w%])/i,
    minutes: 6,
    spread: 2,
    worth: "whole",
    subjects: "rower canoe-sprint",
    places: /finish|course|bank/i,
    moments: [FINISH],
  },
  {
    id: "bout",
    pictures: ["The throw while both are in the air", "The hands after it"],
    name: "Bout or weight class",
    words: /\b(bout|judo|[-–+]\s?\d{2,3}\s?kg|\d{2,3}\s?kg)\b/i,
    minutes: 5,
    spread: 2,
    worth: "early",
    subjects: "judoka boxer fencer",
    places: /mat|tatami|ring|piste/i,
    moments: [{ name: "The throw and the hands after it", from: 0.2, until: 1 }],
  },
  {
    id: "cross-country-ride",
    pictures: ["Over the fence, from its landing side", "Into the water"],
    name: "Horse on the course",
    words: /\b(cross[- ]country|xc)\b.*\b(horse|ride|BE\d|novice|intermediate|advanced)\b|\bBE\d+.*cross/i,
    minutes: 5,
    spread: 1,
    worth: "whole",
    subjects: "cross-country-horse",
    places: /fence|water|drop|log/i,
    moments: [{ name: "Over the fence", from: 0, until: 1 }],
  },
  {
    id: "show-jumping",
    pictures: ["At the top of the jump", "The last line of fences, the rider’s face"],
    name: "Show-jumping round",
    words: /\b(show[- ]?jumping|jumping|\d{2,3}\s?cm|lead rein|working hunter)\b/i,
    minutes: 2,
    spread: 0.5,
    worth: "even",
    subjects: "jumping-horse",
    places: /arena|ring|fence/i,
    moments: [{ name: "The last line of fences", from: 0.6, until: 1 }],
  },
  {
    id: "dressage",
    pictures: ["The halt and the salute", "A long diagonal, the legs at their widest"],
    name: "Dressage test",
    words: /\bdressage\b/i,
    minutes: 7,
    spread: 1,
    worth: "even",
    subjects: "dressage-horse",
    places: /arena|ring/i,
    moments: [{ name: "The halt at the end", from: 0.9, until: 1 }],
  },
  {
    id: "agility",
    pictures: ["Through the weaves toward you", "Over the jump, the handler behind"],
    name: "Dog agility class",
    words: /\b(agility|jumping grade|helter|gamblers|flyball)\b/i,
    minutes: 90,
    spread: 20,
    worth: "early",
    follows: true,
    moments: [{ name: "The weaves", from: 0, until: 0.5 }],
  },
  {
    id: "cyclo-cross",
    pictures: ["The mud, the bicycle shouldered", "The first bend, all of them"],
    name: "Cyclo-cross or cycle race",
    words: /\b(cyclo[- ]?cross|criterium|road race|time trial|novices|youth race|scratch race)\b/i,
    minutes: 40,
    spread: 5,
    worth: "early",
    subjects: "cyclocross-rider road-cyclist track-cyclist",
    moments: [START, FINISH],
  },
  {
    id: "sprint",
    pictures: ["Out of the blocks", "The finish, head on", "The look at the clock"],
    name: "Sprint",
    words: /\b(60|70|75|80|100|150|200|300|400)\s?m(etres?)?\b/i,
    minutes: 5,
    spread: 1,
    worth: "whole",
    subjects: "sprinter sprint-start",
    places: /finish|straight|block/i,
    moments: [{ name: "Out of the blocks", from: 0, until: 0.3 }, FINISH],
  },
  {
    id: "distance",
    pictures: ["The pack in the bend", "The bell", "The finish"],
    name: "Middle or long distance",
    words: /\b(600|800|1000|1200|1500|1600|2000|3000|5000|10\s?000)\s?m?\b|\bmile\b/i,
    minutes: 10,
    spread: 2,
    worth: "whole",
    subjects: "distance-runner",
    places: /bend|finish|straight/i,
    moments: [{ name: "The bell", from: 0.6, until: 0.8 }, FINISH],
  },
  {
    id: "children-race",
    pictures: ["The start", "The finish, and who waits for them"],
    name: "School race",
    words:
      /\b(sack|egg and spoon|three[- ]legged|skipping|beanbag|obstacle|running race|parents'? race|staff relay|long run|dip|swim)\b/i,
    minutes: 8,
    spread: 3,
    worth: "whole",
    subjects: "sprinter",
    moments: [START, FINISH],
  },
  {
    id: "apparatus",
    pictures: ["The highest point of the turn", "The landing, and the coach’s face"],
    name: "Turn at an apparatus",
    words: /\b(vault|bars?|beam|floor|rings|pommel|rotation|trampoline|group [a-h])\b/i,
    minutes: 25,
    spread: 4,
    worth: "even",
    subjects: "gymnast gymnast-bars gymnast-beam trampolinist",
    places: /vault|bars?|beam|floor/i,
    moments: [{ name: "The dismount", from: 0, until: 1 }],
  },
  {
    id: "game",
    pictures: ["The chance and the face that follows", "The bench at the turn", "The end"],
    name: "Game",
    words:
      /\s(v|vs|versus)\.?\s|\b(game|match|semi[- ]?final|final|kick[- ]?off|1st|2nd|3rd|4th|5th|7th) ?(place|half|round|\d)?\b| - /i,
    minutes: 70,
    spread: 8,
    worth: "early",
    moments: PLAY,
  },
];
