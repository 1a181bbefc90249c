import { inGroup, limb, tool } from "./row";

const MEMORY = "body speeds from memory of published figures; limbs estimated";
const FITTED = "crawl 1.9 m/s from memory; arm speed fitted to practice: consistency, not proof";

/** In and on the water. A swimmer's height is what shows above it. */
// prettier-ignore
export const WATER = inGroup("water", [
  { id: "swimmer-crawl", name: "Crawl swimmer", height: 0.5, depth: 0.6, length: 1.2, lying: true, bodySpeed: 1.9, fastSpeed: 2.3, bob: 0.3, parts: [limb(3, 4, "arms")], known: "from memory", source: FITTED },
  { id: "swimmer-breast", name: "Breaststroke swimmer", height: 0.5, depth: 0.6, length: 1.2, lying: true, bodySpeed: 1.4, fastSpeed: 1.7, bob: 0.8, parts: [limb(2.5, 3.5, "arms")], known: "from memory", source: MEMORY },
  { id: "swimmer-fly", name: "Butterfly swimmer", height: 0.6, depth: 0.6, length: 1.2, span: 2, lying: true, bodySpeed: 1.7, fastSpeed: 2.1, bob: 1, parts: [limb(3.5, 4.5, "arms")], known: "from memory", source: MEMORY },
  { id: "swimmer-back", name: "Backstroke swimmer", height: 0.6, depth: 0.6, length: 1.2, lying: true, bodySpeed: 1.7, fastSpeed: 2.1, bob: 0.3, parts: [limb(3, 4, "arms")], known: "from memory", source: MEMORY },
  { id: "open-water-swimmer", name: "Open-water swimmer", height: 0.45, depth: 0.6, length: 1.2, lying: true, bodySpeed: 1.4, fastSpeed: 1.7, bob: 0.5, parts: [limb(2.8, 3.8, "arms")], known: "from memory", source: MEMORY },
  { id: "swim-start", name: "Racing dive", height: 1, depth: 1, length: 2.2, bodySpeed: 4.5, fastSpeed: 5.5, bob: 1, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "diver", name: "Diver from the board", height: 1.3, depth: 0.8, bodySpeed: 4, fastSpeed: 14, bob: 1, parts: [limb(6, 9)], known: "estimated", source: "entry from 10 m by free fall 14 m/s; turning estimated" },
  { id: "water-polo-throw", name: "Water polo throw", height: 1.1, depth: 0.5, bodySpeed: 1, fastSpeed: 1.8, bob: 0.6, parts: [limb(8, 12, "throwing hand"), tool("ball", "ball", 18, 24, 0.108)], known: "from memory", source: MEMORY },
  { id: "rower", name: "Rowing boat", height: 1.1, depth: 1, length: 10, bodySpeed: 5, fastSpeed: 6, bob: 0.3, parts: [limb(2.5, 3.5, "hands"), tool("blade", "blade", 6, 9, 0.12)], known: "from memory", source: MEMORY },
  { id: "canoe-slalom", name: "Slalom canoeist in a gate", height: 1.1, depth: 0.8, length: 3.5, bodySpeed: 3, fastSpeed: 5, bob: 0.8, parts: [limb(3, 5, "hands"), tool("blade", "paddle blade", 8, 12, 0.1)], known: "estimated", source: "estimated" },
  { id: "canoe-sprint", name: "Sprint kayak", height: 1, depth: 0.8, length: 5.2, bodySpeed: 5, fastSpeed: 5.8, bob: 0.3, parts: [limb(4, 5, "hands"), tool("blade", "paddle blade", 9, 12, 0.08)], known: "from memory", source: MEMORY },
  { id: "surfer", name: "Surfer", height: 1.5, depth: 0.8, bodySpeed: 7, fastSpeed: 11, bob: 0.8, parts: [limb(3, 5)], known: "estimated", source: "estimated" },
  { id: "kitesurfer", name: "Kite surfer in a jump", height: 2, depth: 0.9, length: 1.6, bodySpeed: 10, fastSpeed: 17, bob: 1, parts: [limb(3, 5)], known: "estimated", source: "estimated" },
  { id: "windsurfer", name: "Wind surfer", height: 4.5, depth: 0.8, length: 2.6, bodySpeed: 9, fastSpeed: 16, bob: 0.8, parts: [limb(2, 3)], known: "estimated", source: "estimated" },
  { id: "paddle-boarder", name: "Paddler standing on a board", height: 2, depth: 0.8, length: 3.6, bodySpeed: 2, fastSpeed: 3.5, bob: 0.5, parts: [limb(2, 3, "hands"), tool("blade", "paddle blade", 4, 6, 0.1)], known: "estimated", source: "estimated" },
  { id: "dinghy-sailor", name: "Sailing dinghy", height: 6, depth: 1.5, length: 4.2, bodySpeed: 4, fastSpeed: 8, bob: 0.8, parts: [], known: "estimated", source: "estimated" },
]);

