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
  { id: "seal", name: "Seal on a rock", height: 0.6, depth: 0.5, length: 1.6, lying: true, bodySpeed: 0.05, fastSpeed: 1, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "squirrel", name: "Squirrel leaping", height: 0.2, depth: 0.15, length: 0.4, bodySpeed: 3, fastSpeed: 5, bob: 0.5, parts: [limb(3, 5, "legs")], known: "estimated", source: "estimated" },
  { id: "badger", name: "Badger foraging", height: 0.35, depth: 0.3, length: 0.75, bodySpeed: 0.6, fastSpeed: 3, bob: 0.1, parts: [limb(0.8, 2, "feet")], known: "estimated", source: "estimated" },
]);

const FLIGHT =
  "air speed from memory of published figures; wing tips by π·n·Φ·b/2 from beat and stroke estimated";

/** Birds by size: in flight lit as a ball, framed by the span. */
// prettier-ignore
export const BIRDS = inGroup("birds", [
  { id: "swan-flying", name: "Swan in flight", height: 0.6, depth: 1, length: 1.4, span: 2.2, round: true, wingBeat: 3.5, bodySpeed: 17, fastSpeed: 20, bob: 0.3, parts: [wing(3.5, 60, 2.2)], known: "from memory", source: FLIGHT },
  { id: "duck-flying", name: "Duck in flight", height: 0.25, depth: 0.4, length: 0.55, span: 0.9, round: true, wingBeat: 8, bodySpeed: 17, fastSpeed: 22, bob: 0.3, parts: [wing(8, 86, 0.9)], known: "from memory", source: FLIGHT },
  { id: "gull-flying", name: "Gull in flight", height: 0.2, depth: 0.4, length: 0.6, span: 1.4, round: true, wingBeat: 2.8, bodySpeed: 11, fastSpeed: 15, bob: 0.3, parts: [wing(2.8, 65, 1.4)], known: "from memory", source: FLIGHT },
  { id: "harrier-hunting", name: "Harrier quartering", height: 0.2, depth: 0.4, length: 0.5, span: 1.2, round: true, wingBeat: 3, bodySpeed: 10, fastSpeed: 13, bob: 0.3, parts: [wing(3, 61, 1.2)], known: "from memory", source: FLIGHT },
  { id: "tern-flying", name: "Tern in flight", height: 0.12, depth: 0.25, length: 0.35, span: 0.85, round: true, wingBeat: 3.2, bodySpeed: 10, fastSpeed: 13, bob: 0.3, parts: [wing(3.2, 67, 0.85)], known: "from memory", source: FLIGHT },
  { id: "tern-diving", name: "Tern diving", height: 0.35, depth: 0.2, length: 0.35, span: 0.5, round: true, bodySpeed: 9.9, fastSpeed: 12, bob: 0.2, parts: [], known: "estimated", source: "free fall over five metres: 9.9 m/s" },
  { id: "eagle-gliding", name: "Eagle gliding", height: 0.4, depth: 0.6, length: 0.85, span: 2.2, round: true, bodySpeed: 13, fastSpeed: 25, bob: 0.1, parts: [], known: "from memory", source: MEMORY },
  { id: "buzzard-soaring", name: "Buzzard soaring", height: 0.25, depth: 0.4, length: 0.55, span: 1.25, round: true, bodySpeed: 9, fastSpeed: 14, bob: 0.1, parts: [], known: "from memory", source: MEMORY },
  { id: "falcon-stooping", name: "Falcon stooping", height: 0.4, depth: 0.3, length: 0.45, span: 0.5, round: true, bodySpeed: 50, fastSpeed: 80, bob: 0.2, parts: [], known: "from memory", source: MEMORY },
  { id: "kestrel-hovering", name: "Kestrel hovering", height: 0.3, depth: 0.3, span: 0.75, round: true, wingBeat: 8, bodySpeed: 0.3, fastSpeed: 1, bob: 0.2, parts: [wing(8, 40, 0.75)], known: "estimated", source: "estimated" },
  { id: "owl-flying", name: "Owl in flight", height: 0.25, depth: 0.3, length: 0.4, span: 0.95, round: true, wingBeat: 3, bodySpeed: 6, fastSpeed: 9, bob: 0.3, parts: [wing(3, 65, 0.95)], known: "estimated", source: "estimated" },
  { id: "heron-flying", name: "Heron in flight", height: 0.5, depth: 0.6, length: 1, span: 1.85, round: true, wingBeat: 2.3, bodySpeed: 10, fastSpeed: 13, bob: 0.3, parts: [wing(2.3, 55, 1.85)], known: "from memory", source: FLIGHT },
  { id: "heron-standing", name: "Heron fishing", height: 0.95, depth: 0.3, length: 0.8, bodySpeed: 0.05, fastSpeed: 5, bob: 0.05, parts: [limb(0.3, 6, "bill")], known: "estimated", source: "estimated" },
  { id: "swallow-flying", name: "Swallow in flight", height: 0.06, depth: 0.12, length: 0.18, span: 0.33, round: true, wingBeat: 7, bodySpeed: 11, fastSpeed: 18, bob: 0.5, parts: [wing(7, 90, 0.33)], known: "from memory", source: FLIGHT },
  { id: "kingfisher-diving", name: "Kingfisher diving", height: 0.16, depth: 0.08, length: 0.17, span: 0.25, round: true, bodySpeed: 6, fastSpeed: 9, bob: 0.2, parts: [], known: "estimated", source: "estimated" },
  { id: "tit-flying", name: "Tit leaving the perch", height: 0.08, depth: 0.08, length: 0.14, span: 0.23, round: true, wingBeat: 20, bodySpeed: 4, fastSpeed: 8, bob: 0.3, parts: [wing(20, 95, 0.23)], known: "estimated", source: "beat from memory, stroke estimated" },
  { id: "hummingbird-hovering", name: "Hummingbird hovering", height: 0.1, depth: 0.06, span: 0.11, round: true, wingBeat: 40, bodySpeed: 0.1, fastSpeed: 8, bob: 0.1, parts: [wing(40, 130, 0.11)], known: "from memory", source: "beat and stroke from memory" },
  { id: "small-bird-singing", name: "Small bird singing", height: 0.13, depth: 0.06, bodySpeed: 0, fastSpeed: 0.5, bob: 0.2, parts: [], known: "estimated", source: "head 0.2 m/s fitted to practice: consistency, not proof" },
  { id: "small-bird-feeder", name: "Small bird at a feeder", height: 0.13, depth: 0.06, bodySpeed: 1, fastSpeed: 4, bob: 0.2, parts: [], known: "estimated", source: "hopping 1 m/s estimated" },
  { id: "duck-swimming", name: "Duck on the water", height: 0.22, depth: 0.2, length: 0.5, bodySpeed: 0.5, fastSpeed: 1.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "swan-swimming", name: "Swan on the water", height: 0.75, depth: 0.4, length: 1.3, bodySpeed: 0.5, fastSpeed: 1.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "grebe-swimming", name: "Grebe or coot on the water", height: 0.25, depth: 0.15, length: 0.4, bodySpeed: 0.4, fastSpeed: 1.2, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "gull-standing", name: "Gull at rest", height: 0.35, depth: 0.15, length: 0.5, bodySpeed: 0, fastSpeed: 0.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "raptor-perched", name: "Bird of prey on its perch", height: 0.5, depth: 0.2, bodySpeed: 0, fastSpeed: 0.3, bob: 0.1, parts: [], known: "estimated", source: "head turns 0.1 m/s estimated" },
  { id: "owl-perched", name: "Owl at rest", height: 0.35, depth: 0.2, bodySpeed: 0, fastSpeed: 0.2, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "kingfisher-perched", name: "Kingfisher on its perch", height: 0.16, depth: 0.07, bodySpeed: 0, fastSpeed: 0.4, bob: 0.15, parts: [], known: "estimated", source: "head 0.15 m/s after the small bird's" },
  { id: "woodpecker-trunk", name: "Woodpecker on a trunk", height: 0.23, depth: 0.1, bodySpeed: 0.3, fastSpeed: 1, bob: 0.3, parts: [], known: "estimated", source: "estimated" },
  { id: "wader-feeding", name: "Wader feeding", height: 0.25, depth: 0.12, length: 0.25, bodySpeed: 0.6, fastSpeed: 2, bob: 0.2, parts: [limb(1.5, 3, "bill and legs")], known: "estimated", source: "estimated" },
  { id: "goose-landing", name: "Goose landing", height: 0.6, depth: 0.6, length: 0.8, span: 1.6, round: true, wingBeat: 4, bodySpeed: 9, fastSpeed: 17, bob: 0.5, parts: [wing(4, 75, 1.6)], known: "estimated", source: "estimated" },
]);

