import { inGroup, limb, tool } from "./row";

const MEMORY = "body speeds from memory of published figures; limbs estimated";

/** Athletics by event. */
// prettier-ignore
export const ATHLETICS = inGroup("athletics", [
  { id: "sprinter", name: "Sprinter", height: 1.75, depth: 0.6, bodySpeed: 10, fastSpeed: 12, bob: 0.5, parts: [limb(9, 12)], known: "from memory", source: MEMORY },
  { id: "sprint-start", name: "Start from the blocks", height: 1.2, depth: 0.9, length: 1.5, bodySpeed: 3, fastSpeed: 5, bob: 0.6, parts: [limb(7, 9)], known: "estimated", source: "estimated" },
  { id: "distance-runner", name: "Distance runner", height: 1.7, depth: 0.5, bodySpeed: 5.5, fastSpeed: 7, bob: 0.5, parts: [limb(4, 6)], known: "from memory", source: MEMORY },
  { id: "road-runner", name: "Road runner in a race", height: 1.7, depth: 0.5, bodySpeed: 4, fastSpeed: 6, bob: 0.5, parts: [limb(3.5, 5.5)], known: "from memory", source: "marathons between two and a quarter and four hours: 3–5.3 m/s; limbs estimated" },
  { id: "cross-country-runner", name: "Cross-country runner in the mud", height: 1.7, depth: 0.6, bodySpeed: 4.8, fastSpeed: 6, bob: 0.7, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "triathlete-exit", name: "Triathlete running out of the water", height: 1.75, depth: 0.6, bodySpeed: 3, fastSpeed: 5, bob: 0.7, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "trail-runner", name: "Trail runner", height: 1.7, depth: 0.6, bodySpeed: 3.5, fastSpeed: 5, bob: 0.6, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "high-hurdler", name: "High hurdler over the hurdle", height: 1.9, depth: 0.8, bodySpeed: 8.5, fastSpeed: 9.5, bob: 0.8, parts: [limb(7, 9)], known: "from memory", source: MEMORY },
  { id: "low-hurdler", name: "Low hurdler", height: 1.8, depth: 0.8, bodySpeed: 8, fastSpeed: 9, bob: 0.7, parts: [limb(6, 8)], known: "from memory", source: MEMORY },
  { id: "steeplechaser", name: "Steeplechaser at the water jump", height: 1.8, depth: 0.7, bodySpeed: 5.5, fastSpeed: 6.5, bob: 1, parts: [limb(5, 7)], known: "estimated", source: "estimated" },
  { id: "race-walker", name: "Race walker", height: 1.75, depth: 0.5, bodySpeed: 3.8, fastSpeed: 4.3, bob: 0.3, parts: [limb(3.5, 4.5)], known: "from memory", source: MEMORY },
  { id: "long-jumper", name: "Long jumper into the sand", height: 1.5, depth: 1, bodySpeed: 5, fastSpeed: 9.5, bob: 0.5, parts: [limb(6, 8)], known: "estimated", source: "sand pit of practice: body 5, limbs 6; run-up from memory" },
  { id: "high-jumper", name: "High jumper over the bar", height: 1.2, depth: 1, length: 1.9, bodySpeed: 3, fastSpeed: 4, bob: 0.5, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "pole-vaulter", name: "Pole vaulter over the bar", height: 2, depth: 1, bodySpeed: 1.5, fastSpeed: 3, bob: 0.8, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "shot-putter", name: "Shot putter", height: 1.85, depth: 0.8, bodySpeed: 2.5, fastSpeed: 3, bob: 0.4, parts: [limb(9, 12, "putting hand"), tool("shot", "shot", 13, 14.5, 0.06)], known: "from memory", source: "release speed from memory; shot by the World Athletics rules" },
  { id: "discus-thrower", name: "Discus thrower", height: 1.85, depth: 1, bodySpeed: 2, fastSpeed: 2.5, bob: 0.4, parts: [limb(14, 18, "throwing hand"), tool("discus", "discus", 23, 26, 0.11)], known: "from memory", source: "release speed from memory; discus by the World Athletics rules" },
  { id: "hammer-thrower", name: "Hammer thrower", height: 1.85, depth: 1.5, bodySpeed: 1.5, fastSpeed: 2, bob: 0.4, parts: [limb(6, 8), tool("hammer", "hammer head", 27, 30, 0.06)], known: "from memory", source: "release speed from memory; hammer by the World Athletics rules" },
  { id: "javelin-thrower", name: "Javelin thrower", height: 1.8, depth: 1, bodySpeed: 5.5, fastSpeed: 6.5, bob: 0.5, parts: [limb(14, 19, "throwing hand"), tool("javelin", "javelin", 27, 31, 0.015)], known: "from memory", source: "release speed from memory; javelin by the World Athletics rules" },
  { id: "archer", name: "Archer at full draw", height: 1.75, depth: 0.7, bodySpeed: 0.1, fastSpeed: 0.3, bob: 0.1, parts: [limb(0.5, 3, "string hand")], known: "estimated", source: "estimated" },
  { id: "relay-exchange", name: "Relay exchange", height: 1.75, depth: 1.2, length: 2.5, bodySpeed: 9, fastSpeed: 11, bob: 0.5, parts: [limb(8, 11)], known: "estimated", source: "estimated from sprinters" },
]);