/** Bicycles, skates and chairs. A wheel's rim runs from nothing to twice the speed of the bicycle. */
// prettier-ignore
export const WHEELS = inGroup("wheels", [
  { id: "road-cyclist", name: "Road cyclist", height: 1.6, depth: 0.5, length: 1.7, bodySpeed: 11, fastSpeed: 19, bob: 0.3, parts: [limb(2, 2.6, "legs")], known: "from memory", source: MEMORY },
  { id: "track-cyclist", name: "Track cyclist", height: 1.5, depth: 0.5, length: 1.7, bodySpeed: 18, fastSpeed: 21, bob: 0.2, parts: [limb(2, 3, "legs")], known: "from memory", source: MEMORY },
  { id: "mountain-biker", name: "Mountain biker on a descent", height: 1.6, depth: 0.6, length: 1.8, bodySpeed: 8, fastSpeed: 14, bob: 0.8, parts: [limb(2, 3)], known: "estimated", source: "estimated" },
  { id: "bmx-rider", name: "BMX rider in the air", height: 1.5, depth: 0.8, length: 1.5, bodySpeed: 7, fastSpeed: 12, bob: 1, parts: [limb(3, 5)], known: "estimated", source: "estimated" },
  { id: "cyclocross-rider", name: "Cyclo-cross rider", height: 1.6, depth: 0.6, length: 1.7, bodySpeed: 6, fastSpeed: 9, bob: 0.6, parts: [limb(1.6, 2.5, "legs")], known: "estimated", source: "estimated" },
  { id: "skateboarder", name: "Skateboarder in a trick", height: 1.6, depth: 0.7, bodySpeed: 4, fastSpeed: 7, bob: 1, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "wheelchair-racer", name: "Wheelchair racer", height: 1.1, depth: 0.6, length: 1.7, bodySpeed: 8, fastSpeed: 10, bob: 0.2, parts: [limb(5, 7, "hands")], known: "from memory", source: MEMORY },
]);

/** Snow and ice. */
// prettier-ignore
export const SNOW_AND_ICE = inGroup("snow and ice", [
  { id: "skier", name: "Skier in a turn", height: 1.5, depth: 0.8, bodySpeed: 12, fastSpeed: 25, bob: 0.3, parts: [limb(1.5, 2.5)], known: "from memory", source: "12 and, racing, 25 m/s from memory; limbs estimated" },
  { id: "slalom-skier", name: "Slalom skier at a gate", height: 1.4, depth: 0.8, bodySpeed: 12, fastSpeed: 16, bob: 0.5, parts: [limb(4, 6)], known: "from memory", source: MEMORY },
  { id: "ski-jumper", name: "Ski jumper in flight", height: 1.2, depth: 1, length: 2.4, bodySpeed: 26, fastSpeed: 29, bob: 0.3, parts: [limb(1, 2)], known: "from memory", source: MEMORY },
  { id: "cross-country-skier", name: "Cross-country skier", height: 1.7, depth: 0.8, bodySpeed: 6, fastSpeed: 9, bob: 0.4, parts: [limb(4, 6)], known: "from memory", source: MEMORY },
  { id: "snowboarder", name: "Snowboarder in the air", height: 1.5, depth: 0.8, bodySpeed: 9, fastSpeed: 15, bob: 1, parts: [limb(3, 5)], known: "estimated", source: "estimated" },
  { id: "speed-skater", name: "Speed skater", height: 1.3, depth: 0.8, bodySpeed: 13, fastSpeed: 15.5, bob: 0.3, parts: [limb(4, 6)], known: "from memory", source: MEMORY },
  { id: "freestyle-skier", name: "Freestyle skier in the air", height: 1.6, depth: 0.9, length: 1.8, bodySpeed: 10, fastSpeed: 16, bob: 1, parts: [limb(3, 5)], known: "estimated", source: "estimated" },
  { id: "curling-delivery", name: "Curler sliding with the stone", height: 0.8, depth: 0.6, length: 1.9, lying: true, bodySpeed: 2, fastSpeed: 2.8, bob: 0.1, parts: [tool("stone", "stone", 2, 2.8, 0.14)], known: "from memory", source: "stone by the World Curling rules and its speed from memory" },
  { id: "curling-sweepers", name: "Curlers sweeping", height: 1.5, depth: 1, bodySpeed: 2, fastSpeed: 2.6, bob: 0.3, parts: [limb(4, 6, "hands and brush")], known: "estimated", source: "estimated" },
  { id: "figure-skater", name: "Figure skater in a jump", height: 1.7, depth: 0.5, bodySpeed: 4, fastSpeed: 7, bob: 0.5, parts: [limb(5, 8)], known: "estimated", source: "estimated" },
]);
