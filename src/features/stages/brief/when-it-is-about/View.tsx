import { View } from "react-native";
import { whenAbout, type SubjectAbout } from "@/answers/brief/when-about";
import { wallTimeOf } from "@/data";
import { Txt } from "@/ui/controls/Txt";
import { hoursWords, monthsWords, timeWords } from "@/words";
import { aboutTimeWords } from "@/words/about-subject";
import { useOuting } from "../../../outing/use-outing";
import { DayBar } from "./DayBar";

/** Each animal of the outing: its hours of the day, its months, and what of the outing's time these are. */
export function WhenItIsAbout() {
  const all = useOuting(whenAbout);
  if (all.length === 0)
    return (
      <Txt tone="ink2">No hours are known of what you photograph here. Your own log will tell them.</Txt>
    );
  return (
    <View role="list" aria-label="When it is about" className="gap-4">
      {all.map((about) => (
        <OneAbout key={about.id} {...about} />
      ))}
      <Txt size={14} tone="ink2">
        Common practice for the temperate north; weather, tide and place change it. Who watches there knows
        better.
      </Txt>
    </View>
  );
}

function OneAbout({ name, activity, stretches, inSeason }: SubjectAbout) {
  const window = useOuting((v) => v.window);
  const at = useOuting((v) => v.at);
  const timeZone = useOuting((v) => v.outing.timeZone);
  return (
    <View role="listitem" className="gap-1">
      <Txt weight={600}>{`${name}: ${hoursWords(activity)}`}</Txt>
      <DayBar from={window.from} until={window.until} stretches={stretches} at={at} />
      <Txt tone={inSeason && stretches.length > 0 ? "ink" : "bracken"}>
        {aboutTimeWords({ stretches, inSeason }, (t) => timeWords(wallTimeOf(t, timeZone)))}
      </Txt>
      <Txt size={14} tone="ink2">{`Season: ${monthsWords(activity)}.`}</Txt>
    </View>
  );
}
