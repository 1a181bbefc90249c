import { View } from "react-native";
import { cardBeside, fieldCard, type FieldCard } from "@/answers/run/card";
import { choiceOf } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { Txt } from "@/ui/controls/Txt";
import { noPictureSentence, railFigure } from "@/words";
import { useOuting } from "../../../outing/use-outing";

/** The cards of two bodies side by side, each under what it hangs ready for. */
export function TwoCards({ secondId }: { secondId: string }) {
  const first = useOuting(fieldCard);
  const shot = useOuting((v) => v.shot.name);
  const second = useOuting((v) => cardBeside(v, secondId));
  const missing = useOuting((v) => v.besides(secondId));
  const name = useOuting((v) => v.outing.shots.find((s) => s.id === secondId)?.name ?? "");
  const firstBody = useOuting((v) => bodyOf(v, v.shot.id));
  const secondBody = useOuting((v) => bodyOf(v, secondId));
  return (
    <View className="flex-row gap-3">
      {first && <Card title={shot} body={firstBody} card={first} />}
      <View className="w-px bg-line" />
      {second ? (
        <Card title={name} body={secondBody} card={second} />
      ) : (
        <View className="min-w-0 flex-1 gap-1">
          <Txt weight={700}>{name}</Txt>
          <Txt tone="ink2">
            {missing && !missing.ok ? noPictureSentence(missing) : "Its kit is not in the bag."}
          </Txt>
        </View>
      )}
    </View>
  );
}

const bodyOf = ({ kit, outing }: OutingView, shotId: string): string =>
  kit.bodies.find((b) => b.id === choiceOf(outing, shotId)?.bodyId)?.name ?? "";

function Card({ title, body, card }: { title: string; body: string; card: FieldCard }) {
  return (
    <View role="group" aria-label={`${title} on ${body}`} className="min-w-0 flex-1">
      <Txt weight={700} numberOfLines={1}>
        {title}
      </Txt>
      <Txt size={14} tone="ink2" numberOfLines={1}>
        {body}
      </Txt>
      {card.lines.map(({ rail, click, past }) => (
        <Value key={rail} name={rail === "iso" ? "ISO" : rail} words={railFigure(rail, click)} past={past} />
      ))}
    </View>
  );
}

/** A setting with what comes before its figure small, so that two stand side by side on a phone. */
function Value({ name, words, past }: { name: string; words: string; past: boolean }) {
  const [, before = "", figure = words] = /^(1\/|f\/)?(.*)$/.exec(words) ?? [];
  return (
    <View
      aria-label={`${name} ${words}`}
      className="min-h-[72px] flex-row items-baseline border-b border-line"
    >
      <Txt size={20} weight={600} tone="ink2">
        {before}
      </Txt>
      <Txt size={56} weight={700} tone={past ? "bracken" : "ink"} numberOfLines={1}>
        {figure}
      </Txt>
    </View>
  );
}
