import { useState } from "react";
import { View } from "react-native";
import { activity, dayInYear, sightingsAt, sightingsDrawn, yearMarks } from "@/answers/places/year";
import type { Outing, Place } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { dateWords } from "@/words";
import { sightingKindWords } from "@/words/place-kept";
import { useEditPlaces, usePlaces } from "../store/places";
import { Activity } from "./Activity";
import { AddSighting } from "./AddSighting";
import { ComingUp } from "./ComingUp";
import { SightingsOnPlan } from "./SightingsOnPlan";
import { YearCalendar } from "./YearCalendar";

const FIRST = 6;

/** The years of a place over one another: on its plan, along the calendar, by hour of the day; and what is put down anew. */
export function Year({ place, outings, today }: { place: Place; outings: readonly Outing[]; today: string }) {
  const { sightings } = usePlaces();
  const own = sightingsAt(sightings, place.id);
  const marks = yearMarks(own);
  return (
    <View className="gap-3">
      <SightingsOnPlan place={place} drawn={own.length > 0 ? sightingsDrawn(place, own) : []} marks={marks} />
      <ComingUp today={today} placeId={place.id} />
      <AddSighting place={place} today={today} />
      {own.length === 0 ? (
        <Txt tone="ink2">
          Territories, perches, first song, arrivals, young and tracks by day and spot: they stand here along
          the year, and are said again when their day comes round.
        </Txt>
      ) : (
        <>
          <YearCalendar marks={marks} today={dayInYear(today)} />
          <Txt size={14} tone="ink2">
            Filled: in the latest year; with a ring: in several. The line is today; an arrow is the way into
            the wind of that day, which they land and leave by.
          </Txt>
          <Activity hours={activity(own, outings, place.id)} />
          <Listed placeId={place.id} />
        </>
      )}
    </View>
  );
}

/** What was put down, the latest first, each to be taken away. */
function Listed({ placeId }: { placeId: string }) {
  const { sightings } = usePlaces();
  const edit = useEditPlaces();
  const toast = useToast();
  const [isAll, setAll] = useState(false);
  const own = sightingsAt(sightings, placeId).toSorted((a, b) => (a.on > b.on ? -1 : 1));
  const shown = own.slice(0, isAll ? 200 : FIRST);
  return (
    <View>
      <View role="list" aria-label="Put down here">
        {shown.map((one) => (
          <View
            key={one.id}
            role="listitem"
            className="min-h-12 flex-row items-center gap-2 border-b border-line"
          >
            <Txt className="min-w-0 flex-1">
              {`${dateWords(one.on, 0)}: ${one.name}, ${sightingKindWords(one.what)}${one.note ? `. ${one.note}` : ""}`}
            </Txt>
            <Button
              label="Remove"
              says={`Remove ${one.name}, ${sightingKindWords(one.what)}, ${dateWords(one.on, 0)}`}
              kind="plain"
              onPress={() =>
                void edit((now) => ({
                  ...now,
                  sightings: now.sightings.filter((s) => s.id !== one.id),
                })).then((isKept) => {
                  if (isKept)
                    toast({
                      words: `${one.name} removed`,
                      undo: () => void edit((now) => ({ ...now, sightings: [...now.sightings, one] })),
                    });
                })
              }
            />
          </View>
        ))}
      </View>
      {own.length > FIRST && !isAll && (
        <Button label={`All ${own.length}`} kind="plain" className="-ml-4" onPress={() => setAll(true)} />
      )}
    </View>
  );
}
