import type { ComponentType } from "react";
import { View } from "react-native";
import type { Sort } from "@/outing/things/sorts";
import { thingOf } from "@/outing/things/thing";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";
import { useChosen } from "./actions";
import { Common, Corners, type FieldsProps } from "./fields/Common";
import { MastFields } from "./fields/MastFields";
import { ObstacleFields } from "./fields/ObstacleFields";
import { AreaFields, TrackFields, WindowFields, ZoneFields } from "./fields/OtherFields";
import { PartFields } from "./fields/PartFields";
import { PositionThingFields, SpotThingFields } from "./fields/PlaceFields";

const FIELDS: { readonly [S in Sort]: ComponentType<FieldsProps<S>> } = {
  position: PositionThingFields,
  spot: SpotThingFields,
  track: TrackFields,
  obstacle: ObstacleFields,
  area: AreaFields,
  zone: ZoneFields,
  mast: MastFields,
  window: WindowFields,
  part: PartFields,
};

/** What is chosen, typed exactly. */
export function ThingFields() {
  const chosen = useChosen();
  const thing = useOuting((v) => chosen && thingOf(v.outing, chosen));
  if (!chosen || !thing) return <Txt tone="ink2">Choose a thing on the plan or in the list below.</Txt>;
  const Fields = FIELDS[chosen.sort] as ComponentType<FieldsProps<Sort>>;
  return (
    <View key={`${chosen.sort} ${chosen.id}`} className="gap-4">
      {chosen.sort !== "part" && <Common at={chosen} thing={thing} />}
      <Fields at={chosen} thing={thing} />
      <Corners at={chosen} thing={thing} />
    </View>
  );
}
