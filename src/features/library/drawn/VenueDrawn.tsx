import { useMemo, useState } from "react";
import { View } from "react-native";
import { disciplinesOn, placesOnPlan, sketchOf } from "@/answers/library/places-on-plan";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { GroundSketch } from "../../outing/GroundSketch";
import { Head } from "./Head";
import { PlacesPlan } from "./PlacesPlan";

const HEIGHT = 260;

/** A venue as a plan, with where the trade stands there for whom is photographed. */
export function VenueDrawn({ template }: { template: string }) {
  const whom = useMemo(() => disciplinesOn(template), [template]);
  const [chosen, setChosen] = useState(whom[0]?.subjectId);
  const plan = useMemo(
    () => (chosen === undefined ? undefined : placesOnPlan(chosen, template)),
    [chosen, template],
  );
  if (!plan) return <Bare template={template} />;
  return (
    <View className="gap-2">
      <Head>Where the trade stands</Head>
      <PlacesPlan plan={plan} />
      {whom.length > 1 && (
        <Picker
          label="Who is photographed"
          items={whom.map(({ subjectId, name }) => ({ key: subjectId, title: name }))}
          chosen={chosen!}
          onChoose={setChosen}
        />
      )}
      <View role="list" aria-label="Places">
        {plan.places.map(({ place }, i) => (
          <View key={place.id} role="listitem" className="border-b border-line py-2">
            <Txt weight={600}>{`${i + 1}. ${place.situation}, ${place.lensMm} mm`}</Txt>
            <Txt size={14} tone="ink2">
              {place.hazard ? `${place.why}. Mind: ${place.hazard}.` : `${place.why}.`}
            </Txt>
          </View>
        ))}
      </View>
    </View>
  );
}

/** The plan alone, where the trade has no place of its own. */
function Bare({ template }: { template: string }) {
  const [size, onLayout] = useSize();
  const ground = useMemo(() => sketchOf(template), [template]);
  return (
    <View onLayout={onLayout} role="img" aria-label="Plan of the ground" style={{ height: HEIGHT }}>
      {size && <GroundSketch outing={ground} size={{ width: size.width, height: HEIGHT }} />}
    </View>
  );
}
