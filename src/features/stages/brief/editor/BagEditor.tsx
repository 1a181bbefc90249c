import { View } from "react-native";
import { packedOf } from "@/answers/brief/bag";
import { bagOf, type Outing } from "@/data";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { burstSentence, weightWords } from "@/words";
import { editOuting } from "@/outing/edits";
import { mountedFor } from "@/outing/ask";
import { bufferRun } from "@/outing/day/buffer-run";
import { useToast } from "@/ui/layout/toast";
import { useCommit, useOuting } from "../../../outing/use-outing";

type Bag = NonNullable<Outing["bag"]>;

const SHELVES = [
  ["bodies", "Bodies"],
  ["lenses", "Lenses"],
  ["converters", "Converters"],
  ["supports", "Supports"],
  ["cards", "Cards"],
] as const;

/** Which of the kit goes along, and what it weighs. */
export function BagEditor({ onClose }: { onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const commit = useCommit();
  const packed = bagOf(outing, kit);
  const all: Bag = {
    bodies: kit.bodies.map((b) => b.id),
    lenses: kit.lenses.map((l) => l.id),
    converters: kit.converters.map((c) => c.id),
    supports: kit.supports.map((s) => s.id),
    cards: kit.cards.map((c) => c.id),
  };
  const bag = outing.bag ?? all;
  const toast = useToast();
  const put = (shelf: keyof Bag, id: string, inBag: boolean): void => {
    const next = { ...bag, [shelf]: inBag ? [...bag[shelf], id] : bag[shelf].filter((i) => i !== id) };
    commit(editOuting({ bag: next }));
    if (inBag) return;
    const swapped = outing.shots.flatMap((shot) => {
      const now = mountedFor({ ...outing, bag: next }, shot, kit);
      return now && now.missing.length > 0
        ? [`${shot.name}: ${now.rig.lens.name} on the ${now.rig.body.name}`]
        : [];
    });
    if (swapped.length > 0) toast({ words: `Now using instead: ${swapped.slice(0, 2).join("; ")}.` });
  };
  const { grams, unweighed, frames } = packedOf(packed);
  const burst = bufferRun(outing, kit);
  return (
    <Dialog title="In the bag" open onClose={onClose}>
      <Txt weight={600}>
        {[
          grams > 0 ? weightWords(grams) : "No weights given",
          unweighed > 0 && grams > 0 ? `${unweighed} not weighed` : "",
          frames > 0 ? `${frames} frames on the cards` : "",
          burst ? burstSentence(burst) : "",
        ]
          .filter(Boolean)
          .join(", ")}
      </Txt>
      {SHELVES.map(([shelf, title]) =>
        kit[shelf].length === 0 ? null : (
          <View key={shelf} role="group" aria-label={title}>
            <Txt size={14} tone="ink2">
              {title}
            </Txt>
            {kit[shelf].map((thing) => (
              <CheckRow
                key={thing.id}
                title={thing.name}
                detail={thing.weightG ? `${thing.weightG} g` : undefined}
                checked={bag[shelf].includes(thing.id)}
                onChange={(inBag) => put(shelf, thing.id, inBag)}
              />
            ))}
          </View>
        ),
      )}
      <Button label="Done" kind="filled" onPress={onClose} />
    </Dialog>
  );
}
