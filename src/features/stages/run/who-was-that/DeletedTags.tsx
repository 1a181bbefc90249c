import { useState } from "react";
import { View } from "react-native";
import type { RemovedTag } from "@/data/beside";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { tagMarked } from "@/outing/people/refused";
import { tagWords } from "@/words/tags";
import { useOuting } from "../../../outing/use-outing";
import { KEPT_DAYS } from "../../../store/kept-days";
import { wallOf } from "../../shot/titles";
import { useTags } from "./tag-store";

/** Deleted tags, with what was spoken: each comes back with a press. Read when they are asked for. */
export function DeletedTags() {
  const outing = useOuting((v) => v.outing);
  const { removed, restore } = useTags((s) => s);
  const [found, setFound] = useState<readonly RemovedTag[]>();
  if (!found)
    return (
      <View className="flex-row">
        <Button
          label="Deleted tags"
          kind="plain"
          className="-ml-4"
          onPress={() => void removed().then(setFound)}
        />
      </View>
    );
  const bringBack = async ({ tag, sound }: RemovedTag): Promise<void> => {
    if (await restore(tag, sound)) setFound(found.filter((f) => f.tag.id !== tag.id));
  };
  return (
    <View className="gap-1">
      <Txt size={14} tone="ink2">
        {found.length === 0
          ? "No deleted tag here."
          : `Kept for ${KEPT_DAYS} days, or until room is needed for a new one.`}
      </Txt>
      <View role="list" aria-label="Deleted tags">
        {found.map((one) => (
          <View
            key={one.tag.id}
            role="listitem"
            className="min-h-12 flex-row items-center justify-between gap-1"
          >
            <Txt className="min-w-0 flex-1">{`${wallOf({ outing }, one.tag.at)} ${tagWords(tagMarked(one.tag, outing.people))}`}</Txt>
            <Button
              label="Restore"
              says={`Restore the tag ${tagWords(tagMarked(one.tag, outing.people))}`}
              kind="plain"
              onPress={() => void bringBack(one)}
            />
          </View>
        ))}
      </View>
    </View>
  );
}
