import { z } from "zod";
import { latitude, longitude, timesFault, wallDate, wallTime, type TimesOfDay } from "@/data";
import { readCoordinates } from "@/words";
import type { FieldSpec } from "./field-spec";

/** Day, window and place of an outing, as every form asks for them. */

export const WINDOW_FIELDS: readonly FieldSpec[] = [
  { kind: "date", key: "date", label: "Date" },
  { kind: "time", key: "from", label: "You are there from" },
  { kind: "time", key: "starts", label: "It starts" },
  { kind: "time", key: "until", label: "You leave", hint: "Past midnight: of the next day" },
  { kind: "date", key: "lastDate", label: "Last day, over days only", optional: true },
];

export const windowShape = {
  date: wallDate,
  from: wallTime,
  starts: wallTime,
  until: wallTime,
  lastDate: wallDate.optional(),
};

/** A schema whose window begins, starts and ends in this order. */
export const inOrder = <T extends TimesOfDay>(schema: z.ZodType<T>): z.ZodType<T> =>
  schema.superRefine((times, context) => {
    const fault = timesFault(times);
    if (fault) context.addIssue({ code: "custom", path: [fault.path], message: fault.message });
  });

/** Coordinates that were copied from elsewhere, put into either field, fill both. */
function bothOf(text: string): Readonly<Record<string, string>> | undefined {
  const found = readCoordinates(text);
  return found && { latitude: String(found.latitude), longitude: String(found.longitude) };
}

export const placeShape = { latitude, longitude };

export const placeFields = (optional = false): readonly FieldSpec[] => [
  {
    kind: "number",
    key: "latitude",
    label: "Latitude, south is −",
    unit: "°",
    min: -90,
    max: 90,
    decimals: 5,
    optional,
    spread: bothOf,
    hint: "Or paste both: 51.5, −0.12",
  },
  {
    kind: "number",
    key: "longitude",
    label: "Longitude, west is −",
    unit: "°",
    min: -180,
    max: 180,
    decimals: 5,
    optional,
    spread: bothOf,
  },
];
