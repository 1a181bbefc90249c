import { angleBetween, asBearing } from "../units";

export interface WindAsked {
  /** Bearing in degrees that the wind comes from. */
  readonly from: number;
  /** Bearing in degrees from the position to the spot. */
  readonly view: number;
}

export interface WindFound {
  /** Bearing in degrees that scent, dust and spray are carried to. */
  readonly carries: number;
  /** Whether the photographer's scent is carried to the subject: within 45° of the view (common practice, no source). */
  readonly scentReaches: boolean;
  /**
   * How one sees what heads into the wind, as birds do that land and take off (common practice, no source): toward the camera
   * up to 60°, away from 120°, from the side between.
   */
  readonly intoWind: "toward" | "side" | "away";
}

/** What the wind means for a view. Angles in degrees, any turn. */
export function windFound({ from, view }: WindAsked): WindFound {
  const carries = asBearing(from + 180);
  const turn = angleBetween(from, asBearing(view + 180));
  return {
    carries,
    scentReaches: angleBetween(carries, view) <= 45,
    intoWind: turn <= 60 ? "toward" : turn >= 120 ? "away" : "side",
  };
}
