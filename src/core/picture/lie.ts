import { cosDeg, sinDeg } from "../units";
import type { FrameView, InFrame } from "../judge";
import type { PixelPoint } from "./raster";

/** Where things lie on the drawing. */
export interface Lie {
  /** Pixels of the drawing. */
  readonly width: number;
  /** Pixels. */
  readonly height: number;
  readonly place: (at: InFrame) => PixelPoint;
  /** Pixels of the drawing for a share of the frame's width. */
  readonly across: number;
  /** Pixels of the drawing for a share of the frame's height. */
  readonly up: number;
}

/** A place in the picture that something stands at. */
export interface Standing {
  /** Where its foot is, or its middle off the ground. */
  readonly foot: InFrame;
  /** A metre there as a share of the frame's width, and of its height. */
  readonly metreAcross: number;
  /** A share of the frame's height. */
  readonly metreUp: number;
  /** Metres from the lens along its axis. */
  readonly distance: number;
}

/** Where something stands on the ground so many metres to the right of the subject in the picture and beyond it. */
export function standingAt(view: FrameView, right: number, beyond: number): Standing {
  const { lens, subjectDistance, metreAcross, metreUp } = view;
  const forward = lens.away + beyond;
  const along = Math.max(0.3, forward * cosDeg(lens.dip) + lens.height * sinDeg(lens.dip));
  const up = forward * sinDeg(lens.dip) - lens.height * cosDeg(lens.dip);
  const scale = subjectDistance / along;
  return {
    foot: { across: right * scale * metreAcross, up: up * scale * metreUp },
    metreAcross: metreAcross * scale,
    metreUp: metreUp * scale,
    distance: along,
  };
}

/** Where the subject itself stands. */
export const subjectStands = (view: FrameView): Standing => ({
  foot: { across: 0, up: view.aloft ? 0 : view.feet },
  metreAcross: view.metreAcross,
  metreUp: view.metreUp,
  distance: view.subjectDistance,
});
