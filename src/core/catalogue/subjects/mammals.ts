import { inGroup, limb, wing } from "./row";

const MEMORY = "speeds from memory of published figures; limbs estimated";

/** Mammals by size. Height at the back, length nose to rump. */
// prettier-ignore
export const MAMMALS = inGroup("mammals", [
  { id: "deer-standing", name: "Deer standing", height: 1.2, depth: 0.4, length: 1.8, bodySpeed: 0.03, fastSpeed: 0.5, bob: 0.03, parts: [], known: "estimated", source: "estimated" },
  { id: "deer-running", name: "Deer running", height: 1.3, depth: 0.5, length: 1.9, bodySpeed: 12, fastSpeed: 16, bob: 0.8, parts: [limb(8, 11, "legs")], known: "from memory", source: MEMORY },
  { id: "roe-deer-walking", name: "Roe deer walking", height: 0.8, depth: 0.3, length: 1.1, bodySpeed: 1.2, fastSpeed: 2, bob: 0.1, parts: [limb(1.5, 2.5, "legs")], known: "estimated", source: "estimated" },
  { id: "wild-boar", name: "Wild boar trotting", height: 0.9, depth: 0.4, length: 1.4, bodySpeed: 4, fastSpeed: 11, bob: 0.3, parts: [limb(4, 8, "legs")], known: "from memory", source: MEMORY },
  { id: "bear-walking", name: "Bear walking", height: 1.1, depth: 0.6, length: 1.9, bodySpeed: 1.5, fastSpeed: 13, bob: 0.2, parts: [limb(1.5, 9, "legs")], known: "from memory", source: MEMORY },
  { id: "wolf-trotting", name: "Wolf trotting", height: 0.8, depth: 0.3, length: 1.2, bodySpeed: 3, fastSpeed: 15, bob: 0.2, parts: [limb(3, 9, "legs")], known: "from memory", source: MEMORY },
  { id: "fox-trotting", name: "Fox trotting", height: 0.4, depth: 0.2, length: 0.7, bodySpeed: 2.5, fastSpeed: 13, bob: 0.2, parts: [limb(2.5, 8, "legs")], known: "from memory", source: MEMORY },
  { id: "hare-running", name: "Hare running", height: 0.35, depth: 0.25, length: 0.6, bodySpeed: 12, fastSpeed: 19, bob: 0.8, parts: [limb(8, 12, "legs")], known: "from memory", source: MEMORY },
  { id: "otter-bank", name: "Otter along the bank", height: 0.3, depth: 0.25, length: 0.8, lying: true, bodySpeed: 1.5, fastSpeed: 3, bob: 0.2, parts: [limb(1, 2, "feet")], known: "estimated", source: "estimated" },
  { id: "otter-swimming", name: "Otter swimming", height: 0.15, depth: 0.3, length: 0.9, lying: true, bodySpeed: 1.2, fastSpeed: 2.5, bob: 0.15, parts: [], known: "estimated", source: "estimated" },
  { id: "seal", name: "Seal hauled out on land", height: 0.6, depth: 0.5, length: 1.6, lying: true, bodySpeed: 0.05, fastSpeed: 1, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "squirrel", name: "Squirrel leaping", height: 0.2, depth: 0.15, length: 0.4, bodySpeed: 3, fastSpeed: 5, bob: 0.5, parts: [limb(3, 5, "legs")], known: "estimated", source: "estimated" },
  { id: "squirrel-feeding", name: "Squirrel feeding", height: 0.22, depth: 0.12, length: 0.25, bodySpeed: 0.05, fastSpeed: 1.5, bob: 0.1, parts: [limb(0.5, 1.5, "forepaws")], known: "estimated", source: "estimated" },
  { id: "rabbit-feeding", name: "Rabbit feeding", height: 0.25, depth: 0.2, length: 0.4, bodySpeed: 0.2, fastSpeed: 10, bob: 0.1, parts: [limb(0.4, 3, "feet")], known: "estimated", source: "estimated" },
  { id: "hedgehog", name: "Hedgehog foraging", height: 0.14, depth: 0.18, length: 0.25, bodySpeed: 0.3, fastSpeed: 1, bob: 0.05, parts: [limb(0.4, 1, "feet")], known: "estimated", source: "estimated" },
  { id: "bat-flying", name: "Bat in flight", height: 0.05, depth: 0.06, length: 0.08, span: 0.25, round: true, wingBeat: 12, bodySpeed: 5, fastSpeed: 8, bob: 0.5, parts: [wing(12, 90, 0.25)], known: "from memory", source: "beat and speed from memory of published figures; stroke estimated" },
  { id: "monkey-branch", name: "Monkey on a branch", height: 0.5, depth: 0.25, length: 0.5, bodySpeed: 0.2, fastSpeed: 8, bob: 0.2, parts: [limb(1, 5, "hands")], known: "estimated", source: "estimated" },
  { id: "elephant-walking", name: "Elephant walking", height: 3, depth: 1.3, length: 5, bodySpeed: 1.7, fastSpeed: 6.5, bob: 0.1, parts: [limb(1.5, 5, "legs and trunk")], known: "from memory", source: MEMORY },
  { id: "antelope-running", name: "Antelope running", height: 1, depth: 0.35, length: 1.4, bodySpeed: 14, fastSpeed: 24, bob: 0.8, parts: [limb(9, 13, "legs")], known: "from memory", source: MEMORY },
  { id: "big-cat-walking", name: "Big cat walking", height: 0.95, depth: 0.4, length: 1.8, bodySpeed: 1.4, fastSpeed: 14, bob: 0.1, parts: [limb(1.5, 9, "legs")], known: "from memory", source: MEMORY },
  { id: "kangaroo-hopping", name: "Kangaroo hopping", height: 1.4, depth: 0.4, length: 1.5, bodySpeed: 6, fastSpeed: 15, bob: 0.9, parts: [limb(6, 10, "hind legs")], known: "from memory", source: MEMORY },
  { id: "dolphin-leaping", name: "Dolphin leaping", height: 0.6, depth: 0.5, length: 2.5, lying: true, bodySpeed: 8, fastSpeed: 11, bob: 0.8, parts: [], known: "from memory", source: MEMORY },
  { id: "whale-surfacing", name: "Whale at the surface", height: 1.5, depth: 3, length: 12, lying: true, bodySpeed: 2, fastSpeed: 6, bob: 0.3, parts: [], known: "from memory", source: MEMORY },
  { id: "badger", name: "Badger foraging", height: 0.35, depth: 0.3, length: 0.75, bodySpeed: 0.6, fastSpeed: 3, bob: 0.1, parts: [limb(0.8, 2, "feet")], known: "estimated", source: "estimated" },
]);
