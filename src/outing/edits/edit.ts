import type { Outing } from "@/data";

/** A change of an outing: a function from one state to the next, the one before left as it was. */
export type Edit = (outing: Outing) => Outing;

/** A list with the item of an id changed. */
export const edited = <T extends { id: string }>(
  items: readonly T[],
  id: string,
  edit: Partial<NoInfer<T>>,
): T[] => items.map((item) => (item.id === id ? { ...item, ...edit } : item));

/** A list with an item written: in the place of the one with its id, else at the end. */
export const put = <T extends { id: string }>(items: readonly T[], item: T): T[] =>
  items.some((i) => i.id === item.id) ? items.map((i) => (i.id === item.id ? item : i)) : [...items, item];

export const editGround =
  (edit: (ground: Outing["ground"]) => Partial<Outing["ground"]>): Edit =>
  (outing) => ({ ...outing, ground: { ...outing.ground, ...edit(outing.ground) } });

export const editLight =
  (edit: (light: Outing["light"]) => Partial<Outing["light"]>): Edit =>
  (outing) => ({ ...outing, light: { ...outing.light, ...edit(outing.light) } });
