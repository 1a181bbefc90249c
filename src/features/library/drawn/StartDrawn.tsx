import { View } from "react-native";
import { Stretch } from "@/ui/charts/Stretch";
import { Txt } from "@/ui/controls/Txt";
import { exposureWords } from "@/words";
import { SHUTTER } from "../scales";
import { Head } from "./Head";

interface Props {
  readonly start: {
    readonly discipline: string;
    readonly shutter: number;
    readonly least: number;
    readonly withLight: number;
    readonly schools?: readonly [string, string];
  };
}

/** A starting setting on the scale of shutters, the two schools of it beside each other. */
export function StartDrawn({ start: { discipline, shutter, least, withLight, schools } }: Props) {
  return (
    <View className="gap-2">
      <Head>From the slowest to what light to spare allows</Head>
      <Stretch
        scale={SHUTTER}
        bands={[{ from: least, until: withLight, tone: "water" }]}
        dots={[shutter]}
        isWritten
        says={`${discipline}: ${exposureWords(least)} at the slowest, ${exposureWords(shutter)} to start at, ${exposureWords(withLight)} with light to spare`}
      />
      {schools && (
        <View className="flex-row gap-3" role="list" aria-label="The two schools">
          {schools.map((school) => (
            <View key={school} role="listitem" className="min-w-0 flex-1 border-l-4 border-water pl-2">
              <Txt>{school}</Txt>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}
