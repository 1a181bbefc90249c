import { useState } from "react";
import { View } from "react-native";
import { genericKit } from "@/answers/library/kit";
import type { StoredKit } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { kitFrom } from "@/outing/begin/own-beginning";

interface Props {
  /** With the kit that was chosen; with none where a generic bag will do for now. */
  readonly onChosen: (kit?: StoredKit) => void;
  readonly onClose: () => void;
}

/** What do you own? A body and a lens from the catalogue, in two taps; the rest is changed under Kit. */
export function FirstKit({ onChosen, onClose }: Props) {
  const [body, setBody] = useState<(typeof genericKit.bodies)[number]>();
  return (
    <Dialog title={body ? "Which lens do you use most?" : "Which body do you use?"} open onClose={onClose}>
      <Txt tone="ink2">The nearest will do. Everything can be changed under Kit.</Txt>
      <View role="list" aria-label={body ? "Lenses" : "Bodies"}>
        {(body ? genericKit.lenses : genericKit.bodies).map((thing) => (
          <View key={thing.id} role="listitem">
            <Row
              title={thing.name}
              onPress={() => {
                const lens = genericKit.lenses.find((l) => l.id === thing.id);
                const chosen = genericKit.bodies.find((b) => b.id === thing.id);
                if (body && lens) onChosen(kitFrom(body, lens));
                else if (chosen?.builtIn) onChosen(kitFrom(chosen));
                else setBody(chosen);
              }}
            />
          </View>
        ))}
      </View>
      <Button label="Use a generic bag for now" onPress={() => onChosen()} />
    </Dialog>
  );
}
