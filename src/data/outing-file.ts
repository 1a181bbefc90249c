import { z } from "zod";
import { faultsOf, faultsUnder, parseRecord, type Fault } from "./migrate";
import { KIT_RECORD, PREFERENCES_RECORD, SHOOT_RECORD } from "./records";
import type { Preferences, Shoot, StoredKit } from "./schema";

const FORMAT = "bright-perch-outing";
const FILE_VERSION = 1;

/**
 * One outing as a file: `{ format, version, shoot, kit, subjects, preferences }`. Kit and subjects are snapshots of
 * what the outing uses, so that it can be assessed anywhere.
 */
export interface Outing {
  readonly shoot: Shoot;
  readonly kit: StoredKit;
  readonly preferences: Preferences;
}

export type OutingRead =
  | { readonly ok: true; readonly value: Outing }
  | {
      readonly ok: false;
      readonly reason: "not-json" | "foreign" | "newer-version" | "faults";
      readonly faults: readonly Fault[];
    };

const envelopeSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int(),
  shoot: z.record(z.string(), z.unknown()),
  kit: z.unknown(),
  subjects: z.array(z.unknown()),
  preferences: z.unknown(),
});

/** The text of an outing's file: JSON, indented, so that it can be read and compared. */
export function writeOuting({ shoot, kit, preferences }: Outing): string {
  const { subjects, ...rest } = shoot;
  const file = {
    format: FORMAT,
    version: FILE_VERSION,
    shoot: rest,
    kit: kitUsed(shoot, kit),
    subjects,
    preferences,
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** A name for the file: date and id, the same everywhere. */
export const outingFileName = (shoot: Shoot): string => `${shoot.date}-${shoot.id}.outing.json`;

/** What the outing's choices name. Supports are kept whole: they are few, and the hand must always be among them. */
function kitUsed(shoot: Shoot, kit: StoredKit): StoredKit {
  const uses = (key: "bodyId" | "lensId" | "converterId") => new Set(shoot.choices.map((c) => c[key]));
  const pick = <T extends { id: string }>(items: readonly T[], used: Set<string | null>): T[] =>
    items.filter((item) => used.has(item.id));
  return {
    ...kit,
    bodies: pick(kit.bodies, uses("bodyId")),
    lenses: pick(kit.lenses, uses("lensId")),
    converters: pick(kit.converters, uses("converterId")),
    cards: kit.cards.filter((card) => shoot.bag?.cards.includes(card.id)),
  };
}

/** Reads an outing's file. Nothing is changed anywhere; a file that will not do is told where and why. */
export function readOuting(text: string): OutingRead {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    const message = error instanceof Error ? error.message : "not JSON";
    return { ok: false, reason: "not-json", faults: [{ path: "", message }] };
  }
  const envelope = envelopeSchema.safeParse(raw);
  if (!envelope.success) {
    const foreign = (raw as { format?: unknown } | null)?.format !== FORMAT;
    return { ok: false, reason: foreign ? "foreign" : "faults", faults: faultsOf(envelope.error) };
  }
  if (envelope.data.version > FILE_VERSION)
    return {
      ok: false,
      reason: "newer-version",
      faults: [
        { path: "version", message: `version ${envelope.data.version} is newer than ${FILE_VERSION}` },
      ],
    };
  return readParts(envelope.data);
}

function readParts(file: z.infer<typeof envelopeSchema>): OutingRead {
  const shoot = parseRecord(SHOOT_RECORD, { ...file.shoot, subjects: file.subjects });
  const kit = parseRecord(KIT_RECORD, file.kit);
  const preferences = parseRecord(PREFERENCES_RECORD, file.preferences);
  if (shoot.ok && kit.ok && preferences.ok) {
    const faults = faultsUnder("shoot", kitFaults(shoot.value, kit.value));
    if (faults.length > 0) return { ok: false, reason: "faults", faults };
    return { ok: true, value: { shoot: shoot.value, kit: kit.value, preferences: preferences.value } };
  }
  const faults = [
    ...(shoot.ok ? [] : faultsUnder("shoot", shoot.faults)),
    ...(kit.ok ? [] : faultsUnder("kit", kit.faults)),
    ...(preferences.ok ? [] : faultsUnder("preferences", preferences.faults)),
  ];
  return { ok: false, reason: "faults", faults };
}

/** Kit that a choice names and the kit at hand lacks. */
function kitFaults(shoot: Shoot, kit: StoredKit): Fault[] {
  const lacks = (items: readonly { id: string }[], id: string | null): boolean =>
    id !== null && !items.some((item) => item.id === id);
  return shoot.choices.flatMap((choice, i) => {
    const fault = (key: string, id: string | null): Fault => ({
      path: `choices.${i}.${key}`,
      message: `${id} is not in the kit`,
    });
    return [
      ...(lacks(kit.bodies, choice.bodyId) ? [fault("bodyId", choice.bodyId)] : []),
      ...(lacks(kit.lenses, choice.lensId) ? [fault("lensId", choice.lensId)] : []),
      ...(lacks(kit.converters, choice.converterId) ? [fault("converterId", choice.converterId)] : []),
      ...(lacks(kit.supports, choice.supportId) ? [fault("supportId", choice.supportId)] : []),
    ];
  });
}
