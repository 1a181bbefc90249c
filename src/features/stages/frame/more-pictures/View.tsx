import { View } from "react-native";
import { morePictures } from "@/answers/frame/more-pictures";
import type { Variant } from "@/core/scene";
import { variantOf } from "@/outing/begin/variants";
import { putShot } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { variantWords } from "@/words";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";

/** Views of the subject and purposes of a picture, each made into a promise of its own in one press. */
export function MorePictures() {
  const shot = useOuting((v) => v.outing.shots.find((s) => s.id === v.shot.id)!);
  const shots = useOuting((v) => v.outing.shots);
  const subject = useOuting((v) => v.outing.subjects.find((s) => s.id === v.shot.subjectId)!);
  const variants = useOuting(morePictures);
  const kit = useOuting((v) => v.kit);
  const { takeShot } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  const make = async (variant: Variant): Promise<void> => {
    const name = `${subject.name}, ${variantWords(variant)}`.slice(0, 60);
    const made = variantOf(shot, variant, name, shots);
    if (!(await commit(putShot(made, subject, kit, shot.id)))) return;
    takeShot(made.id);
    toast({ words: `${name}: promised, from the same place with the same kit` });
  };
  return (
    <View className="gap-2">
      <Txt tone="ink2">{`${subject.name} at the same spot as:`}</Txt>
      <WhileRoom things="shots" count={shots.length}>
        <View className="flex-row flex-wrap gap-2">
          {variants.map((variant) => (
            <Button
              key={variant}
              label={variantWords(variant).replace(/^./, (c) => c.toUpperCase())}
              onPress={() => void make(variant)}
            />
          ))}
        </View>
      </WhileRoom>
    </View>
  );
}
