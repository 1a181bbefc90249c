import { z } from "zod";
import { lengthShown, lengthUnit, metresFrom, readLengthShown, readNumber } from "@/words";
import { readShutter, shutterText } from "@/words/shutter-text";

/** What every field has. */
interface FieldBase {
  /** A dotted path into the record. */
  readonly key: string;
  readonly label: string;
  readonly hint?: string;
  /** Text for several fields by their paths, when what was put into this one speaks of them all. */
  readonly spread?: (text: string) => Readonly<Record<string, string>> | undefined;
}

/** One field of a form: which value of the record it holds, and how it is written. */
export type FieldSpec = FieldBase &
  (
    | { readonly kind: "text"; readonly lines?: number }
    | { readonly kind: "date" | "time"; readonly optional?: boolean }
    | {
        readonly kind: "number";
        readonly unit?: string;
        readonly min: number;
        readonly max: number;
        readonly decimals?: number;
        readonly optional?: boolean;
      }
    | { readonly kind: "percent"; readonly min: number; readonly max: number; readonly optional?: boolean }
    | { readonly kind: "length"; readonly min: number; readonly max: number; readonly optional?: boolean }
    | { readonly kind: "shutter"; readonly optional?: boolean }
    | {
        readonly kind: "choice";
        readonly choices: readonly { readonly key: string; readonly label: string }[];
        /** Set where the record holds the number that the key writes. */
        readonly numeric?: boolean;
        /** Set where the empty key stands for nothing. */
        readonly optional?: boolean;
      }
    | {
        /** Any number of them; the record holds their keys, nothing where none is ticked. A key has no space. */
        readonly kind: "several";
        readonly choices: readonly { readonly key: string; readonly label: string }[];
      }
    | { readonly kind: "switch" }
  );

/** What stands in the fields: text, by the path of the field with its dots replaced, since the form library nests on dots. */
export type Typed = Record<string, string>;

export const fieldName = (key: string): string => key.replaceAll(".", "/");

type Json = Record<string, unknown>;

const at = (record: unknown, key: string): unknown =>
  key.split(".").reduce<unknown>((value, step) => (value as Json | undefined)?.[step], record);

function put(record: Json, key: string, value: unknown): void {
  const steps = key.split(".");
  let place = record;
  steps.slice(0, -1).forEach((step, i) => {
    place[step] ??= /^\d+$/.test(steps[i + 1]!) ? [] : {};
    place = place[step] as Json;
  });
  place[steps.at(-1)!] = value;
}

const trimmed = (value: number, decimals: number): string => String(Number(value.toFixed(decimals)));

/** A record's values as the text of its fields. */
export function toTyped(specs: readonly FieldSpec[], record: unknown): Typed {
  return Object.fromEntries(specs.map((spec) => [fieldName(spec.key), textOf(spec, at(record, spec.key))]));
}

function textOf(spec: FieldSpec, value: unknown): string {
  if (value === undefined || value === null) return "";
  if (spec.kind === "several") return (value as readonly string[]).join(" ");
  if (typeof value !== "number") return String(value);
  if (spec.kind === "length") return trimmed(lengthShown(value), 4);
  if (spec.kind === "percent") return trimmed(100 * value, 1);
  if (spec.kind === "shutter") return shutterText(value);
  return trimmed(value, spec.kind === "number" ? (spec.decimals ?? 3) : 3);
}

/** How a kept number is written, and the way back. */
const SCALES = {
  number: { shown: (n: number) => n, kept: (n: number) => n, read: readNumber },
  percent: { shown: (n: number) => 100 * n, kept: (n: number) => n / 100, read: readNumber },
  length: { shown: lengthShown, kept: metresFrom, read: readLengthShown },
};

type Read = { readonly value: unknown } | { readonly error: string };

function readField(spec: FieldSpec, text: string): Read {
  switch (spec.kind) {
    case "number":
    case "percent":
    case "length": {
      if (text.trim() === "" && spec.optional) return { value: undefined };
      const { shown, kept, read } = SCALES[spec.kind];
      const [low, high] = [shown(spec.min), shown(spec.max)];
      const written = read(text);
      if (written === undefined || written < low - 1e-9 || written > high + 1e-9)
        return { error: `Type a number from ${trimmed(low, 3)} to ${trimmed(high, 3)}.` };
      return { value: kept(written) };
    }
    case "choice":
      if (text === "" && spec.optional) return { value: undefined };
      return { value: spec.numeric ? Number(text) : text };
    case "shutter": {
      if (text.trim() === "" && spec.optional) return { value: undefined };
      const seconds = readShutter(text);
      return seconds === undefined ? { error: "Type a shutter such as 1/8000." } : { value: seconds };
    }
    case "date":
    case "time":
      if (text === "") return spec.optional ? { value: undefined } : { error: `Choose a ${spec.kind}.` };
      return { value: text };
    case "several":
      return { value: text === "" ? undefined : text.split(" ") };
    case "switch":
      return { value: text === "true" };
    default:
      return { value: text };
  }
}

/**
 * Reads the fields over the record they came from, so that what has no field keeps its value, and passes the result
 * through the schema of the store: what the store would refuse is said beside its field.
 */
export function readTyped<T>(
  specs: readonly FieldSpec[],
  typed: Typed,
  base: object,
  schema: z.ZodType<T>,
):
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly errors: Record<string, string> } {
  const record = structuredClone(base) as Json;
  const errors: Record<string, string> = {};
  for (const spec of specs) {
    const read = readField(spec, typed[fieldName(spec.key)] ?? "");
    if ("error" in read) errors[spec.key] = read.error;
    else put(record, spec.key, read.value);
  }
  const parsed = schema.safeParse(record);
  if (parsed.success && Object.keys(errors).length === 0) return { ok: true, value: parsed.data };
  for (const issue of parsed.error?.issues ?? []) {
    const path = issue.path.join(".");
    const field = specs.find((s) => path === s.key || path.startsWith(`${s.key}.`)) ?? specs[0]!;
    errors[field.key] ??= sentence(issue.message);
  }
  return { ok: false, errors };
}

const sentence = (message: string): string =>
  `${message.charAt(0).toUpperCase()}${message.slice(1)}${message.endsWith(".") ? "" : "."}`;

/** The fields' text as a schema whose output is the record; what is refused stands at the name of its field. */
export const typedSchema = <T>(
  specs: readonly FieldSpec[],
  base: object,
  schema: z.ZodType<T>,
): z.ZodType<T, Typed> =>
  z.record(z.string(), z.string()).transform((typed, context) => {
    const read = readTyped(specs, typed, base, schema);
    if (read.ok) return read.value;
    for (const [key, message] of Object.entries(read.errors))
      context.addIssue({ code: "custom", path: [fieldName(key)], message });
    return z.NEVER;
  });

/** The unit behind a field, if it has one. */
export function unitOf(spec: FieldSpec): string | undefined {
  if (spec.kind === "length") return lengthUnit();
  if (spec.kind === "percent") return "%";
  if (spec.kind === "shutter") return "s";
  return spec.kind === "number" ? spec.unit : undefined;
}
