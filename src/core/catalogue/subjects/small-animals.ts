import { inGroup, limb, wing } from "./row";

/** Insects, spiders and what falls from the sky. */
// prettier-ignore
export const INSECTS_SPIDERS_WEATHER = inGroup("insects, spiders and weather", [
  { id: "butterfly-calm", name: "Butterfly on a stem, calm", height: 0.05, depth: 0.01, length: 0.05, span: 0.06, bodySpeed: 0, fastSpeed: 0.02, bob: 0.03, parts: [], known: "estimated", source: "stem 0.02–0.03 m/s fitted to practice: consistency, not proof" },
  { id: "butterfly-wind", name: "Butterfly on a stem, windy", height: 0.05, depth: 0.01, length: 0.05, span: 0.06, bodySpeed: 0, fastSpeed: 0.1, bob: 0.06, parts: [], known: "estimated", source: "stem 0.06 m/s fitted to practice: consistency, not proof" },
  { id: "butterfly-flying", name: "Butterfly in flight", height: 0.05, depth: 0.03, length: 0.05, span: 0.06, wingBeat: 11, bodySpeed: 2, fastSpeed: 4, bob: 1, parts: [wing(11, 120, 0.06)], known: "estimated", source: "estimated" },
  { id: "dragonfly-hovering", name: "Dragonfly hovering", height: 0.03, depth: 0.03, length: 0.07, span: 0.09, wingBeat: 35, bodySpeed: 0.2, fastSpeed: 8, bob: 0.1, parts: [wing(35, 60, 0.09)], known: "from memory", source: "beat from memory, stroke estimated" },
  { id: "dragonfly-perched", name: "Dragonfly on a reed", height: 0.03, depth: 0.02, length: 0.07, span: 0.09, bodySpeed: 0, fastSpeed: 0.1, bob: 0.04, parts: [], known: "estimated", source: "stem sway after the butterfly's" },
  { id: "bee-flower", name: "Bee at a flower", height: 0.012, depth: 0.01, length: 0.018, span: 0.02, wingBeat: 230, bodySpeed: 0.1, fastSpeed: 6, bob: 0.05, parts: [wing(230, 90, 0.02)], known: "from memory", source: "beat and stroke from memory" },
  { id: "spider-web", name: "Spider in its web", height: 0.045, depth: 0.012, length: 0.015, bodySpeed: 0, fastSpeed: 0.05, bob: 0.04, parts: [], known: "estimated", source: "web sway after the butterfly's stem" },
  { id: "snowflake", name: "Falling snow", height: 0.01, depth: 0.01, bodySpeed: 1.2, fastSpeed: 2, bob: 0.2, parts: [], known: "from memory", source: "fall speed from memory of published figures" },
  { id: "raindrop", name: "Falling rain", height: 0.003, depth: 0.003, bodySpeed: 6, fastSpeed: 9, bob: 0, parts: [], known: "from memory", source: "fall speed from memory of published figures" },
]);

/** Cold-blooded and small, on the ground or at the water. Length nose to tail. */
// prettier-ignore
export const REPTILES_AND_AMPHIBIANS = inGroup("reptiles and amphibians", [
  { id: "frog-calling", name: "Frog calling", height: 0.06, depth: 0.05, length: 0.1, bodySpeed: 0, fastSpeed: 2, bob: 0.05, parts: [limb(0.15, 0.4, "throat")], known: "estimated", source: "estimated" },
  { id: "lizard-basking", name: "Lizard basking", height: 0.03, depth: 0.04, length: 0.17, bodySpeed: 0, fastSpeed: 2, bob: 0.05, parts: [], known: "estimated", source: "estimated" },
  { id: "snake-basking", name: "Snake basking", height: 0.05, depth: 0.2, length: 0.6, bodySpeed: 0.02, fastSpeed: 1, bob: 0.03, parts: [limb(0.1, 1, "tongue and head")], known: "estimated", source: "estimated" },
]);
