import type { StoredSubject } from "@/data";
import { sideAsked } from "@/answers/brief/shot";
import { depthWords, intentWords, priorityWords, techniqueWords, toleranceWords } from "@/words";
import { sideWords } from "@/words/sight";
import type { FieldSpec } from "../../../forms/field-spec";

const INTENTS = ["freeze", "pan", "streak", "still", "reaction", "context"] as const;
const PARTS = ["whole", "three-quarter", "half", "head"] as const;
const TECHNIQUES = ["tracked", "pre-framed", "panned"] as const;
const DEPTHS = ["eye", "face", "plane", "whole", "two-things"] as const;
const TOLERANCES = ["print-sharp", "web", "pixel-sharp"] as const;

const same = (keys: readonly string[]) => keys.map((key) => ({ key, label: key }));

/** The side that people differ by, where they do; known or not. */
function sideFields(subject: StoredSubject): FieldSpec[] {
  const by = sideAsked(subject);
  if (!by) return [];
  const { label, left, right } = sideWords(by);
  const choices = [
    { key: "", label: "Not known" },
    { key: "right", label: right },
    { key: "left", label: left },
  ];
  return [{ kind: "choice", key: "side", label, optional: true, choices }];
}

/** The fields of a shot, with the parts of its subject, the spots of its ground and what stands there to choose from. */
export function shotFields(
  subject: StoredSubject,
  { spots, obstacles }: Record<"spots" | "obstacles", readonly { id: string; name: string }[]>,
): readonly FieldSpec[] {
  const parts = [{ key: "body", label: "body" }, ...subject.parts.map((p) => ({ key: p.id, label: p.name }))];
  return [
    { kind: "text", key: "name", label: "Name of the shot" },
    {
      kind: "choice",
      key: "intent",
      label: "Kind of picture",
      choices: INTENTS.map((key) => ({ key, label: intentWords(key) })),
    },
    {
      kind: "choice",
      key: "spotId",
      label: "Where it happens",
      choices: spots.map((s) => ({ key: s.id, label: s.name })),
    },
    ...sideFields(subject),
    { kind: "choice", key: "holdPartId", label: "Part that must be sharp", choices: parts },
    {
      kind: "choice",
      key: "technique",
      label: "How you follow it",
      choices: TECHNIQUES.map((key) => ({ key, label: techniqueWords(key) })),
    },
    { kind: "choice", key: "part", label: "How much of the subject", choices: same(PARTS) },
    { kind: "choice", key: "orientation", label: "Camera held", choices: same(["upright", "level"]) },
    { kind: "choice", key: "along", label: "Fill is measured along", choices: same(["height", "width"]) },
    {
      kind: "choice",
      key: "depth.kind",
      label: "Sharp from front to back",
      choices: DEPTHS.map((key) => ({ key, label: depthWords(key) })),
    },
    {
      kind: "number",
      key: "depth.turnDeg",
      label: "Angle of a flat subject to the sensor",
      unit: "°",
      min: 0,
      max: 90,
    },
    {
      kind: "choice",
      key: "depth.otherSpotId",
      label: "Second thing to keep sharp",
      choices: [...spots, ...obstacles].map((s) => ({ key: s.id, label: s.name })),
    },
    { kind: "percent", key: "fill", label: "How full the frame should be", min: 0.02, max: 1 },
    { kind: "number", key: "wanted", label: "Pictures needed", min: 1, max: 999 },
    {
      kind: "choice",
      key: "priority",
      label: "Priority",
      numeric: true,
      choices: [1, 2, 3].map((n) => ({ key: String(n), label: priorityWords(n) })),
    },
    {
      kind: "number",
      key: "deliveredLongEdgePx",
      label: "Delivered long edge",
      unit: "px",
      min: 200,
      max: 30000,
    },
    {
      kind: "choice",
      key: "tolerance",
      label: "Sharpness",
      choices: TOLERANCES.map((key) => ({ key, label: toleranceWords(key) })),
    },
    {
      kind: "percent",
      key: "streakShare",
      label: "Streak length, part of the frame",
      min: 0.001,
      max: 1,
      optional: true,
    },
  ];
}
