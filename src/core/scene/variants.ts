import { creatureOf, type Subject } from "../motion";
import type { Shot } from "./shot";

/** Another picture of the same subject: a view of it, or what the picture is for. */
export type Variant =
  | "whole"
  | "half"
  | "head"
  | "small-in-its-place"
  | "silhouette"
  | "moving-into-the-frame"
  | "panned"
  | "face-between";

type Change = Partial<Omit<Shot, "id" | "name">>;

const BODY = "body";

/** What a variant asks otherwise (common practice). */
export const VARIANTS: Readonly<Record<Variant, Change>> = {
  whole: { part: "whole", fill: 0.7, orientation: "upright", along: "height" },
  half: { part: "half", fill: 0.8, orientation: "upright", along: "height", depth: { kind: "face" } },
  head: { part: "head", fill: 0.5, orientation: "upright", along: "height", depth: { kind: "face" } },
  "small-in-its-place": {
    part: "whole",
    fill: 0.12,
    orientation: "level",
    along: "height",
    intent: "context",
    technique: "pre-framed",
    depth: { kind: "whole" },
    holdPartId: BODY,
  },
  silhouette: {
    part: "whole",
    fill: 0.3,
    orientation: "level",
    along: "height",
    intent: "freeze",
    exposeFor: "sky",
  },
  "moving-into-the-frame": {
    part: "whole",
    fill: 0.25,
    orientation: "level",
    along: "height",
    technique: "tracked",
  },
  panned: {
    part: "whole",
    fill: 0.4,
    orientation: "level",
    along: "height",
    intent: "pan",
    technique: "panned",
    streakShare: 0.1,
    holdPartId: BODY,
  },
  "face-between": {
    part: "half",
    fill: 0.7,
    orientation: "upright",
    along: "height",
    intent: "reaction",
    technique: "tracked",
    depth: { kind: "face" },
    holdPartId: BODY,
  },
};

/** Variants that make sense of a subject: one that stands is not panned, only people have faces between actions. */
export function variantsFor(subject: Subject): readonly Variant[] {
  const all = Object.keys(VARIANTS) as Variant[];
  const moves = subject.bodySpeed >= 0.5;
  const person = creatureOf(subject) === "person";
  return all.filter((v) =>
    v === "panned" || v === "moving-into-the-frame" ? moves : v === "face-between" ? person : true,
  );
}
