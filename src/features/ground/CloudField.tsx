import { Stepper } from "@/ui/controls/Stepper";
import { setCloud } from "../stage/edits";
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
  const { shoot, change } = useOuting();
  const eighths = shoot.light.cloudEighths;
  return (
    <Stepper
      label="Cloud"
      value={eighths}
      words={`${eighths}/8, ${NAMES[eighths]}`}
      min={0}
      max={8}
      onChange={(value) => change(setCloud(value))}
    />
  );
}
