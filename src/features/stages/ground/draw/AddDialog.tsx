import { useState } from "react";
import { View } from "react-native";
import { turnedBy } from "@/answers/plan/way";
import type { Beginning } from "@/outing/begin/begin-thing";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useOpenOuting } from "../../../outing/use-outing";
import { useDrawingActions } from "./actions";
import { BEGINNINGS, beginningWords, isTapped } from "./beginnings";
import { useDrawing } from "./use-drawing";

/** Px on the plan between two places at which room is looked for. */
const STEP = 48;
/** Metres of it where the plan has not been seen yet. */
const STEP_METRES = 6;

/** Everything that can be put on the ground, to be found by its name; put in view, or tapped point by point. */
export function AddDialog({ onClose }: { onClose: () => void }) {
  const [search, setSearch] = useState("");
  const [how, setHow] = useState<"view" | "tap">("view");
  const { store } = useOpenOuting();
  const { add } = useDrawingActions();
  const begin = (what: Beginning): void => {
    onClose();
    const { take, middle } = useDrawing.getState();
    if (isTapped(what) && (how === "tap" || what.sort === "track"))
      return take({ kind: "tap", what, points: [] });
    const { outing, spot } = store.getState().view;
    const near = middle?.at ?? spot.at;
    const step = middle ? STEP / middle.pxPerMetre : STEP_METRES;
    add(what, near, step, turnedBy(outing.ground.venue.bearing, 90));
  };
  const wanted = search.trim().toLowerCase();
  const groups = BEGINNINGS.map(({ title, things }) => ({
    title,
    things: things.filter((what) => beginningWords(what).toLowerCase().includes(wanted)),
  })).filter(({ things }) => things.length > 0);
  return (
    <Dialog title="Add to the ground" open onClose={onClose}>
      <View className="flex-row">
        <TextField label="Search what to add" value={search} onChange={setSearch} />
      </View>
      <Segmented
        label="How it is put there"
        segments={[
          { key: "view", label: "Put it in view" },
          { key: "tap", label: "Tap its corners" },
        ]}
        chosen={how}
        onChoose={setHow}
      />
      {groups.map(({ title, things }) => (
        <View key={title} className="gap-2">
          <Txt size={14} tone="ink2" role="heading" aria-level={3}>
            {title}
          </Txt>
          <View className="flex-row flex-wrap gap-2">
            {things.map((what) => (
              <Button key={beginningWords(what)} label={beginningWords(what)} onPress={() => begin(what)} />
            ))}
          </View>
        </View>
      ))}
      {groups.length === 0 && <Txt>Nothing of that name. Try a shorter word.</Txt>}
    </Dialog>
  );
}
