import { useMemo } from "react";
import { View } from "react-native";
import type { Point } from "@/core/ground";
import { Button } from "@/ui/controls/Button";
import { useToast } from "@/ui/controls/toast";
import { useSize } from "@/ui/layout/useSize";
import { PlanCanvas } from "@/ui/plan/PlanCanvas";
import type { Handle } from "@/ui/plan/usePlanGestures";
import { metresWords } from "@/words";
import { editChoice, editSpot, movePosition, takeShot } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";
import { directSun, GroundDrawing } from "./drawing/GroundDrawing";
import { SheetMarks } from "./drawing/SheetMarks";
import { SunComb } from "./drawing/SunComb";
import { usePlaceSearch } from "./place-search";
import { useGroundView } from "./useGroundView";

/** Px between the place and the middle of its tag. */
const TAG_LIFT = 20;
const POSITION = "position:";
const SPOT = "spot:";

const centimetres = ({ x, y }: Point): Point => ({
  x: Math.round(x * 100) / 100,
  y: Math.round(y * 100) / 100,
});

/** The plan of the ground under the finger: positions are dragged, positions and spots are tapped. `close` shows the shot alone. */
export function GroundPlan({ close = false }: { close?: boolean }) {
  const state = useOuting();
  const { scene, shot, choice, assessments, change } = state;
  const { ground } = scene;
  const [size, onLayout] = useSize();
  const place = ground.positions.find((p) => p.id === choice.positionId);
  const spot = ground.spots.find((s) => s.id === shot.spotId);
  const spokenOf = close && place && spot ? [place.at, spot.at] : undefined;
  const { view, setView, fit, isMoved } = useGroundView(ground, size, spokenOf);
  const toast = useToast();
  const search = usePlaceSearch();
  const found = search.state.kind === "found" ? search.state.places : undefined;

  const handles = useMemo<Handle[]>(
    () => [
      ...ground.positions.map((p) => ({ id: POSITION + p.id, at: p.at, movable: true, lift: TAG_LIFT })),
      ...ground.spots.map((s) => ({ id: SPOT + s.id, at: s.at, movable: s.id === shot.spotId, lift: 0 })),
    ],
    [ground, shot.spotId],
  );
  const move = (id: string, to: Point, keep: boolean): void => {
    const at = centimetres(to);
    const edit = id.startsWith(SPOT)
      ? editSpot(id.slice(SPOT.length), { at })
      : movePosition(id.slice(POSITION.length), { at });
    change(edit, { keep });
  };

  const onDragEnd = (id: string, to: Point, from: Point): void => {
    move(id, to, true);
    const moved = [...ground.positions, ...ground.spots].find((p) => id.endsWith(`:${p.id}`));
    const name = moved?.name ?? "";
    const by = metresWords(Math.hypot(to.x - from.x, to.y - from.y));
    toast({ words: `${name} moved ${by}`, undo: () => move(id, from, true) });
  };
  const onTap = (id: string | undefined): void => {
    if (id?.startsWith(POSITION)) change(editChoice(shot.id, { positionId: id.slice(POSITION.length) }));
    const there = state.outing.shots.find((s) => SPOT + s.spotId === id);
    if (there) change(takeShot(there.id));
  };
  const without =
    scene.sun.apparentAltitude <= 0 ? "sun is down" : directSun(scene) ? undefined : "no direct sun";
  return (
    <View className="min-h-0 flex-1 overflow-hidden bg-paper" onLayout={onLayout}>
      <PlanCanvas
        label={`Plan of ${state.outing.place}. Positions ${ground.positions.map((p) => p.name).join(", ")}.`}
        view={view}
        onView={setView}
        handles={handles}
        onDrag={(id, to) => move(id, to, false)}
        onDragEnd={onDragEnd}
        onTap={onTap}
        draw={(v) => (
          <GroundDrawing
            view={v}
            scene={scene}
            shot={shot}
            positionId={choice.positionId}
            assessments={assessments}
            found={found}
          />
        )}
        edge={(v) => (
          <>
            <SunComb view={v} sun={scene.sun} without={without} />
            <SheetMarks view={v} />
          </>
        )}
      />
      {isMoved && (
        <View className="absolute left-2 top-2">
          <Button label="Whole ground" onPress={fit} className="bg-sheet" />
        </View>
      )}
    </View>
  );
}
