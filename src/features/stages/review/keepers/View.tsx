import { View } from "react-native";
import { counted } from "@/answers/review/keepers";
import { IntervalChart } from "@/ui/charts/IntervalChart";
import { Message } from "@/ui/controls/Message";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { settingsWords, shutterWords } from "@/words";
import { removeSeries } from "@/outing/edits";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";
import { countedAnswer } from "./answers";

/** Keepers by shutter over every shot of the outing, and the series that were counted. */
export function Counted() {
  const log = useOuting((v) => v.outing.log);
  const answer = useOuting(countedAnswer);
  const shots = useOuting((v) => v.outing.shots);
  const told = useToldChange();
  const { rows } = useOuting(counted);
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
      <Txt>{answer}</Txt>
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
