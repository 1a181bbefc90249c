import { View } from "react-native";
import { keepersBy, slowestThatKeeps } from "@/core/review";
import { IntervalChart } from "@/ui/charts/IntervalChart";
import { Message } from "@/ui/controls/Message";
import { Row } from "@/ui/controls/Row";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { keepersSentence, settingsWords, shutterWords } from "@/words";
import { removeSeries } from "@/outing/edits";
import type { OutingView } from "@/outing/outing-view";
import { useCommit, useOuting } from "../../outing/use-outing";

/** Half of the frames kept is what a setting has to show to be called one that keeps (common practice: few ask for more). */
const HALF = 0.5;

/** The slowest shutter that keeps half, over what was counted. */
export const countedAnswer = ({ outing }: OutingView): string =>
  outing.log.length === 0
    ? "nothing counted yet"
    : keepersSentence(slowestThatKeeps(keepersBy("shutter", outing.log), HALF));

/** Keepers by shutter over every shot of the outing, and the series that were counted. */
export function Counted() {
  const log = useOuting((v) => v.outing.log);
  const shots = useOuting((v) => v.outing.shots);
  const commit = useCommit();
  const toast = useToast();
  const rows = keepersBy("shutter", log);
  if (rows.length === 0)
    return (
      <Message
        title="No frames counted yet"
        body="Count a series: frames taken, frames kept. The share of keepers is then drawn by shutter."
      />
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
      <Txt>{keepersSentence(slowestThatKeeps(rows, HALF))}</Txt>
      <Txt size={14} tone="ink2">
        The bar is where the true share lies, 95 % sure (Wilson 1927): few frames, long bar.
      </Txt>
      <View role="list" aria-label="Counted series">
        {log.map((series) => {
          const name = shots.find((s) => s.id === series.shotId)?.name ?? "";
          return (
            <View key={series.id} role="listitem">
              <Row
                title={name}
                detail={settingsWords(series.settings)}
                value={`${series.kept} of ${series.taken} ✕`}
                says={`${name}, ${series.kept} of ${series.taken}. Delete this count`}
                onPress={() => {
                  commit(removeSeries(series.id));
                  toast({
                    words: "Count deleted",
                    undo: () => commit((s) => ({ ...s, log: [...s.log, series] })),
                  });
                }}
              />
            </View>
          );
        })}
      </View>
    </View>
  );
}
