import { useState } from "react";
import { View } from "react-native";
import { rectangleOf, reshaped } from "@/answers/plan/drawing";
import type { Box, Point } from "@/core/ground";
import { rowOf, type Sort, type Thing } from "@/outing/things/sorts";
import {
  hasLooseCorners,
  middleOf,
  moved,
  shapeOf,
  withCorner,
  withCornerAfter,
  withoutCorner,
  type Ref,
} from "@/outing/things/thing";
import { Button } from "@/ui/controls/Button";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { FAR, NameField } from "./ground-fields";
import { useDrawingActions } from "../actions";

export interface FieldsProps<S extends Sort> {
  readonly at: Ref<S>;
  readonly thing: Thing<S>;
}

/** Changes some members of a thing. */
export function useEdit<S extends Sort>(at: Ref<S>): (edit: Partial<Thing<S>>) => void {
  const { change } = useDrawingActions();
  return (edit) => change(at, (thing) => ({ ...thing, ...edit }));
}

/** The name of a thing, and where it lies: what every sort has. */
export function Common<S extends Sort>({ at, thing }: FieldsProps<S>) {
  const { change } = useDrawingActions();
  const { sort } = at;
  const shape = shapeOf(sort, thing);
  const middle = middleOf(shape);
  const moveTo = (to: Partial<Point>): void => {
    const { x, y } = { ...middle, ...to };
    change(at, (t) => moved(sort, t, { x: x - middle.x, y: y - middle.y }));
  };
  return (
    <View className="gap-3">
      <NameField label="Name" value={thing.name} onChange={(name) => change(at, (t) => ({ ...t, name }))} />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="East"
          value={middle.x}
          min={-FAR}
          max={FAR}
          decimals={2}
          onChange={(x) => moveTo({ x })}
        />
        <LengthField
          label="North"
          value={middle.y}
          min={-FAR}
          max={FAR}
          decimals={2}
          onChange={(y) => moveTo({ y })}
        />
      </View>
      {shape.form === "outline" && <BoxFields at={at} thing={thing} />}
    </View>
  );
}

/** Length, depth and bearing of an outline that is a rectangle. */
function BoxFields<S extends Sort>({ at, thing }: FieldsProps<S>) {
  const { change } = useDrawingActions();
  const box = rectangleOf(shapeOf(at.sort, thing).corners, "as-drawn");
  if (!box) return null;
  const reshape = (part: Partial<Box>): void =>
    change(at, (t) => rowOf(at.sort).laid(t, reshaped(box, part)));
  return (
    <View className="flex-row flex-wrap gap-3">
      <LengthField
        label="Length"
        value={box.length}
        min={0.05}
        max={2000}
        decimals={2}
        onChange={(length) => reshape({ length })}
      />
      <LengthField
        label="Depth"
        value={box.width}
        min={0.05}
        max={2000}
        decimals={2}
        onChange={(width) => reshape({ width })}
      />
      <NumberField
        label="Long side points to"
        unit="°"
        decimals={1}
        value={box.bearing}
        min={0}
        max={360}
        onChange={(bearing) => reshape({ bearing })}
      />
    </View>
  );
}

/** Every corner typed: where it is, one more after it, one less. */
export function Corners<S extends Sort>({ at, thing }: FieldsProps<S>) {
  const [open, setOpen] = useState(false);
  const { change } = useDrawingActions();
  const { sort } = at;
  const shape = shapeOf(sort, thing);
  if (shape.form === "point") return null;
  const loose = hasLooseCorners(sort, shape);
  return (
    <View className="gap-2">
      <Button
        label={open ? "Hide the corners" : `Type its ${shape.corners.length} corners`}
        onPress={() => setOpen(!open)}
      />
      {open &&
        shape.corners.map((corner, i) => (
          <View key={i} className="gap-1 border-l-4 border-line pl-3">
            <Txt size={14} tone="ink2">{`Corner ${i + 1}`}</Txt>
            <View className="flex-row flex-wrap items-end gap-2">
              {(["x", "y"] as const).map((axis) => (
                <LengthField
                  key={axis}
                  label={`Corner ${i + 1} ${axis === "x" ? "east" : "north"}`}
                  value={corner[axis]}
                  min={-FAR}
                  max={FAR}
                  decimals={2}
                  onChange={(value) =>
                    change(at, (t) => withCorner(sort, t, i, { ...corner, [axis]: value }))
                  }
                />
              ))}
              {loose && (
                <>
                  <Button
                    label="+"
                    says={`A corner after corner ${i + 1}`}
                    onPress={() => change(at, (t) => withCornerAfter(sort, t, i))}
                  />
                  <Button
                    label="−"
                    says={`Take corner ${i + 1} away`}
                    kind="danger"
                    onPress={() => change(at, (t) => withoutCorner(sort, t, i))}
                  />
                </>
              )}
            </View>
          </View>
        ))}
    </View>
  );
}
