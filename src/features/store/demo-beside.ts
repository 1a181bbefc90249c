import type { Beside } from "@/data/beside";

/** Set by the demo's beginning until what lies beside its outings is written: the first start waits for none of it. */
const WISHED = "bp/demo-beside";

export function wishForDemoBeside(): void {
  try {
    localStorage.setItem(WISHED, "1");
  } catch {
    // Without it the demo has no pictures, and nothing else is missing.
  }
}

let writing: Promise<void> | undefined;

/** Writes the demo's frames and tags once, before anybody asks for any; what is deleted of them stays deleted. */
export function demoBeside(beside: Beside): Promise<void> {
  if (!writing && localStorage.getItem(WISHED) === null) return Promise.resolve();
  writing ??= write(beside).catch(() => undefined);
  return writing;
}

async function write(beside: Beside): Promise<void> {
  const { demoBesides } = await import("../../../demo/beside");
  await beside.bring(demoBesides);
  localStorage.removeItem(WISHED);
}
