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
    title: "Not saved: this outing was changed elsewhere",
    body: "Another tab has saved it since you opened it. Load that version, or export yours first.",
  },
} as const;

export const savingFailure = (reason: keyof typeof SAVING): { title: string; body: string } => SAVING[reason];

const READING = {
  "not-json": "This is not an outing file: its text cannot be read as JSON.",
  foreign: "This is not an outing file of Bright Perch.",
  "newer-version": "This file comes from a newer version. Update the program, then open it again.",
  faults: "This outing file is damaged. Nothing was changed.",
} as const;

export const readingFailure = (reason: keyof typeof READING): string => READING[reason];

/** A fault with its place: "outing.ground.spots.2.facing: …"; the whole file when there is no narrower place. */
export const faultWords = ({ path, message }: { path: string; message: string }): string =>
  `${path || "whole file"}: ${message}`;
