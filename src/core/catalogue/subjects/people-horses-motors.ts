import { inGroup, limb, tool } from "./row";

const MEMORY = "body speeds from memory of published figures; limbs estimated";

/** Climbing, gymnastics, dance, combat. */
// prettier-ignore
export const CLIMBING_AND_GYMNASTICS = inGroup("climbing and gymnastics", [
  { id: "climber", name: "Climber on the wall", height: 1.9, depth: 0.5, bodySpeed: 0.5, fastSpeed: 1, bob: 0.2, parts: [limb(2.5, 4, "hands")], known: "estimated", source: "hand speed fitted to practice: consistency, not proof" },
  { id: "boulderer", name: "Boulderer's leap for a hold", height: 2, depth: 0.6, bodySpeed: 2, fastSpeed: 3.5, bob: 0.4, parts: [limb(4, 6, "hands")], known: "estimated", source: "estimated" },
  { id: "climber-fall", name: "Climber's fall", height: 1.7, depth: 0.8, bodySpeed: 5, fastSpeed: 8, bob: 0.5, parts: [limb(4, 6)], known: "estimated", source: "free fall over one to three metres" },
  { id: "speed-climber", name: "Speed climber", height: 2, depth: 0.5, bodySpeed: 2.5, fastSpeed: 3, bob: 0.4, parts: [limb(5, 7)], known: "from memory", source: MEMORY },
  { id: "gymnast", name: "Gymnast, floor or vault", height: 1.5, depth: 0.7, bodySpeed: 7, fastSpeed: 8.5, bob: 0.5, parts: [limb(5, 8)], known: "estimated", source: "vault run from memory; limbs estimated" },
  { id: "gymnast-bars", name: "Gymnast on the bars", height: 1.9, depth: 0.7, bodySpeed: 4, fastSpeed: 7, bob: 0.5, parts: [limb(5, 8)], known: "estimated", source: "estimated" },
  { id: "gymnast-beam", name: "Gymnast on the beam", height: 1.6, depth: 0.6, bodySpeed: 1.5, fastSpeed: 4, bob: 0.4, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "trampolinist", name: "Trampolinist at the top", height: 1.5, depth: 0.7, bodySpeed: 0.5, fastSpeed: 9, bob: 0.5, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "judoka", name: "Judo throw", height: 1.6, depth: 1, bodySpeed: 2, fastSpeed: 4, bob: 0.5, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "wrestler", name: "Wrestler’s throw", height: 1.4, depth: 1, bodySpeed: 1.5, fastSpeed: 3.5, bob: 0.4, parts: [limb(4, 6)], known: "estimated", source: "estimated" },
  { id: "martial-arts-kick", name: "Kick of karate or taekwondo", height: 1.8, depth: 0.9, bodySpeed: 1.5, fastSpeed: 3, bob: 0.5, parts: [limb(12, 16, "kicking foot")], known: "from memory", source: MEMORY },
  { id: "cheer-stunt", name: "Cheerleaders’ stunt held up", height: 3.2, depth: 0.9, bodySpeed: 0.3, fastSpeed: 1.5, bob: 0.3, parts: [limb(2, 4)], known: "estimated", source: "estimated" },
  { id: "cheer-toss", name: "Cheerleader thrown, at the top", height: 1.6, depth: 0.8, bodySpeed: 0.5, fastSpeed: 4, bob: 0.5, parts: [limb(5, 8)], known: "estimated", source: "estimated" },
  { id: "dancer-leap", name: "Dancer’s leap", height: 1.9, depth: 0.8, bodySpeed: 3, fastSpeed: 4.5, bob: 0.5, parts: [limb(5, 7)], known: "estimated", source: "estimated" },
  { id: "dancer-turn", name: "Dancer turning", height: 1.75, depth: 0.5, bodySpeed: 0.5, fastSpeed: 1.5, bob: 0.2, parts: [limb(6, 9, "hands and feet")], known: "estimated", source: "estimated: two turns a second about half a metre" },
  { id: "fencer", name: "Fencer's lunge", height: 1.5, depth: 0.6, length: 2, bodySpeed: 3, fastSpeed: 4.5, bob: 0.4, parts: [limb(5, 8, "armed hand")], known: "estimated", source: "estimated" },
  { id: "boxer", name: "Boxer's punch", height: 1.7, depth: 0.6, bodySpeed: 1, fastSpeed: 2, bob: 0.4, parts: [limb(9, 12, "fist")], known: "from memory", source: MEMORY },
]);

/** Faces between actions. */
// prettier-ignore
export const PEOPLE = inGroup("people", [
  { id: "person-reacting", name: "Person cheering", height: 1.7, depth: 0.4, bodySpeed: 0.5, fastSpeed: 2, bob: 0.3, parts: [limb(2, 4)], known: "estimated", source: "estimated" },
  { id: "team-celebrating", name: "Players celebrating together", height: 1.9, depth: 1.2, bodySpeed: 2.5, fastSpeed: 6, bob: 0.5, parts: [limb(4, 7)], known: "estimated", source: "estimated" },
  { id: "person-standing", name: "Coach or athlete waiting", height: 1.75, depth: 0.4, bodySpeed: 0.1, fastSpeed: 1, bob: 0.1, parts: [limb(0.5, 1.5)], known: "estimated", source: "estimated" },
]);

