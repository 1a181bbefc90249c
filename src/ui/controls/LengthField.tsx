import { lengthShown, lengthUnit, metresFrom, readLengthShown } from "@/words";
import { NumberField } from "./NumberField";

interface Props {
  readonly label: string;
  /** Metres, as are the bounds. */
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly decimals?: number;
  readonly onChange: (metres: number) => void;
}

const hundredth = (value: number): number => Math.round(value * 100) / 100;

/** A length in the user's unit, or in any that is typed with it; metres on both sides. */
export function LengthField({ value, min, max, onChange, ...rest }: Props) {
  return (
    <NumberField
      {...rest}
      unit={lengthUnit()}
      read={readLengthShown}
      value={lengthShown(value)}
      min={hundredth(lengthShown(min))}
      max={hundredth(lengthShown(max))}
      onChange={(written) => onChange(Math.min(max, Math.max(min, metresFrom(written))))}
    />
  );
}
