import DrawIcon from "lucide-react-native/icons/pencil";
import { useMemo, type ReactNode } from "react";
import { View } from "react-native";
import type { Point } from "@/core/ground";
import type { Outing } from "@/data";
import { Button, IconButton } from "@/ui/controls/Button";
import { useToast } from "@/ui/layout/toast";
import { useSize } from "@/ui/layout/use-size";
import { useLayout } from "@/ui/layout/use-layout";
import { PlanCanvas } from "@/ui/plan/PlanCanvas";
import type { Handle } from "@/ui/plan/usePlanGestures";
import type { PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { metresWords, NO_SUN_WORDS } from "@/words";
import { editSpot, movePosition } from "@/outing/edits";
import { clearTop } from "@/ui/plan/clear-place";
import { toCentimetre } from "@/outing/rounded";
import { usePlace } from "../../../device/place";
import { Late } from "../../../layout/Late";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useUnfolded } from "../../screen/unfolded";
import { useDrawing } from "../draw/use-drawing";
import { sunKeptOff } from "@/answers/plan/light";
import { Grass, Lit, Names, Standing, SunShadows } from "../drawing/GroundDrawing";
import type { FirstLabel } from "../drawing/SpotLabels";
import { SheetMarks } from "../drawing/SheetMarks";
import { SunComb } from "./SunComb";
import { usePositionSearch } from "../other-positions/position-search";
import { useGroundView } from "../drawing/use-ground-view";

/** Px between the place and the middle of its tag. */
const TAG_LIFT = 20;
const POSITION = "position:";
const SPOT = "spot:";

interface Props {
  /** What is drawn over the ground and under its names. */
  readonly under?: (view: PlanView) => ReactNode;
  /** Labels that are written before the names. */
  readonly first?: readonly FirstLabel[];
}

/** Px from the top at which the pencil stands where nothing is there. */
const PENCIL = 72;

/** The plan of the ground under the finger: positions are dragged, positions and spots are tapped. Under a raised sheet it shows the shot alone. */
export function GroundPlan({ under, first }: Props) {
  const ground = useOuting((v) => v.outing.ground);
  const name = useOuting((v) => v.outing.place);
  const spot = useOuting((v) => v.spot);
  const position = useOuting((v) => v.position);
  const { columns } = useLayout();
  const close = useUnfolded((s) => s.raised) && !columns;
  const { store, takeShot, standAt } = useOpenOuting();
  const commit = useCommit();
  const [size, onLayout] = useSize();
  const spokenOf = close && position ? [position.at, spot.at] : undefined;
  const { view, setView, fit, isMoved } = useGroundView(ground, size, { close: spokenOf });
  const toast = useToast();
  const draw = useDrawing((s) => s.start);
  const search = usePositionSearch();
  const found = search.state.kind === "done" ? search.state.value : undefined;

  const handles = useMemo<Handle[]>(
    () => [
      ...ground.positions.map((p) => ({ id: POSITION + p.id, at: p.at, movable: true, lift: TAG_LIFT })),
      ...ground.spots.map((s) => ({ id: SPOT + s.id, at: s.at, movable: s.id === spot.id, lift: 0 })),
    ],
    [ground, spot.id],
  );
  const move = (id: string, to: Point, keep: boolean): void => {
    const at = toCentimetre(to);
    const edit = id.startsWith(SPOT)
      ? editSpot(id.slice(SPOT.length), { at })
      : movePosition(id.slice(POSITION.length), { at });
    commit(edit, { keep });
  };

  const onDragEnd = (id: string, to: Point, from: Point): void => {
    move(id, to, true);
    const moved = [...ground.positions, ...ground.spots].find((p) => id.endsWith(`:${p.id}`));
    const name = moved?.name ?? "";
    const by = metresWords(Math.hypot(to.x - from.x, to.y - from.y));
    toast({ words: `${name} moved ${by}`, undo: () => move(id, from, true) });
  };
  const onTap = (id: string | undefined): void => {
    if (id?.startsWith(POSITION)) standAt(id.slice(POSITION.length));
    const there = store.getState().view.outing.shots.find((s) => SPOT + s.spotId === id);
    if (there) takeShot(there.id);
  };
  return (
    <View className="min-h-0 flex-1 overflow-hidden bg-paper" onLayout={onLayout}>
      <PlanCanvas
        label={`Plan of ${name}. Positions ${ground.positions.map((p) => p.name).join(", ")}.`}
        view={view}
        onView={setView}
        handles={handles}
        onDrag={(id, to) => move(id, to, false)}
        onDragEnd={onDragEnd}
        onTap={onTap}
        layers={[
          (v) => <Grass view={v} />,
          (v) => <SunShadows view={v} />,
          (v) => <Standing view={v} found={found} />,
          (v) => <Lit view={v} />,
          ...(under ? [under] : []),
          (v) => <Me view={v} />,
        ]}
        names={(v) => <Names view={v} found={found} first={first} />}
        edge={(v) => (
          <>
            <Comb view={v} />
            <SheetMarks view={v} />
          </>
        )}
      />
      {isMoved && (
        <View className="absolute left-2 top-2">
          <Button label="Whole ground" onPress={fit} className="bg-sheet" />
        </View>
      )}
      {!close && <Pencil view={view} ground={ground} onPress={() => draw(isMoved ? view : undefined)} />}
    </View>
  );
}

/** What begins drawing, where it covers no position and no spot. */
function Pencil({
  view,
  ground,
  onPress,
}: {
  view: PlanView | undefined;
  ground: Outing["ground"];
  onPress: () => void;
}) {
  const { water } = useTokens();
  const places = [...ground.positions, ...ground.spots].map((p) => p.at);
  return (
    <View
      className="absolute right-1 rounded-full bg-sheet"
      style={{ top: view ? clearTop(view, places, PENCIL) : PENCIL }}
    >
      <IconButton label="Draw the ground" onPress={onPress}>
        <DrawIcon size={24} color={water} />
      </IconButton>
    </View>
  );
}

const loadMyPlace = async () => (await import("../drawing/MyPlaceHere")).MyPlaceHere;

/** Where the device is, once it is asked. */
function Me({ view }: { view: PlanView }) {
  const isAsked = usePlace((s) => s.on);
  return isAsked ? <Late load={loadMyPlace}>{(MyPlaceHere) => <MyPlaceHere view={view} />}</Late> : null;
}

/** The comb of the minute's sun, or the word that stands where there is none. */
function Comb({ view }: { view: PlanView }) {
  const sun = useOuting((v) => v.scene.sun);
  const keptOff = useOuting((v) => sunKeptOff(v.scene));
  return <SunComb view={view} sun={sun} without={keptOff && NO_SUN_WORDS[keptOff]} />;
}
