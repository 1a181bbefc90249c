/** Cloud at an instant, as it was typed or forecast. */
export interface CloudAt {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Eighths of the sky, 0 … 8. */
  readonly eighths: number;
}

/**
 * Eighths of the sky under cloud at an instant: between two entries in proportion, before the first and after the last as
 * they say. `course` is in rising order and holds one entry or more.
 */
export function cloudAt(course: readonly CloudAt[], at: number): number {
  const next = course.findIndex((c) => c.at > at);
  if (next === 0) return course[0]!.eighths;
  if (next < 0) return course.at(-1)!.eighths;
  const [a, b] = [course[next - 1]!, course[next]!];
  return a.eighths + ((b.eighths - a.eighths) * (at - a.at)) / (b.at - a.at);
}
