import { alongCourse } from "../units";

/** Cloud at an instant, as it was typed or forecast. */
export interface CloudAt {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Eighths of the sky, 0 … 8. */
  readonly eighths: number;
}

/** Eighths of the sky under cloud at an instant, as `alongCourse` has it. */
export const cloudAt = (course: readonly CloudAt[], at: number): number =>
  alongCourse(course, at, ({ eighths }) => eighths);
