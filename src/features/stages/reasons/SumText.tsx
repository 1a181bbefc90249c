import { OPENS, Txt, type TxtProps } from "@/ui/controls/Txt";
import { AskSum } from "./AskSum";
import type { At, Pressed } from "./pressed";

interface Props extends Partial<Pick<TxtProps, "size" | "weight" | "tone">> {
  readonly of: Pressed;
  readonly where?: At;
  readonly title: string;
  readonly words: string;
}

/** A line whose number opens to its sum when it is pressed. */
export const SumText = ({ of, where, title, words, ...look }: Props) => (
  <AskSum of={of} where={where} title={title} says={words}>
    <Txt {...look} className={OPENS}>
      {words}
    </Txt>
  </AskSum>
);
