import { View } from "react-native";
import type { Assessment } from "@/core/judge";
import { StackedBar } from "@/ui/charts/StackedBar";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { evWords, luxWords, surfaceWords } from "@/words";

/** Where the light on the side of the subject that you see comes from. */
export function LightSection({ found }: { found: Assessment }) {
  const tokens = useTokens();
  const { lux, ev, surface } = found.light;
  const parts = [
    { key: "sun", words: "sun", colour: tokens.sunFill, share: lux.sun / lux.total },
    { key: "sky", words: "sky", colour: tokens.water, share: lux.sky / lux.total },
    { key: "moon", words: "moon", colour: tokens.ink2, share: lux.moon / lux.total },
    { key: "ground", words: surfaceWords(surface), colour: tokens.mossFill, share: lux.ground / lux.total },
    { key: "lamps", words: "lamps", colour: tokens.sun, share: lux.lamps / lux.total },
  ];
  return (
    <View className="gap-2">
      <View className="flex-row items-baseline justify-between">
        <Txt size={18} weight={700} role="heading" aria-level={3}>
          Light on the subject
        </Txt>
        <Txt size={20} weight={700}>
          {`${evWords(ev.value)}, ${luxWords(lux.total).replace("about ", "")}`}
        </Txt>
      </View>
      {found.light.evInCloud !== undefined && (
        <Txt>{`${evWords(found.light.evInCloud)} while a cloud passes.`}</Txt>
      )}
      <Txt size={14} tone="ink2">
        EV counts stops of light at ISO 100: one more is twice as much. A klx is 1000 lux.
      </Txt>
      <StackedBar label="Light by origin" parts={parts.sort((a, b) => b.share - a.share)} />
    </View>
  );
}
