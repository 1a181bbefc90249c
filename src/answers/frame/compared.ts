import { assess, frameView, previewAt, type AssessInput, type ShutterPreview } from "@/core/judge";
import { lensesFor } from "@/core/optics";
import { pictureOf, type Beside, type FigurePiece, type PictureInput } from "@/core/picture";
import { sceneAt } from "@/core/scene";
import { lightPlanOf, type Outing } from "@/data";
import type { OutingView } from "@/outing/outing-view";

/** By what pictures are set side by side. */
export type ComparedBy = "place" | "hour" | "lens";

/** One of the pictures that are set side by side. */
export interface Compared {
  /** The place, the lens or the way; of another hour nothing. */
  readonly name?: string;
  /** Epoch milliseconds at which it is taken. */
  readonly at: number;
  readonly shutter: number;
  readonly there: ShutterPreview;
  readonly picture: PictureInput;
}

/** Pixels of one of them, and how many there are at most where no other number is asked for. */
const WIDTH = 300;
const MOST = 4;
/** Minutes before and after the minute in hand. */
const HOURS = [-120, -60, 60, 120];

/** What the same shot is asked with otherwise, and what that is called; of another hour nothing. */
export interface Otherwise {
  readonly name?: string;
  readonly input: AssessInput;
}

type Looked = Pick<OutingView, "input" | "outing" | "bag" | "rig" | "window">;
type Drawn = (seen: {
  readonly input: AssessInput;
  readonly found: Extract<ReturnType<typeof assess>, { ok: true }>;
  readonly frame: ReturnType<typeof frameView>;
}) => { readonly figure: readonly FigurePiece[]; readonly beside: readonly Beside[] };

/** The same shot from every other place, with every other lens that fits, or at other hours of the outing. */
export function otherwise({ input, outing, bag, rig, window }: Looked, by: ComparedBy): Otherwise[] {
  if (!input || !rig) return [];
  if (by === "place")
    return outing.ground.positions
      .filter((p) => p.id !== input.position.id)
      .map((position) => ({ name: position.name, input: { ...input, position } }));
  if (by === "lens")
    return lensesFor(rig.body, bag.lenses)
      .filter((lens) => lens.id !== rig.lens.id)
      .map((lens) => ({
        name: lens.name,
        input: { ...input, rig: { ...input.rig, lens }, focalLengthMm: undefined },
      }));
  return HOURS.map((minutes) => input.scene.at + minutes * 60_000)
    .filter((at) => at >= window.starts - 3_600_000 && at <= window.until + 3_600_000)
    .map((at) => ({ input: { ...input, scene: sceneAt(outing.ground, lightPlanOf(outing), at) } }));
}

/** The pictures that are asked for, as far as there is one of each: at its own settings, so many at most. */
export function comparedPictures(
  asked: readonly Otherwise[],
  { weather }: Pick<Outing, "weather">,
  drawn: Drawn,
  most = MOST,
): Compared[] {
  return asked
    .flatMap(({ name, input }): Compared[] => {
      const found = assess(input);
      if (!found.ok) return [];
      const frame = frameView(input, found);
      const { shutter } = found.settings.settings;
      return [
        {
          ...(name !== undefined && { name }),
          at: input.scene.at,
          shutter,
          there: previewAt(input, found, shutter),
          picture: pictureOf({
            input,
            found,
            view: frame,
            ...drawn({ input, found, frame }),
            shutter,
            width: Math.round(frame.aspect < 1 ? WIDTH * Math.max(0.5, frame.aspect) : WIDTH),
            falling: weather?.falls,
          }),
        },
      ];
    })
    .slice(0, most);
}
