import { View } from "react-native";
import { asTemplateHas } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useCommit, useOuting } from "../../../../outing/use-outing";
import type { FieldsProps } from "./Common";

/** A part of the venue itself: what it means to change it, and the way back to what the template has. */
export function PartFields({ at }: FieldsProps<"part">) {
  const part = Number(at.id);
  const changed = useOuting((v) => v.outing.ground.venue.changed?.some((c) => c.part === part) === true);
  const commit = useCommit();
  return (
    <View className="gap-2">
      <Txt tone="bracken">
        Where one may stand follows this part. What the people of the venue say on the day comes first.
      </Txt>
      {changed && (
        <View className="flex-row">
          <Button label="As the venue has it" onPress={() => commit(asTemplateHas(part))} />
        </View>
      )}
    </View>
  );
}
