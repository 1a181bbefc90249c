import { inGroup, limb, wing } from "./row";

const MEMORY = "speeds from memory of published figures; limbs estimated";
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
  { id: "owl-flying", name: "Owl hunting low in flight", height: 0.25, depth: 0.3, length: 0.4, span: 0.95, round: true, wingBeat: 3, bodySpeed: 6, fastSpeed: 9, bob: 0.3, parts: [wing(3, 65, 0.95)], known: "estimated", source: "estimated" },
  { id: "heron-flying", name: "Heron in flight", height: 0.5, depth: 0.6, length: 1, span: 1.85, round: true, wingBeat: 2.3, bodySpeed: 10, fastSpeed: 13, bob: 0.3, parts: [wing(2.3, 55, 1.85)], known: "from memory", source: FLIGHT },
  { id: "heron-standing", name: "Heron fishing", height: 0.95, depth: 0.3, length: 0.8, bodySpeed: 0.05, fastSpeed: 5, bob: 0.05, parts: [limb(0.3, 6, "bill")], known: "estimated", source: "estimated" },
  { id: "swallow-flying", name: "Swallow in flight", height: 0.06, depth: 0.12, length: 0.18, span: 0.33, round: true, wingBeat: 7, bodySpeed: 11, fastSpeed: 18, bob: 0.5, parts: [wing(7, 90, 0.33)], known: "from memory", source: FLIGHT },
  { id: "kingfisher-diving", name: "Kingfisher diving", height: 0.16, depth: 0.08, length: 0.17, span: 0.25, round: true, bodySpeed: 6, fastSpeed: 9, bob: 0.2, parts: [], known: "estimated", source: "estimated" },
  { id: "tit-flying", name: "Tit leaving the perch", height: 0.08, depth: 0.08, length: 0.14, span: 0.23, round: true, wingBeat: 20, bodySpeed: 4, fastSpeed: 8, bob: 0.3, parts: [wing(20, 95, 0.23)], known: "estimated", source: "beat from memory, stroke estimated" },
  { id: "hummingbird-hovering", name: "Hummingbird hovering", height: 0.1, depth: 0.06, span: 0.11, round: true, wingBeat: 40, bodySpeed: 0.1, fastSpeed: 8, bob: 0.1, parts: [wing(40, 130, 0.11)], known: "from memory", source: "beat and stroke from memory" },
  { id: "small-bird-singing", name: "Small bird singing", height: 0.13, depth: 0.06, bodySpeed: 0, fastSpeed: 0.5, bob: 0.2, parts: [], known: "estimated", source: "head 0.2 m/s fitted to practice: consistency, not proof" },
  { id: "small-bird-feeder", name: "Small bird at a feeder", height: 0.13, depth: 0.06, bodySpeed: 1, fastSpeed: 4, bob: 0.2, parts: [], known: "estimated", source: "hopping 1 m/s estimated" },
  { id: "gannet-flying", name: "Gannet in flight", height: 0.25, depth: 0.5, length: 0.95, span: 1.75, round: true, wingBeat: 3, bodySpeed: 15, fastSpeed: 20, bob: 0.2, parts: [wing(3, 60, 1.75)], known: "from memory", source: FLIGHT },
  { id: "gannet-diving", name: "Gannet diving", height: 0.95, depth: 0.3, length: 0.95, span: 0.6, round: true, bodySpeed: 19.8, fastSpeed: 24, bob: 0.2, parts: [], known: "estimated", source: "free fall over twenty metres: 19.8 m/s" },
  { id: "puffin-flying", name: "Puffin in flight", height: 0.15, depth: 0.2, length: 0.28, span: 0.55, round: true, wingBeat: 6.7, bodySpeed: 20, fastSpeed: 24, bob: 0.2, parts: [wing(6.7, 80, 0.55)], known: "from memory", source: FLIGHT },
  { id: "puffin-standing", name: "Puffin at its burrow", height: 0.2, depth: 0.12, bodySpeed: 0.1, fastSpeed: 1, bob: 0.1, parts: [], known: "estimated", source: "estimated" },
  { id: "osprey-flying", name: "Osprey carrying a fish", height: 0.35, depth: 0.5, length: 0.6, span: 1.6, round: true, wingBeat: 3.5, bodySpeed: 11, fastSpeed: 14, bob: 0.3, parts: [wing(3.5, 65, 1.6)], known: "from memory", source: FLIGHT },
  { id: "osprey-diving", name: "Osprey diving", height: 0.6, depth: 0.4, length: 0.6, span: 0.9, round: true, bodySpeed: 15, fastSpeed: 20, bob: 0.2, parts: [], known: "from memory", source: "dive from memory of published figures" },
  { id: "raptor-feeding", name: "Bird of prey at a feed", height: 0.5, depth: 0.3, length: 0.5, bodySpeed: 0.1, fastSpeed: 1, bob: 0.1, parts: [limb(0.8, 2, "bill and head")], known: "estimated", source: "estimated" },
  { id: "flock-flying", name: "A bird of a wheeling flock", height: 0.08, depth: 0.12, length: 0.22, span: 0.38, round: true, wingBeat: 11, bodySpeed: 15, fastSpeed: 20, bob: 0.3, parts: [wing(11, 80, 0.38)], known: "from memory", source: FLIGHT },
  { id: "duck-feeding", name: "Duck feeding on the water", height: 0.2, depth: 0.2, length: 0.45, bodySpeed: 0.3, fastSpeed: 1, bob: 0.2, parts: [limb(0.8, 2, "bill and tail")], known: "estimated", source: "estimated" },
  { id: "duck-standing", name: "Duck at rest on the bank", height: 0.32, depth: 0.18, length: 0.45, bodySpeed: 0, fastSpeed: 0.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "swan-feeding", name: "Swan feeding, neck under water", height: 0.5, depth: 0.4, length: 1.2, bodySpeed: 0.2, fastSpeed: 0.8, bob: 0.1, parts: [limb(0.8, 2, "neck")], known: "estimated", source: "estimated" },
  { id: "coot-swimming", name: "Coot on the water", height: 0.2, depth: 0.15, length: 0.36, bodySpeed: 0.5, fastSpeed: 3, bob: 0.1, parts: [], known: "estimated", source: "estimated; head nods" },
  { id: "gull-feeding", name: "Gull snatching food in the air", height: 0.3, depth: 0.4, length: 0.5, span: 1.2, round: true, wingBeat: 3.5, bodySpeed: 4, fastSpeed: 9, bob: 0.6, parts: [wing(3.5, 70, 1.2)], known: "estimated", source: "estimated from gulls in flight" },
  { id: "goose-grazing", name: "Goose grazing", height: 0.6, depth: 0.3, length: 0.75, bodySpeed: 0.2, fastSpeed: 1, bob: 0.1, parts: [limb(0.8, 2, "bill and head")], known: "estimated", source: "estimated" },
  { id: "duck-swimming", name: "Duck on the water", height: 0.22, depth: 0.2, length: 0.5, bodySpeed: 0.5, fastSpeed: 1.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "swan-swimming", name: "Swan on the water", height: 0.75, depth: 0.4, length: 1.3, bodySpeed: 0.5, fastSpeed: 1.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "grebe-swimming", name: "Grebe on the water", height: 0.25, depth: 0.15, length: 0.4, bodySpeed: 0.4, fastSpeed: 1.2, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "gull-standing", name: "Gull at rest", height: 0.35, depth: 0.15, length: 0.5, bodySpeed: 0, fastSpeed: 0.5, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "raptor-perched", name: "Bird of prey on its perch", height: 0.5, depth: 0.2, bodySpeed: 0, fastSpeed: 0.3, bob: 0.1, parts: [], known: "estimated", source: "head turns 0.1 m/s estimated" },
  { id: "owl-perched", name: "Owl at its roost by day", height: 0.35, depth: 0.2, bodySpeed: 0, fastSpeed: 0.2, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "kingfisher-perched", name: "Kingfisher on its perch", height: 0.16, depth: 0.07, bodySpeed: 0, fastSpeed: 0.4, bob: 0.15, parts: [], known: "estimated", source: "head 0.15 m/s after the small bird's" },
  { id: "woodpecker-trunk", name: "Woodpecker on a trunk", height: 0.23, depth: 0.1, bodySpeed: 0.3, fastSpeed: 1, bob: 0.3, parts: [], known: "estimated", source: "estimated" },
  { id: "wader-feeding", name: "Wader feeding", height: 0.25, depth: 0.12, length: 0.25, bodySpeed: 0.6, fastSpeed: 2, bob: 0.2, parts: [limb(1.5, 3, "bill and legs")], known: "estimated", source: "estimated" },
  { id: "goose-landing", name: "Goose landing", height: 0.6, depth: 0.6, length: 0.8, span: 1.6, round: true, wingBeat: 4, bodySpeed: 9, fastSpeed: 17, bob: 0.5, parts: [wing(4, 75, 1.6)], known: "estimated", source: "estimated" },
]);
