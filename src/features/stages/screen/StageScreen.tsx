import { useEffect, useMemo } from "react";
import { ScrollView, View } from "react-native";
import { useLeaveToast } from "@/ui/layout/toast";
import { Button } from "@/ui/controls/Button";
import { Drawer } from "@/ui/layout/Drawer";
import { useLayout, type Layout } from "@/ui/layout/use-layout";
import { useAsking } from "../../layout/asking";
import { useOuting } from "../../outing/use-outing";
import { shotTitle, timeNote } from "../shot/titles";
import { OutingStrip } from "./OutingStrip";
import type { Panel } from "./panel";
import { FurtherTools, PanelView } from "./PanelView";
import { StageFrame } from "./StageFrame";
import { STAGES, type StageKey } from "./stages";
import { useUnfolded } from "./unfolded";

interface Props {
  readonly stage: StageKey;
  readonly panels: readonly Panel[];
  /** Over the sheet under a drawing; the shot in hand when left out. */
  readonly title?: string;
}

/** Any stage, drawn from the list of its panels: those that apply, each where its list says for the size of the screen. */
export function StageScreen({ stage, panels, title }: Props) {
  const layout = useLayout();
  const leaveToast = useLeaveToast();
  useEffect(() => leaveToast, [leaveToast, stage]);
  const ids = useOuting((view) =>
    panels
      .filter((p) => p.when(view))
      .map((p) => p.id)
      .join(" "),
  );
  const applying = useMemo(() => panels.filter((p) => ids.split(" ").includes(p.id)), [panels, ids]);
  const { strip } = STAGES.find((s) => s.key === stage)!;
  const placed = applying.map((panel) => ({ panel, slot: slotOf(panel, layout) }));
  const Columns = layout.columns ? TwoColumns : OneColumn;
  return (
    <StageFrame stage={stage}>
      <Columns placed={placed} strip={strip} title={title} />
    </StageFrame>
  );
}

type Slot = Panel["phone" | "wide"];

function slotOf(panel: Panel, { columns, lying }: Layout): Slot {
  if (!columns) return panel.phone;
  return (lying && panel.lying) || panel.wide;
}

interface Placed {
  readonly panel: Panel;
  readonly slot: Slot;
}

interface ColumnProps {
  readonly placed: readonly Placed[];
  readonly strip: boolean;
  readonly title: string | undefined;
}

const SCROLLS = ["lead", "open", "folded"] as const;

/** The panels of some slots in the order of their list; of the folded ones those that few shots need come last, behind one press. */
function Slots({ placed, slots }: { placed: readonly Placed[]; slots: readonly Slot[] }) {
  const here = placed.filter(({ slot }) => slots.includes(slot));
  const isFurther = ({ panel, slot }: Placed): boolean => slot === "folded" && panel.further === true;
  const further = here.filter(isFurther).map(({ panel }) => panel);
  return (
    <>
      {here
        .filter((one) => !isFurther(one))
        .map(({ panel, slot }) => (
          <PanelView key={panel.id} panel={panel} slot={slot} />
        ))}
      {further.length > 0 && <FurtherTools panels={further} />}
    </>
  );
}

/** What each panel of the screen answers, those without a head of their own too, and a field to ask anything. */
function WhatStandsHere() {
  const open = useAsking((s) => s.open);
  return (
    <View className="border-t border-line pt-1">
      <Button label="? What is on this screen" kind="plain" className="-ml-3 self-start" onPress={open} />
    </View>
  );
}

const has = (placed: readonly Placed[], ...slots: Slot[]): boolean =>
  placed.some(({ slot }) => slots.includes(slot));

function OneColumn({ placed, strip, title }: ColumnProps) {
  const { low } = useLayout();
  if (has(placed, "fill")) return <UnderDrawing placed={placed} strip={strip} title={title} />;
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="gap-3 px-4 pb-6">
        <Slots placed={placed} slots={SCROLLS} />
        <WhatStandsHere />
      </ScrollView>
      <Slots placed={placed} slots={["foot"]} />
      {strip && <OutingStrip height={low ? "low" : "folded"} />}
    </View>
  );
}

/** A drawing that keeps half of the height, and under it a sheet that peeks and rises. */
function UnderDrawing({ placed, strip, title }: ColumnProps) {
  const { low } = useLayout();
  const shot = useOuting(shotTitle);
  const note = useOuting(timeNote);
  const raised = useUnfolded((s) => s.raised);
  const raise = useUnfolded((s) => s.raise);
  return (
    <View className="min-h-0 flex-1">
      <View className="min-h-[50%] flex-1">
        <Slots placed={placed} slots={["fill"]} />
      </View>
      <Drawer
        title={title ?? shot}
        note={title ? "" : note}
        raised={raised}
        onRaise={raise}
        peek={<Slots placed={placed} slots={["lead"]} />}
      >
        <Slots placed={placed} slots={["open", "folded"]} />
        <WhatStandsHere />
      </Drawer>
      <Slots placed={placed} slots={["foot"]} />
      {/* What is drawn needs the room while its sheet is up. */}
      {strip && !(title && raised) && (
        <OutingStrip height={low ? "low" : raised || title ? "folded" : "full"} />
      )}
    </View>
  );
}

function TwoColumns({ placed, strip }: ColumnProps) {
  const { side, low } = useLayout();
  const hasSide = strip || has(placed, "foot", ...SCROLLS);
  return (
    <View className="min-h-0 flex-1 flex-row">
      <Broad placed={placed} />
      {hasSide && (
        <View className="border-l border-line bg-sheet" style={{ width: side }}>
          <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
            <Slots placed={placed} slots={SCROLLS} />
            <WhatStandsHere />
          </ScrollView>
          <Slots placed={placed} slots={["foot"]} />
          {strip && <OutingStrip height={low ? "low" : "full"} />}
        </View>
      )}
    </View>
  );
}

/** The broad column: a drawing that keeps half of the height, with what stands above it and what scrolls below it; or what scrolls. */
function Broad({ placed }: { placed: readonly Placed[] }) {
  const drawing = placed.findIndex(({ slot }) => slot === "fill");
  if (drawing >= 0) {
    const below = placed.slice(drawing + 1).filter(({ slot }) => slot === "main");
    return (
      <View className="min-w-0 flex-1">
        <View className="px-5 py-3 empty:hidden">
          <Slots placed={placed.slice(0, drawing)} slots={["main"]} />
        </View>
        <View className="min-h-[50%] flex-1">
          <Slots placed={placed} slots={["fill"]} />
        </View>
        {below.length > 0 && (
          <ScrollView className="shrink grow-0 border-t border-line" contentContainerClassName="px-5 py-3">
            <Slots placed={below} slots={["main"]} />
          </ScrollView>
        )}
      </View>
    );
  }
  return (
    <ScrollView className="min-w-0 flex-1" contentContainerClassName="flex-row flex-wrap gap-5 p-5">
      {placed.map(({ panel, slot }) =>
        slot === "main" || slot === "half" ? (
          <View key={panel.id} className={slot === "half" ? "min-w-[min(100%,420px)] flex-1" : "w-full"}>
            <PanelView panel={panel} slot={slot} />
          </View>
        ) : null,
      )}
    </ScrollView>
  );
}
