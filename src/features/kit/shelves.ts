import type { z } from "zod";
import { genericKit } from "@/answers/library/kit";
import { bodySchema, cardSchema, converterSchema, lensSchema, supportSchema, type StoredKit } from "@/data";
import { apertureRangeWords, focalRangeWords, metresWords } from "@/words";
import type { FieldSpec } from "../forms/field-spec";

export type ShelfKey = "bodies" | "lenses" | "converters" | "supports" | "cards";

export type Thing<K extends ShelfKey> = StoredKit[K][number];

export interface Shelf<K extends ShelfKey> {
  readonly key: K;
  readonly title: string;
  /** What a single thing of it is called. */
  readonly one: string;
  readonly specs: (thing: Thing<K>) => readonly FieldSpec[];
  readonly schema: z.ZodType<Thing<K>>;
  readonly detail: (thing: Thing<K>) => string;
  /** Generic specimens to begin from. */
  readonly begins: readonly Thing<K>[];
}

const WEIGHT: FieldSpec = {
  kind: "number",
  key: "weightG",
  label: "Weight",
  unit: "g",
  min: 1,
  max: 50000,
  optional: true,
};
const NAME: FieldSpec = { kind: "text", key: "name", label: "Name" };
const iso = (key: string, label: string) => ({ kind: "number", key, label, min: 1, max: 1e7 }) as const;

const BODY_SPECS: readonly FieldSpec[] = [
  NAME,
  {
    kind: "number",
    key: "format.widthMm",
    label: "Sensor width",
    unit: "mm",
    min: 1,
    max: 200,
    hint: `${genericKit.formats.map((name) => name.replace(" mm", "")).join(", ")}`,
  },
  { kind: "number", key: "format.heightMm", label: "Sensor height", unit: "mm", min: 1, max: 200 },
  {
    kind: "number",
    key: "format.widthPx",
    label: "Pixels, long side",
    unit: "px",
    min: 100,
    max: 60000,
  },
  iso("baseIso", "Base ISO"),
  iso("isoFloor", "Your ISO floor"),
  {
    ...iso("preferredIso", "ISO you are happy with"),
    optional: true,
    hint: "To stay under it, depth of field goes first. Four times the base ISO if left empty.",
  },
  iso("isoCeiling", "Your ISO ceiling"),
  iso("maxIso", "Highest ISO"),
  { kind: "shutter", key: "fastestShutter", label: "Fastest shutter" },
  {
    kind: "number",
    key: "liftClicks",
    label: "Push in post, ⅓ stops",
    min: 0,
    max: 9,
    hint: "How far you are happy to brighten its files later.",
  },
  {
    kind: "number",
    key: "stabiliserStops",
    label: "Sensor stabiliser",
    unit: "stops",
    min: 0,
    max: 8,
    optional: true,
  },
  {
    kind: "number",
    key: "framesPerSecond",
    label: "Frame rate",
    unit: "/s",
    min: 0.1,
    max: 240,
    optional: true,
  },
  { kind: "number", key: "frameMb", label: "Raw file size", unit: "MB", min: 0.1, max: 1000, optional: true },
  { kind: "number", key: "bufferMb", label: "Buffer", unit: "MB", min: 1, max: 100000, optional: true },
  {
    kind: "number",
    key: "preBurstFrames",
    label: "Kept from before the press",
    unit: "frames",
    min: 1,
    max: 500,
    decimals: 0,
    optional: true,
    hint: "Leave empty if the body keeps none.",
  },
  {
    kind: "number",
    key: "rightMedian",
    label: "Middle of its pictures that are right",
    min: 0.01,
    max: 0.9,
    decimals: 3,
    optional: true,
    hint: "How bright, 0 to 1; 0.18 if left empty. A test shot that is right sets it: Expose, readings.",
  },
  {
    kind: "number",
    key: "ratedFrames",
    label: "Battery is rated for",
    unit: "frames",
    min: 20,
    max: 20000,
    decimals: 0,
    optional: true,
  },
  { kind: "shutter", key: "readout", label: "Sensor readout time", optional: true },
  WEIGHT,
];

