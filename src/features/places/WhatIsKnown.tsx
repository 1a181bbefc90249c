import { View } from "react-native";
import { workedAt } from "@/answers/places/worked";
import type { Place } from "@/data";
import { lampsMeasured, readByHour, zonesMeasured } from "@/outing/places/measured";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import { countWords, evWords, signedClicks, signedStops } from "@/words";
import { cautionSentence } from "@/words/cautions";
import { lampsMeasuredWords, workedWords } from "@/words/place-kept";
import { useEditPlace } from "../store/places";
import { Kept } from "./Kept";

/** What worked at a place: frames and keepers by position, the best first. */
export function WhatWorked({ place }: { place: Place }) {
  const rows = workedAt(place);
  if (rows.length === 0)
    return (
      <Txt tone="ink2">Nothing counted yet: outings of this place give their counts to it in Brief.</Txt>
    );
  const most = Math.max(...rows.map((r) => r.taken));
  return (
    <View role="list" aria-label="What worked" className="gap-2">
      {rows.map((row) => (
        <View key={row.id} role="listitem" className="gap-1">
          <FactLine name={row.name} value={workedWords(row.taken, row.kept, row.outings)} />
          <View
            className="h-4 border-2 border-water"
            style={{ width: `${Math.max(2, (100 * row.taken) / most)}%` }}
          >
            <View className="h-full bg-water" style={{ width: `${(100 * row.kept) / row.taken}%` }} />
          </View>
          <Txt size={14} tone="ink2">
            {row.shots.join(", ")}
          </Txt>
        </View>
      ))}
    </View>
  );
}

/** The light of a place as it was measured: its zones against the first, its lamps against their class. */
export function LightKnown({ place }: { place: Place }) {
  const zones = zonesMeasured(place);
  const lamps = lampsMeasured(place);
  const nameOf = (id: string): string => place.ground.zones.find((z) => z.id === id)?.name ?? id;
  if (zones.length === 0)
    return <Txt tone="ink2">No reading yet: outings of this place give their readings to it in Brief.</Txt>;
  return (
    <View>
      {zones.map(({ zoneId, offsetClicks, readings }) => (
        <FactLine
          key={zoneId}
          name={nameOf(zoneId)}
          value={`${offsetClicks === 0 ? "as the first" : `${signedClicks(offsetClicks)} stop`}, ${countWords(readings, "reading")}`}
        />
      ))}
      {readByHour(place).map(({ zoneId, hour, ev, stops, readings }) => (
        <FactLine
          key={`${zoneId} ${hour}`}
          name={`${nameOf(zoneId)}, ${hour} to ${hour + 1}`}
          value={`${evWords(ev)}, ${signedStops(stops)} stops against the plan, ${countWords(readings, "reading")}`}
        />
      ))}
      {lamps && <FactLine name="Lamps" value={lampsMeasuredWords(lamps)} />}
    </View>
  );
}

/** Who gives leave, where one may stand, what is to be minded, and notes: each is changed here. */
export function LeaveAndNotes({ place }: { place: Place }) {
  const edit = useEditPlace(place.id);
  const access = (key: keyof Place["access"]) => (text: string) =>
    void edit((p) => ({ ...p, access: { ...p.access, [key]: text } }));
  return (
    <View className="gap-3">
      <Kept
        label="Who gives leave, and where to ask"
        value={place.access.allowedBy}
        most={120}
        onKeep={access("allowedBy")}
      />
      <Kept
        label="Where one may stand"
        value={place.access.mayStand}
        most={200}
        onKeep={access("mayStand")}
      />
      <Kept label="Where else" value={place.access.fallBack} most={200} onKeep={access("fallBack")} />
      <Kept
        label="Notes on the place"
        value={place.notes}
        most={4000}
        onKeep={(notes) => void edit((p) => ({ ...p, notes }))}
      />
      {place.cautions.map((caution) => (
        <Txt key={caution} tone="bracken">
          {cautionSentence(caution)}
        </Txt>
      ))}
    </View>
  );
}
