import { previewAt } from "@/core/judge";
import { stopsQuestion, type StopsKind, type StopsQuestion } from "@/core/practice";
import type { OutingView } from "@/outing/outing-view";

/** What an answer would cost in this picture. */
export interface StopsCost {
  /** Pixels of the delivery that the held part smears. */
  readonly blurPx: number;
  /** Chance 0 … 1 that a frame holds it. */
  readonly chance: number;
  /** Clicks of ISO above what was found, below it under 0. */
  readonly isoClicks: number;
  /** Clicks of aperture against what was found: above 0 more is sharp. */
  readonly apertureClicks: number;
}

const KINDS: readonly StopsKind[] = ["dark", "equal", "zone"];

/** A question of stops about the settings of the shot in hand; nothing while it has no picture, or a body too narrow to ask about. */
export function stopsAsked({ found }: Pick<OutingView, "found">, seed: number): StopsQuestion | undefined {
  if (!found) return undefined;
  const { settings, rails } = found.settings;
  // Where the kit leaves no room for one kind of question, another is asked.
  for (const turn of KINDS.keys()) {
    try {
      return stopsQuestion({
        seed,
        kind: KINDS[(seed + turn) % KINDS.length]!,
        from: settings,
        rails: {
          shutter: [rails.shutter.first, rails.shutter.last],
          aperture: [rails.aperture.first, rails.aperture.last],
          iso: [rails.iso.first, rails.iso.last],
        },
      });
    } catch {
      continue;
    }
  }
  return undefined;
}

/** What each answer would cost in the picture of the shot in hand. */
export function stopsCosts(
  { input, found }: Pick<OutingView, "input" | "found">,
  { options }: StopsQuestion,
): StopsCost[] {
  if (!input || !found) return [];
  const base = found.settings.settings;
  return options.map(({ settings }) => {
    const { blurPx, chance } = previewAt(input, found, settings.shutter);
    return {
      blurPx,
      chance,
      isoClicks: settings.iso - base.iso,
      apertureClicks: settings.aperture - base.aperture,
    };
  });
}
