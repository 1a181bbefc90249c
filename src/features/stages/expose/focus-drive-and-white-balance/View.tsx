import { View } from "react-native";
import { setUp } from "@/answers/expose/focus-drive-and-white-balance";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import { setUpLines } from "@/words";
import { useOuting } from "../../../outing/use-outing";

/** How the body is set up for the shot beside the three settings: focus, drive, shutter, stabiliser, white balance. */
export function SetUp() {
  const answer = useOuting(setUp);
  if (!answer) return null;
  return (
    <View>
      {setUpLines(answer).map(({ name, value }) => (
        <FactLine key={name} name={name} value={value} />
      ))}
      <Txt size={14} tone="ink2" className="pt-2">
        Common practice, no source.
      </Txt>
    </View>
  );
}
