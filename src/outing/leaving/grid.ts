import type { Outing } from "@/data";

type Anchor = Outing["ground"]["anchor"];

/** Degrees of latitude of a square's side: a kilometre is a ten-thousandth of the way from equator to pole, within 0.03 %. */
const ROW = 90 / 10_000;
/** Metres of the steps in which a height is told. */
const HEIGHT_STEP = 100;

/** The middle of the square in which a value lies. */
const middleOf = (value: number, step: number): number => (Math.floor(value / step) + 0.5) * step;

/** To seven decimals of a degree, a centimetre. */
const told = (value: number): number => Number(value.toFixed(7));

/**
 * A place in degrees as the middle of its square of a fixed grid of one kilometre, so that of many files of one place none tells
 * more than another. Rows are of equal latitude; within a row squares are a kilometre wide at its middle. Latitude −90 … 90,
 * longitude −180 … 180; heights, in metres, go to the hundred.
 */
export function toGrid({ latitude, longitude, elevation, ...rest }: Anchor): Anchor {
  const middle = Math.min(90, Math.max(-90, middleOf(latitude, ROW)));
  const shrunk = Math.max(Math.cos((middle * Math.PI) / 180), 1e-3);
  const column = Math.min(ROW / shrunk, 360);
  return {
    ...rest,
    latitude: told(middle),
    longitude: told(Math.min(180, Math.max(-180, middleOf(longitude, column)))),
    elevation: Math.round(elevation / HEIGHT_STEP) * HEIGHT_STEP,
  };
}
