import { View } from "react-native";
import type { Assessment } from "@/core/judge";
import type { BlurSource } from "@/core/motion";
import { StackedBar } from "@/ui/charts/StackedBar";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { blurSourceWords, exposureWords, twoFigures, verdictWords } from "@/words";

const ORDER: readonly BlurSource[] = ["motion", "shake", "defocus", "diffraction", "pixel"];

/** The blur budget in pixels of the delivered picture, and what each part of the subject would need. */
export function BlurSection({ found }: { found: Assessment }) {
  const { budget, held, parts, deliveredPixelUm } = found.motion;
  const px = (um: number): string => twoFigures(um / deliveredPixelUm);
  const tokens = useTokens();
  const colours: Record<BlurSource, string> = {
    motion: tokens.water,
    shake: tokens.sun,
    defocus: tokens.ink2,
    diffraction: tokens.sunFill,
    pixel: tokens.line,
  };
  const bars = ORDER.map((key) => ({
    key,
    colour: colours[key],
    words: key === "motion" ? held.name : blurSourceWords(key),
    share: budget.shares[key],
  })).sort((a, b) => b.share - a.share);
  return (
    <View className="gap-2">
      <View className="flex-row items-baseline justify-between">
        <Txt size={18} weight={700} role="heading" aria-level={3}>
          Blur in the picture
        </Txt>
        <Txt size={20} weight={700} tone={held.verdict === "held" ? "ink" : "bracken"}>
          {`${px(held.blurUm)} px of ${px(held.toleranceUm)}`}
        </Txt>
      </View>
      <StackedBar label="Blur by source" parts={bars} />
      <View>
        {parts.map((part) => (
          <View key={part.partId} className="min-h-9 flex-row items-center border-b border-line">
            <Txt className="min-w-0 flex-1" weight={part.partId === held.partId ? 700 : 400}>
              {part.name}
            </Txt>
            <Txt className="w-[92px] text-right" tone="ink2">
              {typeof part.slowest === "number" ? exposureWords(part.slowest) : part.slowest}
            </Txt>
            <Txt
              className="w-[136px] text-right"
              weight={600}
              tone={part.verdict === "held" ? "moss" : part.verdict === "a-little" ? "ink" : "bracken"}
            >
              {verdictWords(part.verdict)}
            </Txt>
          </View>
        ))}
      </View>
    </View>
  );
}
