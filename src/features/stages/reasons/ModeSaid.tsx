import type { ModeAdvice } from "@/core/exposure";
import type { TxtProps } from "@/ui/controls/Txt";
import { modeSentence } from "@/words";
import { SumText } from "./SumText";

interface Props extends Partial<Pick<TxtProps, "size" | "weight" | "tone">> {
  readonly advice: ModeAdvice;
}

/** Which way of exposing suits the light, with the sum of what it is chosen for. */
export const ModeSaid = ({ advice, ...look }: Props) => (
  <SumText
    of={"stops" in advice || "clicks" in advice ? ["mode"] : undefined}
    title="How the light changes"
    words={modeSentence(advice)}
    {...look}
  />
);
