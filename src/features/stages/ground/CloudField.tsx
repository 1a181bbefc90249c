import { Segmented } from "@/ui/controls/Segmented";
import { Stepper } from "@/ui/controls/Stepper";
import { setCloud, setPassing } from "@/outing/edits";
import { useCommit, useOuting } from "../../outing/use-outing";

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

/** Cloud in eighths of the sky. */
export function CloudField() {
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
