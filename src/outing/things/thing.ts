import type { Point } from "@/core/ground";
import { cosDeg, sinDeg } from "@/core/units";
import type { Outing } from "@/data";
import { PUT_SORTS, rowOf, SORT_NAMES, type Shape, type Sort, type Thing } from "./sorts";

/** What names a thing of a ground. */
export interface Ref<S extends Sort = Sort> {
  readonly sort: S;
  readonly id: string;
}

export const keyOf = ({ sort, id }: Ref): string => `${sort}:${id}`;

/** The thing that a key names; nothing where it is no key. */
export function refOf(key: string): Ref | undefined {
  const [sort, ...id] = key.split(":");
  const known = SORT_NAMES.find((s) => s === sort);
  return known && id.length > 0 ? { sort: known, id: id.join(":") } : undefined;
}

type Grounded = Pick<Outing, "ground">;

/** A thing of an outing, if it is there. */
export const thingOf = <S extends Sort>({ ground }: Grounded, { sort, id }: Ref<S>): Thing<S> | undefined =>
  rowOf(sort)
    .of(ground)
    .find((thing) => thing.id === id);

export const shapeOf = <S extends Sort>(sort: S, thing: Thing<S>): Shape => rowOf(sort).shape(thing);

/** Every thing that was put on a ground and lies somewhere. */
export function thingsOf({
  ground,
}: Grounded): { readonly ref: Ref; readonly thing: Thing; readonly shape: Shape }[] {
  return PUT_SORTS.flatMap((sort) =>
    rowOf(sort)
      .of(ground)
      .map((thing) => ({ ref: { sort, id: thing.id }, thing, shape: shapeOf(sort, thing) }))
      .filter(({ shape }) => shape.corners.length > 0),
  );
}

/** The middle of a shape: the mean of its corners, which a turn about it leaves where it is. */
export const middleOf = ({ corners }: Pick<Shape, "corners">): Point => ({
  x: corners.reduce((sum, p) => sum + p.x, 0) / corners.length,
  y: corners.reduce((sum, p) => sum + p.y, 0) / corners.length,
});

/** A thing moved as a whole, in metres. */
export const moved = <S extends Sort>(sort: S, thing: Thing<S>, by: Point): Thing<S> =>
  rowOf(sort).laid(
    thing,
    shapeOf(sort, thing).corners.map((p) => ({ x: p.x + by.x, y: p.y + by.y })),
  );

/** A thing turned clockwise about its middle, in degrees, with the bearings that it has. */
export function turned<S extends Sort>(sort: S, thing: Thing<S>, by: number): Thing<S> {
  const shape = shapeOf(sort, thing);
  const row = rowOf(sort);
  const about = middleOf(shape);
  const [c, s] = [cosDeg(by), sinDeg(by)];
  const corners = shape.corners.map(({ x, y }) => {
    const [dx, dy] = [x - about.x, y - about.y];
    return { x: about.x + dx * c + dy * s, y: about.y - dx * s + dy * c };
  });
  return row.turned(row.laid(thing, corners), by);
}

/** A thing with one corner elsewhere. */
export const withCorner = <S extends Sort>(sort: S, thing: Thing<S>, index: number, to: Point): Thing<S> =>
  rowOf(sort).laid(
    thing,
    shapeOf(sort, thing).corners.map((p, i) => (i === index ? to : p)),
  );

/** Corners that a form needs at least. */
const LEAST = { point: 1, line: 2, outline: 3 } as const;

/** Whether a corner can be taken from a shape, or added to it: a rod keeps its two ends. */
export const hasLooseCorners = (sort: Sort, { form }: Shape): boolean =>
  form === "outline" || (form === "line" && sort === "track");

/** A thing with a corner more, half way after the corner of an index. */
export function withCornerAfter<S extends Sort>(sort: S, thing: Thing<S>, index: number): Thing<S> {
  const { corners } = shapeOf(sort, thing);
  const a = corners[index]!;
  const b = corners[(index + 1) % corners.length]!;
  const between = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  return rowOf(sort).laid(thing, corners.toSpliced(index + 1, 0, between));
}

/** A thing without one of its corners; as it was where it needs all of them. */
export function withoutCorner<S extends Sort>(sort: S, thing: Thing<S>, index: number): Thing<S> {
  const { corners, form } = shapeOf(sort, thing);
  return corners.length > LEAST[form] ? rowOf(sort).laid(thing, corners.toSpliced(index, 1)) : thing;
}
