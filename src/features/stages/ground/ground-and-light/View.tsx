import { View } from "react-native";
import { groundsToBegin } from "@/answers/library/venues";
import { ON_GROUND } from "@/answers/plan/kinds";
import { placeWanted } from "@/answers/plan/light";
import { HALL_DAYLIGHT } from "@/data";
import { NumberField } from "@/ui/controls/NumberField";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { changeVenue, editVenue, setCover, setLit, setSurface } from "@/outing/edits";
import { surfaceWords } from "@/words";
import { ownVenueWords } from "@/words/library";
import { useToldChange } from "../../../outing/use-told-change";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** Daylight factor of a wood (common practice). */
const WOOD_DAYLIGHT = 0.03;
const WOODS = [
  { key: "0.1", label: "Open wood" },
  { key: "0.03", label: "Wood" },
  { key: "0.005", label: "Forest gloom" },
];

const VENUE_ITEMS = groundsToBegin().map(({ id, name }) => ({ key: id, title: name }));

/** The venue of one's own that the outing was begun on, with what is noted of it; nothing on another. */
function OwnVenue() {
  const venue = useOuting((v) => v.outing.own?.venue);
  if (!venue) return null;
  return (
    <Txt size={14} tone="ink2">
      {ownVenueWords(venue)}
    </Txt>
  );
}

/** The way the ground lies, what it is made of, what is overhead, and whether there are lamps. */
export function LieOfGround() {
  const ground = useOuting((v) => v.outing.ground);
  const { roof, leaves, lamps } = useOuting((v) => v.outing.light);
  const commit = useCommit();
  const told = useToldChange();
  const wanted = useOuting((v) => placeWanted(v.outing));
  const cover = roof ? "roof" : leaves ? "leaves" : "open";
  return (
    <View className="gap-2">
      <Picker
        label="Venue"
        items={VENUE_ITEMS}
        chosen={ground.venue.template}
        onChoose={(template) => {
          void told(changeVenue(template), "Venue changed; positions stay where they are");
        }}
      />
      <OwnVenue />
      <View className="flex-row">
        <NumberField
          label="Long axis, bearing"
          unit="°"
          decimals={0}
          value={ground.venue.bearing}
          min={0}
          max={359}
          onChange={(bearing) => commit(editVenue({ bearing }))}
        />
      </View>
      <Segmented
        label="Surface"
        segments={ON_GROUND.surfaces.map((key) => ({ key, label: surfaceWords(key) }))}
        chosen={ground.surface ?? "grass"}
        onChoose={(surface) => commit(setSurface(surface))}
      />
      <Segmented
        label="Overhead"
        segments={[
          { key: "open", label: "Open sky" },
          { key: "leaves", label: "Under leaves" },
          { key: "roof", label: "Under a roof" },
        ]}
        chosen={cover}
        onChoose={(key) => commit(setCover(key, key === "leaves" ? WOOD_DAYLIGHT : HALL_DAYLIGHT))}
      />
      {wanted && (
        <Txt tone="bracken">
          Daylight comes in, and where this lies is not told: tell it in the brief, or sun and sky are wrong.
        </Txt>
      )}
      {leaves && (
        <Segmented
          label="How dense the wood is"
          segments={WOODS}
          chosen={String(leaves.daylightShare)}
          onChoose={(key) => commit(setCover("leaves", Number(key)))}
        />
      )}
      {roof && (
        <View className="flex-row">
          <NumberField
            label="Daylight let through"
            unit="%"
            value={100 * roof.daylightShare}
            min={0}
            max={100}
            onChange={(percent) => commit(setCover("roof", percent / 100))}
          />
        </View>
      )}
      <Segmented
        label="Lamps"
        segments={[
          { key: "dark", label: "No lamps" },
          { key: "lit", label: "Lamps" },
        ]}
        chosen={lamps ? "lit" : "dark"}
        onChoose={(key) => commit(setLit(key === "lit"))}
      />
    </View>
  );
}
