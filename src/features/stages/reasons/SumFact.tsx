import { FactLine } from "@/ui/controls/FactLine";
import type { Tone } from "@/ui/controls/Txt";
import { AskSum } from "./AskSum";
import type { At, Pressed } from "./pressed";

interface Props {
  readonly name: string;
  readonly value: string;
  readonly tone?: Tone;
  /** What it opens to; where it is left out its number was chosen, measured, or stands in the kit. */
  readonly of?: Pressed;
  readonly where?: At;
}

/** What is told at the left, its figure at the right; a press opens the figure to its sum. */
export function SumFact({ of, where, ...fact }: Props) {
  if (!of) return <FactLine {...fact} />;
  const { name, value } = fact;
  return (
    <AskSum of={of} where={where} title={name} says={`${name}: ${value}`}>
      <FactLine {...fact} opens />
    </AskSum>
  );
}
