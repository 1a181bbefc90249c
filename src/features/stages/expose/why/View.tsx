import { View } from "react-native";
import { reasons } from "@/answers/explain/reasons";
import { Txt } from "@/ui/controls/Txt";
import { railFigure } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { Reasons } from "../../reasons/Reasons";

const RAILS = [
  { rail: "shutter", title: "Shutter" },
  { rail: "aperture", title: "Aperture" },
  { rail: "iso", title: "ISO" },
] as const;

/** The reasons behind shutter, aperture and ISO. */
export function Why() {
  const steps = useOuting(reasons);
  const settings = useFound((found) => found.settings.settings);
  if (!steps) return null;
  return RAILS.map(({ rail, title }) => {
    const value = railFigure(rail, settings[rail]);
    return (
      <View key={rail} className="gap-2">
        <AskSum
          of={rail}
          title={title}
          says={`${title} ${value}`}
          className="min-h-12 flex-row items-center justify-between"
        >
          <Txt size={20} weight={700}>
            {rail === "iso" ? `ISO ${value}` : value}
          </Txt>
          <Txt tone="water" weight={600}>
            its sum
          </Txt>
        </AskSum>
        <Reasons title={title} steps={steps[rail]} />
      </View>
    );
  });
}
