import type { Subject } from "../motion";

/**
 * Subjects of the field. Speeds in m/s: body over the ground, limbs against the body, tools and balls over the ground;
 * sizes in metres. Running speed and stick from memory of published figures; goalkeeper, coach, bob and depths
 * estimated, no source.
 */
export const SUBJECTS: readonly Subject[] = Object.freeze([
  {
    id: "hockey-runner",
    name: "Field player running",
    height: 1.7,
    depth: 0.5,
    bodySpeed: 7,
    bob: 0.5,
    parts: [
      { id: "limb", name: "hands and feet", partClass: "limb", speed: 5 },
      { id: "stick", name: "stick", partClass: "tool", speed: 25, halfWidth: 0.025 },
    ],
    known: "from memory",
  },
  {
    id: "hockey-drag-flicker",
    name: "Drag flicker",
    height: 1.35,
    depth: 0.7,
    bodySpeed: 4,
    bob: 0.5,
    parts: [
      { id: "limb", name: "hands and feet", partClass: "limb", speed: 5 },
      { id: "stick", name: "stick", partClass: "tool", speed: 25, halfWidth: 0.025 },
      { id: "ball", name: "ball", partClass: "tool", speed: 25, halfWidth: 0.0365 },
    ],
    known: "estimated",
  },
  {
    id: "hockey-goalkeeper",
    name: "Goalkeeper saving",
    height: 1.5,
    depth: 0.6,
    bodySpeed: 2,
    bob: 0.5,
    parts: [
      { id: "limb", name: "hands and feet", partClass: "limb", speed: 6 },
      { id: "ball", name: "ball", partClass: "tool", speed: 25, halfWidth: 0.0365 },
    ],
    known: "estimated",
  },
  {
    id: "person-reacting",
    name: "Person cheering",
    height: 1.7,
    depth: 0.4,
    bodySpeed: 0.5,
    bob: 0.3,
    parts: [{ id: "limb", name: "hands and feet", partClass: "limb", speed: 2 }],
    known: "estimated",
  },
] satisfies Subject[]);
