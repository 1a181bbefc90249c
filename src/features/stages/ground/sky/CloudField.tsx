import { View } from "react-native";
import { cloudByHour } from "@/answers/ground/cloud-by-hour";
import type { Outing } from "@/data";
import { Segmented } from "@/ui/controls/Segmented";
import { Stepper } from "@/ui/controls/Stepper";
import { setCloud, setCloudHours, setPassing } from "@/outing/edits";
import { Txt } from "@/ui/controls/Txt";
import { timeWords } from "@/words";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";

const NAMES = [
  "clear",
  "clear",
  "few clouds",
  "few clouds",
  "half the sky",
  "half the sky",
  "mostly cloudy",
  "mostly cloudy",
  "overcast",
];

/** Cloud in eighths, as it is counted and as it looks. */
export const cloudWords = (eighths: number): string => `${eighths}/8, ${NAMES[eighths]}`;

type CloudHours = NonNullable<Outing["light"]["cloudHours"]>;

/** Cloud in eighths of the sky: the same all the time, or by the hour. */
export function CloudField() {
  const hours = useOuting((v) => v.outing.light.cloudHours);
  const { store } = useOpenOuting();
  const commit = useCommit();
  return (
    <>
      <Segmented
        label="Cloud over the outing"
        segments={[
          { key: "same", label: "The same" },
          { key: "hours", label: "By the hour" },
        ]}
        chosen={hours ? "hours" : "same"}
        onChoose={(key) =>
          commit(setCloudHours(key === "hours" ? cloudByHour(store.getState().view) : undefined))
        }
      />
      {hours ? <ByTheHour hours={hours} /> : <Steady />}
    </>
  );
}

function ByTheHour({ hours }: { hours: CloudHours }) {
  const commit = useCommit();
  return (
    <View role="group" aria-label="Cloud by the hour" className="gap-2">
      {hours.map((hour, i) => (
        <Stepper
          key={hour.at}
          label={`Cloud at ${timeWords(hour.at)}`}
          value={hour.eighths}
          words={cloudWords(hour.eighths)}
          min={0}
          max={8}
          onChange={(eighths) =>
            commit(setCloudHours(hours.map((h, k) => (k === i ? { ...h, eighths } : h))))
          }
        />
      ))}
      <Txt size={14} tone="ink2">
        Between two hours it changes evenly.
      </Txt>
    </View>
  );
}

function Steady() {
  const { cloudEighths: eighths, passing = false } = useOuting((v) => v.outing.light);
  const commit = useCommit();
  return (
    <>
      <Stepper
        label="Cloud"
        value={eighths}
        words={cloudWords(eighths)}
        min={0}
        max={8}
        onChange={(value) => commit(setCloud(value))}
      />
      {eighths > 0 && eighths < 8 && (
        <Segmented
          label="Clouds"
          segments={[
            { key: "even", label: "Steady" },
            { key: "passing", label: "Passing the sun" },
          ]}
          chosen={passing ? "passing" : "even"}
          onChoose={(key) => commit(setPassing(key === "passing"))}
        />
      )}
    </>
  );
}
