import type { LampFileFault } from "@/core/light";
import type { Absent } from "@/core/units";

/** Failures of keeping and of files: what, and what to do next. */

const SAVING = {
  "storage-full": {
    title: "Not saved: this browser’s storage is full",
    body: "What you see is not saved yet; the last saved version is safe. Export the outing, free some space, then try again.",
  },
  "storage-failed": {
    title: "Not saved: the browser refused to store it",
    body: "What you see is not saved yet. Export the outing, then try again.",
  },
  overtaken: {
    title: "Not saved: this was changed elsewhere",
    body: "Another tab has saved it meanwhile. Both versions are safe: whichever you take, the other stays among the earlier states. Export yours if you are not sure.",
  },
  removed: {
    title: "This outing was deleted elsewhere",
    body: "What you see is still here, on this screen alone. Keep it, or export it to a file.",
  },
  unreadable: {
    title: "Not saved: what is stored there cannot be read",
    body: "It is not written over. Repair it, or export it and begin anew; then try again.",
  },
  refused: {
    title: "Not saved: a value is out of range",
    body: "Nothing was changed in the storage. Correct the value and save again.",
  },
} as const;

export const savingFailure = (reason: keyof typeof SAVING): { title: string; body: string } => SAVING[reason];

const READING = {
  "not-json": "This is not an outing file: its text cannot be read as JSON.",
  foreign: "This is not an outing file of Bright Perch.",
  "newer-version": "This file comes from a newer version. Update the program, then open it again.",
  faults: "This file is damaged. Nothing was changed.",
  stopped: "The reading was stopped.",
} as const;

export const readingFailure = (reason: keyof typeof READING): string => READING[reason];

const LAMP_FILE: Readonly<Record<LampFileFault, string>> = {
  "no-tilt-line": "this is not a photometric file: the line TILT= is missing",
  "tilt-not-read": "only TILT=NONE is read",
  "not-a-number": "a number is expected",
  "too-short": "it ends before all its numbers are there",
  "not-a-count": "a count of angles is expected",
  "not-type-c": "only type C is read",
  "factor-not-positive": "a factor must be above 0",
  "angles-not-rising": "its angles must rise",
  "angles-not-read": "its angles span no part of a type C file",
  "candela-below-zero": "a candela value is below 0",
};

/** Why a photometric file is refused, with its line, and what to do. */
export function lampFileFaultWords({ reason, numbers }: Absent<LampFileFault>): string {
  const line = numbers?.line === undefined ? "" : ` in line ${numbers.line}`;
  return `${LAMP_FILE[reason]}${line}. Take an LM-63 file (.ies) as it was measured.`;
}

/** A fault with its place: "outing.ground.spots.2.facing: …"; the whole file when there is no narrower place. */
export const faultWords = ({ path, message }: { path: string; message: string }): string =>
  `${path || "whole file"}: ${message}`;

const LEFT_OUT = {
  tags: "tags and spoken notes",
  frames: "the frames that were read",
  picture: "the picture that is traced over",
} as const;

/** What a file lacks of what lies beside a record: "; without tags and spoken notes, which could not be read"; nothing where it has all. */
export const leftOutWords = (leftOut: readonly (keyof typeof LEFT_OUT)[]): string =>
  leftOut.length === 0
    ? ""
    : `; without ${leftOut.map((part) => LEFT_OUT[part]).join(" and ")}, which could not be read`;
