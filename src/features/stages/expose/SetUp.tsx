import { View } from "react-native";
import { setUpFor } from "@/core/judge";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import { setUpLines } from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";

/** How the body is set up for the shot beside the three settings: focus, drive, shutter, stabiliser, white balance. */
export function SetUp() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  if (!input) return null;
  return (
    <View>
      {setUpLines(setUpFor(input, found)).map(({ name, value }) => (
        <FactLine key={name} name={name} value={value} />
      ))}
      <Txt size={14} tone="ink2" className="pt-2">
        Common practice, no source.
      </Txt>
    </View>
  );
}
