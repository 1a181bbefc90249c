import { useState } from "react";
import { View } from "react-native";
import { wayBetween } from "@/answers/plan/way";
import type { Point } from "@/core/ground";
import { fitPicture, movePicture } from "@/outing/trace";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { FileButton } from "@/ui/controls/FileButton";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { useOpenOuting } from "../../../outing/use-outing";
import { KEPT_DAYS } from "../../../store/kept-days";
import { useDrawing } from "./use-drawing";
import { useTraced } from "./use-traced";

/** Px of the plan that a picture takes until it is laid. */
const WIDE = 320;
const SHOWS = [
  { key: "0.25", label: "A quarter" },
  { key: "0.6", label: "More than half" },
  { key: "1", label: "All of it" },
] as const;

/** A photograph of a plan, a screenshot or a drawing under the ground, laid by one line whose length and bearing are known. */
export function TracePicture() {
  const { store } = useOpenOuting();
  const traced = useTraced();
  const { picture, fault, take, lay, carry, remove, restore } = traced;
  const toast = useToast();
  const takeAway = (): void => {
    if (!picture) return;
    remove();
    toast({ words: "Picture taken away", undo: () => restore(picture) });
  };
  const ends = useDrawing((s) => (s.tool.kind === "ruler" ? s.tool.ends : undefined));
  const takeTool = useDrawing((s) => s.take);
  const open = (file: File): void => {
    const { middle } = useDrawing.getState();
    const { centre } = store.getState().view.outing.ground.venue;
    void take(file, middle?.at ?? centre, WIDE / (middle?.pxPerMetre ?? 4));
  };
  const choose = (
    <FileButton
      label={picture ? "Another picture" : "Choose a picture"}
      says="Picture to trace over"
      accept="image/*"
      onFile={open}
    />
  );
  if (!picture)
    return (
      <View className="gap-2">
        <Txt size={14} tone="ink2">
          A photograph of a plan, a screenshot or a drawing. It stays in this browser unless you want it in
          the outing’s file.
        </Txt>
        {fault && <Txt tone="bracken">{fault}</Txt>}
        <View className="flex-row">{choose}</View>
        <BringBack {...traced} />
      </View>
    );
  const line = ends?.length === 2 ? ([ends[0]!, ends[1]!] as const) : undefined;
  return (
    <View className="gap-3">
      <Txt weight={600}>{picture.name}</Txt>
      {fault && <Txt tone="bracken">{fault}</Txt>}
      {line ? (
        <LayByLine
          key={`${line[0].x} ${line[0].y} ${line[1].x} ${line[1].y}`}
          line={line}
          onFit={(known) => {
            const { lie, end } = fitPicture(picture.lie, line, known);
            lay(lie);
            takeTool({ kind: "ruler", ends: [line[0], end] });
          }}
          onMove={() => {
            lay(movePicture(picture.lie, line));
            takeTool({ kind: "ruler", ends: [] });
          }}
        />
      ) : (
        <View className="gap-2">
          <Txt tone="ink2">
            Lay the ruler over something on the picture whose length and direction you know: a goal line, a
            wall.
          </Txt>
          <View className="flex-row">
            <Button label="Lay the ruler" onPress={() => takeTool({ kind: "ruler", ends: [] })} />
          </View>
        </View>
      )}
      <Segmented
        label="How much of the picture shows"
        segments={SHOWS}
        chosen={SHOWS.find((s) => Number(s.key) === picture.lie.shows)?.key ?? "0.6"}
        onChoose={(key) => lay({ shows: Number(key) })}
      />
      <CheckRow
        title="Goes along in the outing’s file"
        detail="else it stays in this browser"
        checked={picture.carried === true}
        onChange={carry}
      />
      <View className="flex-row flex-wrap gap-2">
        {choose}
        <Button label="Take the picture away" kind="danger" onPress={takeAway} />
      </View>
      <BringBack {...traced} />
    </View>
  );
}

/** The last picture that was taken away, or gave way to another. */
function BringBack({
  hasRemoved,
  bringBack,
}: Pick<ReturnType<typeof useTraced>, "hasRemoved" | "bringBack">) {
  if (!hasRemoved) return null;
  return (
    <View className="gap-1">
      <Button label="Bring the last picture back" kind="plain" onPress={() => void bringBack()} />
      <Txt size={14} tone="ink2">{`Kept for ${KEPT_DAYS} days after it was taken away.`}</Txt>
    </View>
  );
}

interface LayProps {
  readonly line: readonly [Point, Point];
  readonly onFit: (known: { length: number; bearing: number }) => void;
  readonly onMove: () => void;
}

/** What the ruler's line is in truth: the picture is scaled and turned about its beginning, or moved along it. */
function LayByLine({ line, onFit, onMove }: LayProps) {
  const [from, to] = line;
  const [length, setLength] = useState(() => wayBetween(from, to).metres);
  const [bearing, setBearing] = useState(() => Math.round(10 * wayBetween(from, to).bearing) / 10);
  return (
    <View className="gap-2">
      <Txt weight={600}>The ruler’s line is in truth</Txt>
      <View className="flex-row flex-wrap gap-3">
        <LengthField label="Length" value={length} min={0.5} max={5000} onChange={setLength} />
        <NumberField label="Runs toward" unit="°" value={bearing} min={0} max={360} onChange={setBearing} />
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Lay the picture so" kind="filled" onPress={() => onFit({ length, bearing })} />
        <Button label="Move it along the ruler" onPress={onMove} />
      </View>
    </View>
  );
}
