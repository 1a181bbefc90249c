import { inGroup, limb, tool } from "./row";

const MEMORY = "bat, racket and ball speeds from memory of published figures; body and limbs estimated";

/** Bats, rackets and balls. A tool's half width is what its picture may smear. */
// prettier-ignore
export const BATS_AND_RACKETS = inGroup("bat and racket", [
  { id: "baseball-batter", name: "Baseball batter", height: 1.75, depth: 0.6, bodySpeed: 1, fastSpeed: 1.5, bob: 0.2, parts: [limb(4, 6), tool("bat", "bat tip", 31, 36, 0.033), tool("ball", "ball", 38, 45, 0.037)], known: "from memory", source: MEMORY },
  { id: "baseball-batter-youth", name: "Baseball batter, youth", height: 1.5, depth: 0.5, bodySpeed: 1, fastSpeed: 1.5, bob: 0.2, parts: [limb(4, 5), tool("bat", "bat tip", 25, 29, 0.033), tool("ball", "ball", 28, 33, 0.037)], known: "from memory", source: MEMORY },
  { id: "baseball-pitcher", name: "Baseball pitcher", height: 1.7, depth: 0.8, bodySpeed: 2.5, fastSpeed: 3.5, bob: 0.3, parts: [limb(12, 20, "throwing hand"), tool("ball", "ball", 38, 44, 0.037)], known: "from memory", source: MEMORY },
  { id: "baseball-slide", name: "Slide into a base", height: 0.9, depth: 1.2, length: 1.9, lying: true, bodySpeed: 6, fastSpeed: 8, bob: 0.5, parts: [limb(4, 6)], known: "estimated", source: "estimated from runners" },
  { id: "baseball-fielder", name: "Baseball or softball fielder throwing", height: 1.7, depth: 0.8, bodySpeed: 4, fastSpeed: 7, bob: 0.5, parts: [limb(12, 18, "throwing hand"), tool("ball", "ball", 32, 40, 0.037)], known: "from memory", source: MEMORY },
  { id: "baseball-catcher", name: "Catcher behind the plate", height: 1.1, depth: 0.7, bodySpeed: 0.5, fastSpeed: 3, bob: 0.2, parts: [limb(5, 9, "glove hand"), tool("ball", "ball", 36, 43, 0.037)], known: "from memory", source: MEMORY },
  { id: "softball-batter", name: "Softball batter", height: 1.65, depth: 0.6, bodySpeed: 1, fastSpeed: 1.5, bob: 0.2, parts: [limb(4, 6), tool("bat", "bat tip", 28, 33, 0.0285), tool("ball", "ball", 28, 32, 0.0485)], known: "from memory", source: MEMORY },
  { id: "softball-pitcher", name: "Softball pitcher", height: 1.65, depth: 0.8, bodySpeed: 3, fastSpeed: 4, bob: 0.3, parts: [limb(14, 20, "throwing hand"), tool("ball", "ball", 26, 31, 0.0485)], known: "from memory", source: MEMORY },
  { id: "cricket-batter", name: "Cricket batter", height: 1.7, depth: 0.6, bodySpeed: 1, fastSpeed: 2, bob: 0.2, parts: [limb(4, 6), tool("bat", "bat toe", 25, 30, 0.054), tool("ball", "ball", 33, 42, 0.036)], known: "from memory", source: MEMORY },
  { id: "cricket-bowler", name: "Cricket fast bowler in the delivery stride", height: 2, depth: 0.8, bodySpeed: 5, fastSpeed: 7, bob: 0.6, parts: [limb(14, 20, "bowling hand"), tool("ball", "ball", 36, 42, 0.036)], known: "from memory", source: MEMORY },
  { id: "cricket-wicketkeeper", name: "Wicketkeeper taking the ball", height: 1.2, depth: 0.7, bodySpeed: 1.5, fastSpeed: 4, bob: 0.4, parts: [limb(6, 9, "gloves"), tool("ball", "ball", 30, 40, 0.036)], known: "estimated", source: "ball from memory of published figures, the rest estimated" },
  { id: "cricket-fielder", name: "Cricket diving catch", height: 1, depth: 1, length: 2.1, lying: true, bodySpeed: 5, fastSpeed: 7, bob: 0.8, parts: [limb(4, 6), tool("ball", "ball", 25, 38, 0.036)], known: "estimated", source: "estimated" },
  { id: "tennis-serve", name: "Tennis serve", height: 2.3, depth: 0.6, bodySpeed: 1.5, fastSpeed: 2.5, bob: 0.5, parts: [limb(10, 14, "racket hand"), tool("racket", "racket rim", 36, 42, 0.012), tool("ball", "ball", 48, 58, 0.0335)], known: "from memory", source: MEMORY },
  { id: "tennis-stroke", name: "Tennis ground stroke", height: 1.75, depth: 0.6, bodySpeed: 4, fastSpeed: 6, bob: 0.5, parts: [limb(5, 8), tool("racket", "racket rim", 30, 36, 0.012), tool("ball", "ball", 30, 40, 0.0335)], known: "from memory", source: MEMORY },
  { id: "wheelchair-tennis", name: "Wheelchair tennis stroke", height: 1.4, depth: 0.7, length: 0.95, bodySpeed: 2.5, fastSpeed: 4, bob: 0.3, parts: [limb(6, 9), tool("racket", "racket rim", 27, 33, 0.012), tool("ball", "ball", 26, 36, 0.0335)], known: "estimated", source: "estimated after the standing player’s" },
  { id: "padel-stroke", name: "Padel stroke at the glass", height: 1.7, depth: 0.6, bodySpeed: 3, fastSpeed: 5, bob: 0.5, parts: [limb(6, 9), tool("racket", "racket edge", 24, 32, 0.019), tool("ball", "ball", 24, 38, 0.0335)], known: "estimated", source: "estimated after tennis; racket 38 mm thick by the FIP rules" },
  { id: "badminton-smash", name: "Badminton smash", height: 2.3, depth: 0.5, bodySpeed: 3, fastSpeed: 5, bob: 0.5, parts: [limb(5, 9), tool("racket", "racket rim", 35, 45, 0.012), tool("shuttle", "shuttlecock", 60, 90, 0.033)], known: "from memory", source: MEMORY },
  { id: "badminton-net", name: "Badminton at the net", height: 1.6, depth: 0.6, bodySpeed: 3, fastSpeed: 5, bob: 0.5, parts: [limb(5, 7), tool("racket", "racket rim", 15, 25, 0.012)], known: "estimated", source: "estimated" },
  { id: "table-tennis", name: "Table tennis topspin", height: 1.5, depth: 0.5, bodySpeed: 1.5, fastSpeed: 3, bob: 0.4, parts: [limb(6, 9), tool("bat", "bat edge", 15, 20, 0.012), tool("ball", "ball", 18, 28, 0.02)], known: "from memory", source: MEMORY },
  { id: "squash-stroke", name: "Squash stroke", height: 1.5, depth: 0.6, bodySpeed: 3, fastSpeed: 5, bob: 0.5, parts: [limb(6, 9), tool("racket", "racket rim", 32, 40, 0.012), tool("ball", "ball", 45, 60, 0.02)], known: "from memory", source: MEMORY },
  { id: "golf-swing", name: "Golf swing", height: 1.8, depth: 0.6, bodySpeed: 0.3, fastSpeed: 0.5, bob: 0.2, parts: [limb(7, 10), tool("club", "club head", 42, 52, 0.03), tool("ball", "ball", 60, 75, 0.0213)], known: "from memory", source: MEMORY },
]);
