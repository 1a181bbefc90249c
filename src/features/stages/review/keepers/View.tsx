import { View } from "react-native";
import type { KeeperFigure } from "@/answers/explain/keeper-sums";
import { counted } from "@/answers/review/keepers";
import type { KeeperRow } from "@/core/review";
import { IntervalChart } from "@/ui/charts/IntervalChart";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { percentWords, settingsWords, shutterWords } from "@/words";
import { removeSeries } from "@/outing/edits";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { SumText } from "../../reasons/SumText";
import { countedAnswer } from "./answers";
import { PlansCurve } from "./PlansCurve";

/** Keepers by shutter over every shot of the outing, and the series that were counted. */
export function Counted() {
  const log = useOuting((v) => v.outing.log);
  const answer = useOuting(countedAnswer);
  const shots = useOuting((v) => v.outing.shots);
  const told = useToldChange();
  const { rows, slowest } = useOuting(counted);
  const shown = slowest.ok ? rows.find((row) => row.click === slowest.value) : undefined;
  if (rows.length === 0)
    return (
      <View className="gap-3">
        <Txt>No frames counted yet. Count a series: frames taken, frames kept.</Txt>
        <PlansCurve />
      </View>
    );
  return (
    <View className="gap-3">
      <IntervalChart
        label="Keepers by shutter"
        rows={rows.map((row) => ({
          key: String(row.click),
          label: shutterWords(row.click),
          share: row.share,
          low: row.low,
          high: row.high,
          note: `${row.kept} of ${row.taken}`,
        }))}
      />
      <View role="list" aria-label="Each share, its sum">
        {rows.map((row) => (
          <Shares key={row.click} row={row} />
        ))}
      </View>
      <SumText of={shown && ["keeper", shown, "low"]} title="The least that is sure" words={answer} />
      <Txt size={14} tone="ink2">
        The bar is where the true share lies, 95 % sure (Wilson 1927): few frames, long bar.
      </Txt>
      <View role="list" aria-label="Counted series">
        {log
          .filter((s) => !s.bursts)
          .map((series) => {
            const name = shots.find((s) => s.id === series.shotId)?.name ?? "";
            return (
              <View key={series.id} role="listitem">
                <Row
                  title={name}
                  detail={settingsWords(series.settings)}
                  value={`${series.kept} of ${series.taken} ✕`}
                  says={`${name}, ${series.kept} of ${series.taken}. Delete this count`}
                  onPress={() => {
                    void told(removeSeries(series.id), "Count deleted");
                  }}
                />
              </View>
            );
          })}
      </View>
    </View>
  );
}

const SHARES = [
  { which: "share", title: "Share that was kept", words: "kept" },
  { which: "low", title: "The least that is sure", words: "at least" },
  { which: "high", title: "The most that is sure", words: "at most" },
] as const satisfies readonly { which: KeeperFigure; title: string; words: string }[];

/** The share at one shutter and what is sure of it, each a press away from its sum. */
function Shares({ row }: { row: KeeperRow }) {
  const at = shutterWords(row.click);
  return (
    <View role="listitem" className="flex-row flex-wrap items-center gap-x-4 border-b border-line">
      <Txt weight={600}>{at}</Txt>
      {SHARES.map(({ which, title, words }) => {
        const says = `${words} ${percentWords(row[which])}`;
        return (
          <AskSum
            key={which}
            of={["keeper", row, which]}
            title={`${title} at ${at}`}
            says={`${at}, ${says}`}
            className="min-h-12 justify-center"
          >
            <Txt>{says}</Txt>
          </AskSum>
        );
      })}
    </View>
  );
}
