import { apertureFNumber, isoSpeed, shutterSeconds } from "@/core/exposure";
import { previewAt, withShutter, type ShutterPreview } from "@/core/judge";
import {
  deliveredPerPixel,
  fallLength,
  pictureOf,
  roomAhead,
  type Beside,
  type FigurePiece,
  type PictureAsked,
  type PictureInput,
} from "@/core/picture";
import type { OutingView } from "@/outing/outing-view";

/** Clicks between the pictures that stand side by side. */
const STOP = 3;
/** Pixels of the drawings: the chosen picture, its neighbours, the loupe. */
export const PREVIEW_WIDTHS = { chosen: 360, beside: 168, loupe: 168 };

/** A piece of the picture as it is looked at: a pixel of the file or of the delivery as one of the drawing's, or a print at arm's length. */
export type Piece = "sensor" | "loupe" | "print";

/** Times by which a piece of the file has to be larger than one of the delivery to be shown besides. */
const APART = 1.05;

/** One of the pictures that are made beside each other. */
export interface Asked {
  readonly of: "chosen" | "sharp" | "beside" | Piece;
  /** Clicks. */
  readonly shutter: number;
  /** What comes out at that shutter. */
  readonly there: ShutterPreview;
  readonly picture: PictureInput;
}

/** The pictures at the chosen shutter. */
export interface Previews {
  readonly pictures: readonly Asked[];
  /** Pixels of the delivery for one of the chosen drawing. */
  readonly perPixel: number;
  /** Share 0 … 1 of the frame that is free before the subject. */
  readonly room: number;
  /** What the chosen one is made of. */
  readonly whole: PictureAsked;
}

type Looked = Pick<OutingView, "input" | "found" | "frame" | "outing">;

/**
 * What is drawn of the shot in hand: the chosen shutter as it is and sharp, a stop slower, a stop faster, and pieces of the
 * delivery, of the file where that is larger, and of a print, about the upper part of the figure, whose outlines are given. Nothing while there is no picture.
 */
export function previewsOf(
  { input, found, frame: view, outing }: Looked,
  drawn: readonly FigurePiece[],
  others: readonly Beside[] = [],
): Previews | undefined {
  if (!input || !found || !view) return undefined;
  const upright = view.aspect < 1;
  const wide = (px: number): number => Math.round(upright ? px * Math.max(0.5, view.aspect) : px);
  const { shutter } = found.settings.settings;
  const { first, last } = found.settings.rails.shutter;
  const base = { input, found, view, figure: drawn, beside: others, falling: outing.weather?.falls };
  const whole: PictureAsked = { ...base, shutter, width: wide(PREVIEW_WIDTHS.chosen) };
  const loupe = { ...whole, width: PREVIEW_WIDTHS.loupe };
  const zoom = Math.max(1, deliveredPerPixel(loupe));
  const ofFile = (found.sighting.frame.keptLongEdgePx * Math.min(1, view.aspect)) / loupe.width;
  const beside = [shutter - STOP, shutter + STOP].filter((click) => click >= first && click <= last);
  const made = (of: Asked["of"], asked: PictureAsked): Asked => ({
    of,
    shutter: asked.shutter,
    there: previewAt(input, found, asked.shutter),
    picture: pictureOf(asked),
  });
  return {
    pictures: [
      made("chosen", whole),
      made("sharp", { ...whole, sharp: true }),
      ...beside.map((click) =>
        made("beside", { ...base, shutter: click, width: wide(PREVIEW_WIDTHS.beside) }),
      ),
      made("loupe", { ...loupe, zoom, at: headOn(view, drawn) }),
      ...(ofFile > APART * zoom ? [made("sensor", { ...loupe, zoom: ofFile, at: headOn(view, drawn) })] : []),
      made("print", { ...loupe, zoom: printZoom(whole), at: headOn(view, drawn) }),
    ],
    perPixel: deliveredPerPixel(whole),
    room: roomAhead(whole),
    whole,
  };
}

/** A print whose longer side is 40 cm, held at 60 cm, as it looks on a screen at 35 cm, of whose pixels 38 lie in a centimetre (common practice). */
const PRINT = { longCm: 40, atCm: 60, screenAtCm: 35, pxPerCm: 38 };

/** How many times a picture is enlarged for a piece of it to look as in a print at arm's length. */
const printZoom = ({ width, view }: PictureAsked): number => {
  const long = (PRINT.longCm / PRINT.atCm) * PRINT.screenAtCm * PRINT.pxPerCm;
  return Math.max(1, (long * Math.min(1, view.aspect)) / width);
};

/** Pixels across of a picture that is kept. */
const KEPT_WIDTH = 1200;

/** The chosen picture large, as it is saved, and with what it would be taken. */
export function keptPicture({ whole }: Previews) {
  const { input, found, view, shutter } = whole;
  const settings = withShutter(found, shutter);
  return {
    picture: pictureOf({
      ...whole,
      width: Math.round(view.aspect < 1 ? KEPT_WIDTH * view.aspect : KEPT_WIDTH),
    }),
    taken: {
      words: `${input.subject.name} from ${input.position.name}`,
      seconds: shutterSeconds(shutter),
      fNumber: apertureFNumber(settings.aperture),
      iso: isoSpeed(settings.iso),
      focalLengthMm: found.sighting.frame.focalLengthMm,
    },
  };
}

/** The chosen picture at half its size: what is shown while the rest is made. */
export const quickPicture = ({ whole }: Previews): PictureInput =>
  pictureOf({ ...whole, width: Math.round(whole.width / 2) });

/** Where in the frame the upper part of a figure is. */
function headOn(view: NonNullable<Looked["frame"]>, drawn: readonly FigurePiece[]) {
  const top = drawn.flatMap((p) => p.outline).reduce((a, b) => (b[1] > a[1] ? b : a), [0, 0] as const);
  return {
    across: top[0] * view.metreAcross,
    up: (view.aloft ? 0 : view.feet) + top[1] * 0.92 * view.metreUp,
  };
}

/** What falls, and how many metres of it are in the picture at the shutter in hand; nothing in the dry. */
export function fallOf({
  found,
  outing,
}: OutingView):
  { readonly falls: "rain" | "snow"; readonly metres: number; readonly shutter: number } | undefined {
  const falls = outing.weather?.falls;
  if (!falls || !found) return undefined;
  const { shutter } = found.settings.settings;
  return { falls, metres: fallLength(falls, shutterSeconds(shutter)), shutter };
}