/** Dogs at sport and at work; height at the shoulder, length nose to rump. */
// prettier-ignore
export const DOGS = inGroup("dogs", [
  { id: "dog-running", name: "Dog running toward you", height: 0.6, depth: 0.5, length: 0.95, bodySpeed: 9, fastSpeed: 15, bob: 0.7, parts: [limb(7, 11, "legs")], known: "from memory", source: MEMORY },
  { id: "dog-agility", name: "Dog over an agility hurdle", height: 0.7, depth: 0.5, length: 1, bodySpeed: 6, fastSpeed: 8, bob: 1, parts: [limb(5, 8, "legs")], known: "estimated", source: "estimated" },
  { id: "dog-disc", name: "Dog leaping for a disc", height: 0.9, depth: 0.5, length: 1, bodySpeed: 5, fastSpeed: 8, bob: 1, parts: [limb(5, 8, "legs"), tool("disc", "disc", 8, 14, 0.12)], known: "estimated", source: "estimated" },
  { id: "sheepdog", name: "Sheepdog working its flock", height: 0.5, depth: 0.4, length: 0.9, bodySpeed: 5, fastSpeed: 12, bob: 0.4, parts: [limb(4, 9, "legs")], known: "estimated", source: "estimated" },
]);

/** Horse sport. Cross-country pace is set in metres a minute by the FEI rules. */
// prettier-ignore
export const HORSES = inGroup("horses", [
  { id: "cross-country-horse", name: "Horse and rider across country", height: 2.5, depth: 0.8, length: 2.6, bodySpeed: 9, fastSpeed: 9.5, bob: 0.8, parts: [limb(6, 8, "legs")], known: "published", source: "FEI Eventing Rules: 520–570 m/min, 8.7–9.5 m/s; legs estimated" },
  { id: "jumping-horse", name: "Horse and rider over a fence", height: 2.8, depth: 0.8, length: 2.8, bodySpeed: 6, fastSpeed: 7, bob: 1, parts: [limb(5, 7, "legs")], known: "from memory", source: "FEI Jumping Rules: 350–400 m/min, from memory; legs estimated" },
  { id: "dressage-horse", name: "Dressage horse at the extended trot", height: 2.4, depth: 0.8, length: 2.6, bodySpeed: 4.5, fastSpeed: 6, bob: 0.5, parts: [limb(4, 5, "legs")], known: "from memory", source: MEMORY },
  { id: "galloping-horse", name: "Racehorse at the gallop", height: 2.4, depth: 0.8, length: 2.7, bodySpeed: 17, fastSpeed: 19, bob: 0.8, parts: [limb(12, 15, "legs")], known: "from memory", source: "gallop 17 m/s from memory; legs estimated" },
  { id: "harness-racer", name: "Trotter and driver in harness", height: 1.9, depth: 1.4, length: 3.8, bodySpeed: 13, fastSpeed: 15, bob: 0.4, parts: [limb(10, 13, "legs")], known: "from memory", source: "a mile in two minutes: 13.4 m/s; legs estimated" },
  { id: "polo-player", name: "Polo player", height: 2.5, depth: 1, length: 2.6, bodySpeed: 10, fastSpeed: 15, bob: 0.8, parts: [limb(8, 11, "legs")], known: "estimated", source: "estimated" },
]);

/** Motor sport and what flies with an engine. */
// prettier-ignore
export const MOTORS = inGroup("motors", [
  { id: "racing-car", name: "Racing car", height: 1.1, depth: 1.5, length: 4.8, lying: true, bodySpeed: 55, fastSpeed: 85, bob: 0.3, parts: [], known: "from memory", source: MEMORY },
  { id: "rally-car", name: "Rally car", height: 1.4, depth: 1.5, length: 4.2, lying: true, bodySpeed: 28, fastSpeed: 45, bob: 0.8, parts: [], known: "from memory", source: MEMORY },
  { id: "road-racing-motorcycle", name: "Racing motorcycle in a bend", height: 1.1, depth: 0.8, length: 2, bodySpeed: 35, fastSpeed: 90, bob: 0.3, parts: [], known: "from memory", source: MEMORY },
  { id: "motocross-rider", name: "Motocross rider in a jump", height: 1.7, depth: 0.8, length: 2.2, bodySpeed: 14, fastSpeed: 22, bob: 1, parts: [limb(2, 4)], known: "estimated", source: "estimated" },
  { id: "speedway-rider", name: "Speedway rider broadside", height: 1.3, depth: 0.9, length: 2, bodySpeed: 20, fastSpeed: 30, bob: 0.4, parts: [], known: "from memory", source: MEMORY },
  { id: "aircraft-jet", name: "Jet aircraft passing", height: 4, depth: 4, length: 14, span: 9, bodySpeed: 130, fastSpeed: 250, bob: 0.3, parts: [], known: "from memory", source: MEMORY },
  { id: "aircraft-propeller", name: "Aircraft with a propeller", height: 2.7, depth: 3, length: 8, span: 10, bodySpeed: 55, fastSpeed: 90, bob: 0.3, parts: [tool("propeller", "propeller tips", 180, 250, 0.1)], known: "from memory", source: "tips at 1700–2400 turns a minute on a radius of one metre; body from memory of published figures" },
  { id: "helicopter", name: "Helicopter", height: 3.5, depth: 3, length: 12, span: 11, bodySpeed: 25, fastSpeed: 70, bob: 0.3, parts: [tool("rotor", "rotor tips", 200, 220, 0.15)], known: "from memory", source: MEMORY },
  { id: "kart", name: "Kart", height: 0.9, depth: 1, length: 1.8, lying: true, bodySpeed: 20, fastSpeed: 32, bob: 0.4, parts: [], known: "estimated", source: "estimated" },
]);
