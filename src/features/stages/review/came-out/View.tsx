import { useMemo, useState } from "react";
import { View } from "react-native";
import { cameOut, type CameOut, type KeepersBy } from "@/answers/review/frames/came-out";
import { IntervalChart } from "@/ui/charts/IntervalChart";
import { ShareCurve } from "@/ui/charts/ShareCurve";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { shutterWords } from "@/words";
import { NO_FRAMES_WORDS } from "@/words/frames";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import type { FramesState } from "../frames/frames-store";
import { useDay } from "../frames/use-day";
import { PlansCurve } from "../keepers/PlansCurve";
import { BlurAgainst } from "./BlurAgainst";
import { FoundOnStrip } from "./FoundOnStrip";
import { Lessons } from "./Lessons";
import { PromisedBars } from "./PromisedBars";
import { WhereStood } from "./WhereStood";

/** What came out of the frames of the day, drawn: each part stands only where there is something to say. */
export function WhatCameOut() {
  const { bursts, state } = useDay();
  const [more, setMore] = useState(false);
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const shot = useOuting((v) => v.shot);
  const out = useMemo(
    () => cameOut(store.getState().view, bursts),
    // The plan hangs on the outing and the shot in hand.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [bursts, outing, shot, store],
  );
  if (out.judged === 0) return <NothingJudged out={out} state={state} />;
  return (
    <View className="gap-4">
      <Lessons out={out} bursts={bursts} />
      <Part title="Promised and kept">
        <PromisedBars rows={out.shots} of="shots" />
        {out.people.length > 0 && <PromisedBars rows={out.people} of="people" />}
      </Part>
      <Shutter out={out} />
      <Button
        label="More of the day"
        kind="plain"
        className="-ml-3 self-start"
        expanded={more}
        onPress={() => setMore(!more)}
      />
      {more && <MoreOfTheDay out={out} />}
      <Txt size={14} tone="ink2">{`${out.judged} of ${out.frames} frames judged.`}</Txt>
    </View>
  );
}

/** Before anything was judged: the promises and the plan's curve, on which it will stand. */
function NothingJudged({ out, state }: { out: CameOut; state: FramesState["state"] }) {
  // Beside it a wide screen has the contact sheet, which says it.
  const { columns } = useLayout();
  return (
    <View className="gap-4">
      {out.frames > 0 ? (
        <Txt>
          Nothing judged yet. Keep, perhaps, away on the contact sheet: a burst counts once all of its frames
          are judged.
        </Txt>
      ) : columns ? null : (
        <View>
          <Txt weight={600}>{NO_FRAMES_WORDS[state].title}</Txt>
          <Txt>{NO_FRAMES_WORDS[state].body}</Txt>
        </View>
      )}
      <Part title="Promised">
        <PromisedBars rows={out.shots} of="shots" />
      </Part>
      <PlansCurve />
    </View>
  );
}

/** By lens, light, place and time; the light against the plan; blur against its budget; where one stood. */
function MoreOfTheDay({ out }: { out: CameOut }) {
  return (
    <View className="gap-4">
      <ByOther out={out} />
      <Part title="Light and ISO, found and planned">
        <FoundOnStrip found={out.found} />
      </Part>
      {out.smears.length > 0 && (
        <Part title="Blur against its budget">
          <BlurAgainst smears={out.smears} />
        </Part>
      )}
      {out.stood.length > 0 && (
        <Part title="Where you stood">
          <WhereStood stood={out.stood} />
        </Part>
      )}
    </View>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <View role="group" aria-label={title} className="gap-1">
      <Txt weight={600}>{title}</Txt>
      {children}
    </View>
  );
}

/** Keepers by shutter with what the plan had behind them. */
function Shutter({ out }: { out: CameOut }) {
  const shutters = out.byShutter.map((r) => r.click);
  const [low, high] = [Math.min(...shutters) - 2, Math.max(...shutters) + 2];
  const points = out.model
    .filter((m) => m.shutter >= low && m.shutter <= high)
    .map((m) => ({ at: m.shutter, share: m.chance }));
  if (points.length < 2)
    return (
      <Part title="Keepers by shutter">
        <IntervalChart
          label="Keepers by shutter"
          rows={out.byShutter.map((r) => ({
            ...r,
            key: String(r.click),
            label: shutterWords(r.click),
            note: `${r.kept} of ${r.taken}`,
          }))}
        />
      </Part>
    );
  return (
    <Part title="Keepers by shutter, the plan's curve behind">
      <ShareCurve
        label="Keepers by shutter"
        points={points}
        counted={out.byShutter.map(({ click, share, low: l, high: h }) => ({
          at: click,
          share,
          low: l,
          high: h,
        }))}
        marked={out.byShutter.toSorted((a, b) => b.taken - a.taken)[0]!.click}
        wordsAt={shutterWords}
        every={3}
      />
    </Part>
  );
}

const BY: readonly { readonly key: KeepersBy; readonly label: string }[] = [
  { key: "lens", label: "Lens" },
  { key: "light", label: "Light" },
  { key: "place", label: "Place" },
  { key: "minute", label: "Time" },
];

function ByOther({ out }: { out: CameOut }) {
  const [by, setBy] = useState<KeepersBy>("lens");
  return (
    <Part title="Keepers by">
      <Segmented label="Keepers by" segments={BY} chosen={by} onChoose={setBy} />
      <IntervalChart
        label={`Keepers by ${by}`}
        rows={out.by[by].map((r) => ({ ...r, label: r.key, note: `${r.kept} of ${r.taken}` }))}
      />
    </Part>
  );
}
