import { OPENS, Txt, type TxtProps } from "@/ui/controls/Txt";
import { AskSum } from "./AskSum";
import type { At, Pressed } from "./pressed";

interface Props extends Partial<Pick<TxtProps, "size" | "weight" | "tone">> {
  /** What it opens to; where it is left out its number was told, or there is none. */
  readonly of?: Pressed;
  readonly where?: At;
  readonly title: string;
  readonly words: string;
}

/** A line whose number opens to its sum when it is pressed. */
export function SumText({ of, where, title, words, ...look }: Props) {
  if (!of) return <Txt {...look}>{words}</Txt>;
  return (
    <AskSum of={of} where={where} title={title} says={words}>
      <Txt {...look} className={OPENS}>
        {words}
      </Txt>
    </AskSum>
  );
}
