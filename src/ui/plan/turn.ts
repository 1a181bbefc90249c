// Degrees in drawings: the interface turns things on the screen and asks the core nothing.

const RADIANS = Math.PI / 180;

/** Sine and cosine of an angle in degrees. */
export const sinDeg = (degrees: number): number => Math.sin(degrees * RADIANS);
export const cosDeg = (degrees: number): number => Math.cos(degrees * RADIANS);
