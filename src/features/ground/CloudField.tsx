import { Segmented } from "@/ui/controls/Segmented";
import { Stepper } from "@/ui/controls/Stepper";
import { setCloud, setPassing } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";

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

/** Cloud in eighths of the sky. */
export function CloudField() {
  const { outing, change } = useOuting();
  const eighths = outing.light.cloudEighths;
  const { passing = false } = outing.light;
  return (
    <>
      <Stepper
        label="Cloud"
        value={eighths}
        words={`${eighths}/8, ${NAMES[eighths]}`}
        min={0}
        max={8}
        onChange={(value) => change(setCloud(value))}
      />
      {eighths > 0 && eighths < 8 && (
        <Segmented
          label="Clouds"
          segments={[
            { key: "even", label: "Steady" },
            { key: "passing", label: "Passing the sun" },
          ]}
          chosen={passing ? "passing" : "even"}
          onChoose={(key) => change(setPassing(key === "passing"))}
        />
      )}
    </>
  );
}