/** Insects and what falls from the sky. */
// prettier-ignore
export const INSECTS_AND_WEATHER = inGroup("insects and weather", [
  { id: "butterfly-calm", name: "Butterfly on a stem, calm", height: 0.05, depth: 0.01, length: 0.05, span: 0.06, bodySpeed: 0, fastSpeed: 0.02, bob: 0.03, parts: [], known: "estimated", source: "stem 0.02–0.03 m/s fitted to practice: consistency, not proof" },
  { id: "butterfly-wind", name: "Butterfly on a stem, windy", height: 0.05, depth: 0.01, length: 0.05, span: 0.06, bodySpeed: 0, fastSpeed: 0.1, bob: 0.06, parts: [], known: "estimated", source: "stem 0.06 m/s fitted to practice: consistency, not proof" },
  { id: "butterfly-flying", name: "Butterfly in flight", height: 0.05, depth: 0.03, length: 0.05, span: 0.06, wingBeat: 11, bodySpeed: 2, fastSpeed: 4, bob: 1, parts: [wing(11, 120, 0.06)], known: "estimated", source: "estimated" },
  { id: "dragonfly-hovering", name: "Dragonfly hovering", height: 0.03, depth: 0.03, length: 0.07, span: 0.09, wingBeat: 35, bodySpeed: 0.2, fastSpeed: 8, bob: 0.1, parts: [wing(35, 60, 0.09)], known: "from memory", source: "beat from memory, stroke estimated" },
  { id: "dragonfly-perched", name: "Dragonfly on a reed", height: 0.03, depth: 0.02, length: 0.07, span: 0.09, bodySpeed: 0, fastSpeed: 0.1, bob: 0.04, parts: [], known: "estimated", source: "stem sway after the butterfly's" },
  { id: "bee-flower", name: "Bee at a flower", height: 0.012, depth: 0.01, length: 0.018, span: 0.02, wingBeat: 230, bodySpeed: 0.1, fastSpeed: 6, bob: 0.05, parts: [wing(230, 90, 0.02)], known: "from memory", source: "beat and stroke from memory" },
  { id: "snowflake", name: "Falling snow", height: 0.01, depth: 0.01, bodySpeed: 1.2, fastSpeed: 2, bob: 0.2, parts: [], known: "from memory", source: "fall speed from memory of published figures" },
  { id: "raindrop", name: "Falling rain", height: 0.003, depth: 0.003, bodySpeed: 6, fastSpeed: 9, bob: 0, parts: [], known: "from memory", source: "fall speed from memory of published figures" },
]);
