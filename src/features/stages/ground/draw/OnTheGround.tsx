import { useMemo, useState } from "react";
import { View } from "react-native";
import { keyOf, thingsOf } from "@/outing/things/thing";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";
import { useDrawingActions } from "./actions";
import { kindOfThing, measuresOf } from "./describe";
import { OfTheVenue } from "./OfTheVenue";
import { useDrawing } from "./use-drawing";

/** Rows shown before the search has to narrow them. */
const MOST = 60;

/** Everything that is on the ground; a press chooses it, and begins drawing where one is not. */
export function OnTheGround() {
  const outing = useOuting((v) => v.outing);
  const { ground } = outing;
  const on = useDrawing((s) => s.on);
  const chosen = useDrawing((s) => s.chosen);
  const start = useDrawing((s) => s.start);
  const { choose } = useDrawingActions();
  const [search, setSearch] = useState("");
  const all = useMemo(() => thingsOf({ ground }), [ground]);
  const wanted = search.trim().toLowerCase();
  const found = all.filter(({ ref, thing }) =>
    `${thing.name} ${kindOfThing(ref.sort, thing)}`.toLowerCase().includes(wanted),
  );
  return (
    <View className="gap-2">
      {!on && <Button label="Draw the ground" kind="filled" onPress={() => start(undefined)} />}
      {all.length > 8 && (
        <View className="flex-row">
          <TextField label="Search the ground" value={search} onChange={setSearch} />
        </View>
      )}
      <View role="list" aria-label="On the ground">
        {found.slice(0, MOST).map(({ ref, thing }) => (
          <View key={keyOf(ref)} role="listitem">
            <Row
              title={thing.name}
              detail={[kindOfThing(ref.sort, thing), measuresOf(ref.sort, thing)].filter(Boolean).join(", ")}
              chosen={chosen === keyOf(ref)}
              onPress={() => {
                if (!on) start(undefined, keyOf(ref));
                choose(ref);
              }}
            />
          </View>
        ))}
      </View>
      <OfTheVenue />
      {found.length > MOST && <Txt tone="ink2">{`${found.length - MOST} more. Search to find them.`}</Txt>}
    </View>
  );
}
