/** An electronic shutter reads the sensor line by line. */
export interface RollingShutterInput {
  /** Speed of the image on the sensor in mm/s across the lines. */
  readonly imageMmPerSecond: number;
  /** Seconds from the first line to the last. */
  readonly readout: number;
}

/** By how many mm an upright leans on the sensor between its first and last line: image speed × readout time. */
export const rollingShutterLeanMm = ({ imageMmPerSecond, readout }: RollingShutterInput): number =>
  imageMmPerSecond * readout;
