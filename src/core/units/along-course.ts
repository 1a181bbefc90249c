/**
 * A value along the clock: between two entries in proportion, before the first and after the last as they say. `course` is in
 * rising order of its instants in epoch milliseconds and holds one entry or more.
 */
export function alongCourse<T extends { readonly at: number }>(
  course: readonly T[],
  at: number,
  value: (entry: T) => number,
): number {
  const next = course.findIndex((entry) => entry.at > at);
  if (next === 0) return value(course[0]!);
  if (next < 0) return value(course.at(-1)!);
  const [before, after] = [course[next - 1]!, course[next]!];
  return value(before) + ((value(after) - value(before)) * (at - before.at)) / (after.at - before.at);
}
