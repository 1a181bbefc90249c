import RightIcon from "lucide-react-native/icons/chevron-right";
import { useState } from "react";
import { Pressable, View } from "react-native";
import { explain, shownAt, type Where } from "@/answers/explain/explain";
import type { Figure, Given, Whole } from "@/answers/explain/figure";
import { panelSum } from "@/answers/panel-sums";
import type { Shown } from "@/answers/explain/pictured";
import type { OutingView } from "@/outing/outing-view";
import type { MethodName } from "@/core/figures";
import { textOf } from "@/answers/explain/how";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { percentWords, sourceName } from "@/words";
import { methodWords } from "@/words/methods";
import { amountWords, nameInWords, sumWords, weightOf } from "@/words/sums";
import { FormulaText } from "./FormulaText";
import type { At, Pressed } from "./pressed";
import { WordsIn } from "./WordsIn";
import { useOuting } from "../../outing/use-outing";

type Part = Figure | Given | Whole;

const ORIGINS: Readonly<Record<Given["origin"], string>> = {
  kit: "from your kit",
  plan: "on the plan",
  shot: "of the shot",
  library: "from the library",
  measured: "measured",
  assumed: "assumed",
};

const pictureOf = (view: OutingView, where: At): Shown =>
  "input" in where ? where : shownAt(view, where as Where);

interface SumProps {
  readonly of: Pressed;
  readonly where: At | undefined;
  /** What the figure is called. */
  readonly title: string;
}

/** A figure as its sum: formula, numbers, function; each number that was worked out opens into its own. Words of the field are told under it. */
export function Sum({ of, where, title }: SumProps) {
  const view = useOuting((v) => v);
  const [way, setWay] = useState<readonly string[]>([]);
  const pressed =
    typeof of === "string" ? explain(where ? pictureOf(view, where) : view, of) : panelSum(view, of);
  if (!pressed) return <Txt>This picture has no such number now.</Txt>;
  // What is no longer there, when the minute or the plan has changed meanwhile, is left again.
  let shown = pressed;
  const steps: string[] = [];
  for (const step of way) {
    const next: Part | undefined = shown.of[step];
    if (next?.kind !== "figure") break;
    shown = next;
    steps.push(step);
  }
  const before = steps.at(-2) ?? (typeof of === "string" ? of : undefined);
  const backTo = before === undefined ? title.toLowerCase() : nameInWords(before);
  return (
    <View className="gap-3">
      {steps.length > 0 && (
        <View className="flex-row">
          <Button
            label={`Back to ${backTo}`}
            kind="plain"
            className="-ml-3"
            onPress={() => setWay(steps.slice(0, -1))}
          />
        </View>
      )}
      <One figure={shown} name={steps.at(-1)} onOpen={(step) => setWay([...steps, step])} />
      {steps.length === 0 && <WordsIn text={`${title} ${amountWords(shown.value, shown.unit)}`} />}
    </View>
  );
}

interface OneProps {
  readonly figure: Figure;
  /** Left out where the head of the sheet says it. */
  readonly name: string | undefined;
  readonly onOpen: (input: string) => void;
}

function One({ figure, name, onOpen }: OneProps) {
  const { value, unit, by, of, source } = figure;
  const text = textOf(by);
  const inputs = Object.entries(of).filter(
    (entry): entry is [string, Figure | Given] => entry[1].kind !== "whole",
  );
  const values = Object.fromEntries(inputs.map(([input, part]) => [input, part.value]));
  const isWeight = (input: string): boolean => inputs.some(([name]) => weightOf(name) === input);
  const isMean = inputs.some(([input]) => isWeight(input));
  return (
    <View className="gap-3">
      <View>
        {name !== undefined && (
          <Txt size={14} tone="ink2">
            {nameInWords(name).replace(/^./, (c) => c.toUpperCase())}
          </Txt>
        )}
        <Txt size={32} weight={700}>
          {amountWords(value, unit)}
        </Txt>
      </View>
      {text === undefined ? (
        <Txt>{`${methodWords(by as MethodName)}.`.replace(/^./, (c) => c.toUpperCase())}</Txt>
      ) : (
        <View className="gap-1">
          {isMean ? (
            <Txt>Each share times what it weighs, over all the weights.</Txt>
          ) : (
            <FormulaText text={text} inputs={Object.keys(values)} />
          )}
          <Txt weight={600}>{`= ${sumWords(text, values)}`}</Txt>
        </View>
      )}
      <View role="list" aria-label="What it is made of">
        {inputs
          .filter(([input]) => !isWeight(input))
          .map(([input, part]) => (
            <Input
              key={input}
              name={input}
              part={part}
              weight={values[weightOf(input)]}
              onOpen={() => onOpen(input)}
            />
          ))}
      </View>
      <Txt size={14} tone="ink2">{`Function ${by} · ${sourceName(source)}`}</Txt>
    </View>
  );
}

interface InputProps {
  readonly name: string;
  readonly part: Figure | Given;
  /** What it weighs in a mean; assumed, or as the person put it. */
  readonly weight: number | undefined;
  readonly onOpen: () => void;
}

/** One number that went in: a step deeper where it was worked out itself, else where it comes from. */
function Input({ name, part, weight, onOpen }: InputProps) {
  const { water } = useTokens();
  const words = nameInWords(name);
  const notes = [
    ...(part.kind === "given" ? [ORIGINS[part.origin]] : []),
    ...(weight === undefined ? [] : [`weighs ${amountWords(weight, "")}`]),
  ];
  const amount = weight === undefined ? amountWords(part.value, part.unit) : percentWords(part.value);
  const line = (
    <View className="min-h-12 flex-row items-center gap-3 border-b border-line py-1">
      <View className="min-w-0 flex-1">
        <Txt>{words}</Txt>
        {notes.length > 0 && (
          <Txt size={14} tone="ink2">
            {notes.join(", ")}
          </Txt>
        )}
      </View>
      <Txt weight={700}>{amount}</Txt>
      {part.kind === "figure" && <RightIcon size={20} color={water} />}
    </View>
  );
  if (part.kind === "given") return <View role="listitem">{line}</View>;
  return (
    <View role="listitem">
      <Pressable
        role="button"
        aria-label={`${words}, ${amount}. How?`}
        onPress={onOpen}
        className="active:opacity-70"
      >
        {line}
      </Pressable>
    </View>
  );
}
