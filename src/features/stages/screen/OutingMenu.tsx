import { useState } from "react";
import { View } from "react-native";
import { useStore } from "zustand";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, changesWords, anchorWords, timeWords } from "@/words";
import { OutingActions } from "../../outing/OutingActions";
import { Late } from "../../layout/Late";
import { spanWords } from "../shot/titles";
import { useOpenOuting, useOuting } from "../../outing/use-outing";

const loadOutingStates = async () => (await import("../../history/OutingStates")).OutingStates;

/** The outing as a thing: its facts, its file, its end. */
export function OutingMenu({ open, onClose }: { open: boolean; onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const preferences = useOuting((v) => v.preferences);
  const { anchor, venue } = outing.ground;
  const { store, redo } = useOpenOuting();
  const again = useStore(store, (s) => s.redo);
  const [earlier, setEarlier] = useState(false);
  return (
    <Dialog title={outing.name} open={open} onClose={onClose}>
      <Txt>{`${outing.sport}. ${spanWords(outing)}, start ${timeWords(outing.starts)}.`}</Txt>
      <Txt tone="ink2">
        {`${outing.place}, ${anchorWords(anchor)}, ${outing.timeZone}. The ground points to ${bearingWords(venue.bearing)}.`}
      </Txt>
      <View className="gap-2">
        {again && (
          <Button
            label={`Redo: ${changesWords(again)}`}
            onPress={() => {
              redo();
              onClose();
            }}
          />
        )}
        <Button label="Earlier states" onPress={() => setEarlier(true)} />
      </View>
      <OutingActions outing={outing} kit={kit} preferences={preferences} onDone={onClose} />
      {earlier && (
        <Late load={loadOutingStates} waiting="One moment">
          {(OutingStates) => (
            <OutingStates
              onClose={() => {
                setEarlier(false);
                onClose();
              }}
            />
          )}
        </Late>
      )}
    </Dialog>
  );
}
