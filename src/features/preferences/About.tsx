import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { NEW_IN_IT, VERSION } from "@/words/version";

const HOME_SCREEN = [
  "Phone with Safari: Share, then Add to Home Screen.",
  "Phone with Chrome or a relative of it: the three dots, then Add to Home screen.",
  "Desk: the small screen with an arrow at the end of the address.",
  "It needs https, or this machine itself: over plain http a browser keeps it as a page.",
];

/** Which version this is, what is new, where the data lies, and how it comes onto a home screen. */
export function About() {
  return (
    <View className="gap-2" role="region" aria-label="About">
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        About
      </Txt>
      <Txt>{`Version ${VERSION}. New in it:`}</Txt>
      <Lines lines={NEW_IN_IT} />
      <Txt>Where your data lies: in this browser, in its database “bright-perch”, and nowhere else.</Txt>
      <Txt>Onto the home screen:</Txt>
      <Lines lines={HOME_SCREEN} />
    </View>
  );
}

function Lines({ lines }: { lines: readonly string[] }) {
  return (
    <View role="list">
      {lines.map((line) => (
        <View key={line} role="listitem" className="border-t border-line py-1">
          <Txt tone="ink2">{line}</Txt>
        </View>
      ))}
    </View>
  );
}
