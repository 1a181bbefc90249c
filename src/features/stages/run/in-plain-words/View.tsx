import { useState } from "react";
import { Pressable, View } from "react-native";
import { inPlainWords } from "@/answers/expose/in-plain-words";
import { OPENS, Txt } from "@/ui/controls/Txt";
import { railFigure } from "@/words";
import { bestSentence, plainLines } from "@/words/plain";
import { TERMS } from "@/words/terms";
import { useOuting } from "../../../outing/use-outing";

const RAILS = ["shutter", "aperture", "iso"] as const;

/** What to set and why it is the best that can be had; each term says what it is at a press. */
export function InPlainWords() {
  const answer = useOuting(inPlainWords);
  if (!answer) return null;
  const lines = plainLines(answer);
  return (
    <View role="region" aria-label="In plain words" className="gap-1 border-t border-line pt-2">
      <Txt size={20} weight={700} role="heading" aria-level={3}>
        In plain words
      </Txt>
      {RAILS.map((rail) => (
        <Told key={rail} rail={rail} figure={railFigure(rail, answer.settings[rail])} why={lines[rail]} />
      ))}
      <Txt weight={600}>{bestSentence(answer)}</Txt>
    </View>
  );
}

function Told({ rail, figure, why }: { rail: (typeof RAILS)[number]; figure: string; why: string }) {
  const [asked, setAsked] = useState(false);
  const [name, means] = TERMS[rail];
  return (
    <Pressable
      role="button"
      aria-expanded={asked}
      aria-label={`${name} ${figure}. ${why} What is ${name}?`}
      onPress={() => setAsked(!asked)}
      className="min-h-12 justify-center py-1 active:opacity-70"
    >
      <Txt>
        <Txt weight={700} className={OPENS}>
          {name}
        </Txt>
        {` ${figure}: ${why.charAt(0).toLowerCase()}${why.slice(1)}`}
      </Txt>
      {asked && (
        <Txt tone="ink2" className="border-l-4 border-line pl-3">
          {means}
        </Txt>
      )}
    </Pressable>
  );
}