const LENS_SPECS: readonly FieldSpec[] = [
  NAME,
  { kind: "number", key: "minFocalLengthMm", label: "Shortest focal length", unit: "mm", min: 1, max: 5000 },
  { kind: "number", key: "maxFocalLengthMm", label: "Longest focal length", unit: "mm", min: 1, max: 5000 },
  { kind: "number", key: "widest", label: "Widest aperture, short end", unit: "f/", min: 0.7, max: 64 },
  {
    kind: "number",
    key: "widestAtLong",
    label: "Widest at the long end, if different",
    unit: "f/",
    min: 0.7,
    max: 64,
    optional: true,
  },
  { kind: "number", key: "narrowest", label: "Narrowest aperture", unit: "f/", min: 1, max: 128 },
  { kind: "length", key: "closestFocus", label: "Closest focus", min: 0.01, max: 100 },
  { kind: "number", key: "stabiliserStops", label: "Stabiliser", unit: "stops", min: 0, max: 8 },
  {
    kind: "number",
    key: "largestMagnification",
    label: "Largest magnification",
    unit: "×",
    min: 0.001,
    max: 10,
    optional: true,
  },
  { kind: "switch", key: "takesConverter", label: "Takes a converter" },
  WEIGHT,
];

/** The same of a lens that cannot be taken off, which carries no converter and no weight of its own. */
const BUILT_IN_SPECS: readonly FieldSpec[] = LENS_SPECS.filter(
  ({ key }) => key !== "takesConverter" && key !== "weightG",
).map((spec) => ({
  ...spec,
  key: `builtIn.${spec.key}`,
  label: spec.key === "name" ? "Built-in lens" : spec.label,
}));

/** How steady a support is, against the hand. */
function steadinessWords(stops: number): string {
  if (stops === 0) return "hand-held";
  const size = `${Math.abs(stops)} ${Math.abs(stops) === 1 ? "stop" : "stops"}`;
  return `${size} ${stops > 0 ? "steadier" : "less steady"} than hand-held`;
}

/** The shelves of the kit in the order in which a bag is packed. */
export const SHELVES: { readonly [K in ShelfKey]: Shelf<K> } = {
  bodies: {
    key: "bodies",
    title: "Bodies",
    one: "body",
    specs: ({ builtIn }) => (builtIn ? [...BODY_SPECS, ...BUILT_IN_SPECS] : BODY_SPECS),
    schema: bodySchema,
    detail: (b) =>
      `${b.format.widthMm} × ${b.format.heightMm} mm, ISO ${b.isoFloor} to ${b.isoCeiling}, push ${b.liftClicks}/3 stop${b.framesPerSecond ? `, ${b.framesPerSecond}/s` : ""}${b.builtIn ? `, ${b.builtIn.name}` : ""}`,
    begins: genericKit.bodies,
  },
  lenses: {
    key: "lenses",
    title: "Lenses",
    one: "lens",
    specs: () => LENS_SPECS,
    schema: lensSchema,
    detail: (l) =>
      [
        l.name.startsWith(focalRangeWords(l)) ? "" : `${focalRangeWords(l)}, ${apertureRangeWords(l)}`,
        `from ${metresWords(l.closestFocus)}`,
        l.stabiliserStops > 0 ? `${l.stabiliserStops} stops of stabiliser` : "",
        l.takesConverter ? "takes a converter" : "",
      ]
        .filter(Boolean)
        .join(", "),
    begins: genericKit.lenses,
  },
  converters: {
    key: "converters",
    title: "Converters",
    one: "converter",
    specs: () => [
      NAME,
      { kind: "number", key: "factor", label: "Factor", unit: "×", min: 1, max: 4 },
      WEIGHT,
    ],
    schema: converterSchema,
    detail: (c) => `takes ${(2 * Math.log2(c.factor)).toFixed(1)} stops`,
    begins: genericKit.converters,
  },
  supports: {
    key: "supports",
    title: "Supports",
    one: "support",
    specs: () => [
      NAME,
      { kind: "number", key: "stops", label: "Steadier than hand-held by", unit: "stops", min: -3, max: 8 },
      WEIGHT,
    ],
    schema: supportSchema,
    detail: (s) => steadinessWords(s.stops),
    begins: genericKit.supports,
  },
  cards: {
    key: "cards",
    title: "Cards",
    one: "card",
    specs: () => [
      NAME,
      { kind: "number", key: "capacityGb", label: "Capacity", unit: "GB", min: 0.1, max: 100000 },
      { kind: "number", key: "writeMbPerSecond", label: "Write speed", unit: "MB/s", min: 0.1, max: 20000 },
      WEIGHT,
    ],
    schema: cardSchema,
    detail: (c) => `${c.capacityGb} GB, writes ${c.writeMbPerSecond} MB/s`,
    begins: [
      { id: "card-64", name: "64 GB card", capacityGb: 64, writeMbPerSecond: 90 },
      { id: "card-128", name: "128 GB card", capacityGb: 128, writeMbPerSecond: 300 },
    ],
  },
};
