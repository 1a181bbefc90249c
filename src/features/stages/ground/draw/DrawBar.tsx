import CloseIcon from "lucide-react-native/icons/x";
import { useState } from "react";
import { View } from "react-native";
import { thingOf, type Ref } from "@/outing/things/thing";
import type { Thing } from "@/outing/things/sorts";
import { Button, IconButton } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { AddDialog } from "./AddDialog";
import { useChosen, useDrawingActions } from "./actions";
import { beginningWords, pointsOf } from "./beginnings";
import { kindOfThing, measuresOf } from "./describe";
import { useDrawing } from "./use-drawing";

/** What can be done now: add, measure, or what is chosen and what can be done to it. */
export function DrawBar() {
  const tool = useDrawing((s) => s.tool);
  const chosen = useChosen();
  const thing = useOuting((v) => chosen && thingOf(v.outing, chosen));
  if (tool.kind === "tap") return <Tapping />;
  if (tool.kind === "ruler") return <Measuring count={tool.ends.length} />;
  return chosen && thing ? <OfChosen chosen={chosen} thing={thing} /> : <Begin />;
}

function Begin() {
  const [adding, setAdding] = useState(false);
  const take = useDrawing((s) => s.take);
  const stop = useDrawing((s) => s.stop);
  return (
    <View className="gap-2">
      <Txt tone="ink2">Press a thing to choose it, drag to move it.</Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Add" kind="filled" onPress={() => setAdding(true)} />
        <Button label="Ruler" onPress={() => take({ kind: "ruler", ends: [] })} />
        <Button label="Done" onPress={stop} />
      </View>
      {adding && <AddDialog onClose={() => setAdding(false)} />}
    </View>
  );
}

/** Degrees that one press turns by. */
const TURN = 15;

function OfChosen({ chosen, thing }: { chosen: Ref; thing: Thing }) {
  const { turn, duplicate, remove } = useDrawingActions();
  const choose = useDrawing((s) => s.choose);
  const { water } = useTokens();
  const { name: named } = thing;
  const kind = kindOfThing(chosen.sort, thing);
  return (
    <View className="gap-2">
      <View className="flex-row items-start justify-between">
        <View className="min-w-0 flex-1">
          <Txt weight={700} aria-live="polite">
            {named.toLowerCase() === kind ? named : `${named} · ${kind}`}
          </Txt>
          <Txt size={14} tone="ink2">
            {measuresOf(chosen.sort, thing)}
          </Txt>
        </View>
        <IconButton label="Let go" onPress={() => choose(undefined)}>
          <CloseIcon size={24} color={water} />
        </IconButton>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="↺" says="Turn left by 15 degrees" onPress={() => turn(chosen, -TURN)} />
        <Button label="↻" says="Turn right by 15 degrees" onPress={() => turn(chosen, TURN)} />
        {chosen.sort !== "part" && <Button label="Duplicate" onPress={() => duplicate(chosen)} />}
        <Button label="Delete" says={`Delete ${named}`} kind="danger" onPress={() => remove(chosen)} />
      </View>
    </View>
  );
}

function Tapping() {
  const tool = useDrawing((s) => s.tool);
  const take = useDrawing((s) => s.take);
  const choose = useDrawing((s) => s.choose);
  const { addTapped } = useDrawingActions();
  const { store } = useOpenOuting();
  if (tool.kind !== "tap") return null;
  const { what, points } = tool;
  const { least, most } = pointsOf(what);
  const missing = least - points.length;
  return (
    <View className="gap-2">
      <Txt weight={700} aria-live="polite">
        {`${beginningWords(what)}: ${
          missing > 0
            ? `tap ${points.length === 0 ? "its first point" : `${missing} more`}`
            : "tap on, or finish"
        }`}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Finish"
          kind="filled"
          disabled={missing > 0}
          onPress={() =>
            addTapped(what, points.slice(0, most), store.getState().view.outing.ground.venue.bearing)
          }
        />
        <Button
          label="Last point back"
          disabled={points.length === 0}
          onPress={() => take({ ...tool, points: points.slice(0, -1) })}
        />
        <Button label="Cancel" kind="plain" onPress={() => choose(undefined)} />
      </View>
    </View>
  );
}

function Measuring({ count }: { count: number }) {
  const choose = useDrawing((s) => s.choose);
  return (
    <View className="gap-2">
      <Txt weight={700} aria-live="polite">
        {count < 2
          ? `Ruler: tap ${count === 0 ? "where it begins" : "where it ends"}`
          : "Ruler: drag its ends, or tap to begin again"}
      </Txt>
      <View className="flex-row gap-2">
        <Button label="Put the ruler away" onPress={() => choose(undefined)} />
      </View>
    </View>
  );
}
