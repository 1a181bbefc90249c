import { useMemo, useState } from "react";
import { View } from "react-native";
import { rowOf, type Thing } from "@/outing/things/sorts";
import { keyOf } from "@/outing/things/thing";
import { asTemplateHas } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { useDrawingActions } from "./actions";
import { measuresOf } from "./describe";
import { useDrawing } from "./use-drawing";

/** The venue's own parts: seen in the list, and changed only after a word of warning. */
export function OfTheVenue() {
  const ground = useOuting((v) => v.outing.ground);
  const parts = useMemo(() => rowOf("part").of(ground), [ground]);
  const on = useDrawing((s) => s.on);
  const start = useDrawing((s) => s.start);
  const chosen = useDrawing((s) => s.chosen);
  const { choose } = useDrawingActions();
  const commit = useCommit();
  const [asked, setAsked] = useState<Thing<"part">>();
  const isChanged = (ground.venue.changed ?? []).length > 0;
  if (parts.length === 0 && !isChanged) return null;
  const refOf = ({ id }: Thing<"part">) => ({ sort: "part" as const, id });
  return (
    <View className="gap-1">
      <Txt weight={700}>Of the venue itself</Txt>
      <View role="list" aria-label="Of the venue itself">
        {parts.map((part) => (
          <View key={part.id} role="listitem">
            <Row
              title={part.name}
              detail={measuresOf("part", part)}
              chosen={chosen === keyOf(refOf(part))}
              onPress={() => setAsked(part)}
            />
          </View>
        ))}
      </View>
      {isChanged && (
        <View className="flex-row">
          <Button label="All as the venue has them" onPress={() => commit(asTemplateHas())} />
        </View>
      )}
      <Dialog
        title={asked ? `Change ${asked.name.toLowerCase()}?` : ""}
        open={asked !== undefined}
        onClose={() => setAsked(undefined)}
      >
        <Txt>
          The venue’s own parts follow the rules of the game and say where nobody may stand. Change one only
          when the people of the venue have told you that it lies otherwise here.
        </Txt>
        <Button
          label="It lies otherwise here"
          kind="filled"
          onPress={() => {
            if (!asked) return;
            if (!on) start(undefined, keyOf(refOf(asked)));
            choose(refOf(asked));
            setAsked(undefined);
          }}
        />
        <Button label="Leave it" kind="plain" onPress={() => setAsked(undefined)} />
      </Dialog>
    </View>
  );
}
