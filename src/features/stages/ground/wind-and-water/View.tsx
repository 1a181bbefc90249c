import { View } from "react-native";
import { waterAt, wind as windHere, type Wind as WindHere } from "@/answers/ground/wind-and-water";
import type { Outing } from "@/data";
import { editOuting } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, metresWords } from "@/words";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

type Weather = NonNullable<Outing["weather"]>;
type Water = NonNullable<Weather["water"]>;

/** Where the wind comes from and what it carries, and how far water comes in: told by hand, and what follows from it. */
export function WindAndWater() {
  const weather = useOuting((v) => v.outing.weather);
  const commit = useCommit();
  const put = (edit: Partial<Weather>): void => void commit(editOuting({ weather: { ...weather, ...edit } }));
  return (
    <View className="gap-4">
      {weather?.wind ? (
        <Wind wind={weather.wind} onChange={(wind) => put({ wind })} />
      ) : (
        <View className="flex-row">
          <Button label="Tell the wind" onPress={() => put({ wind: { from: 270, speed: 3 } })} />
        </View>
      )}
      {weather?.water ? (
        <WaterFields water={weather.water} onChange={(water) => put({ water })} />
      ) : (
        <NewWater onPut={(water) => put({ water })} />
      )}
    </View>
  );
}

interface WindProps {
  readonly wind: NonNullable<Weather["wind"]>;
  readonly onChange: (wind: Weather["wind"]) => void;
}

function Wind({ wind, onChange }: WindProps) {
  const answer = useOuting(windHere);
  const position = useOuting((v) => v.position?.name ?? "");
  const spot = useOuting((v) => v.spot.name);
  return (
    <View className="gap-2" role="group" aria-label="Wind">
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          label="Wind comes from"
          unit="°"
          value={wind.from}
          min={0}
          max={359}
          decimals={0}
          onChange={(from) => onChange({ ...wind, from })}
        />
        <NumberField
          label="Wind speed"
          unit="m/s"
          value={wind.speed}
          min={0}
          max={60}
          onChange={(speed) => onChange({ ...wind, speed })}
        />
      </View>
      <Txt>{windSentence(answer, position, spot)}</Txt>
      <View className="flex-row">
        <Button label="No wind told" kind="plain" onPress={() => onChange(undefined)} />
      </View>
    </View>
  );
}

const INTO = {
  toward: "toward you",
  side: "across your view",
  away: "away from you",
} as const;

/** What the wind carries and how one sees what heads into it, from the position in hand. */
function windSentence(found: WindHere | undefined, position: string, spot: string): string {
  if (!found) return "Choose a position to see what the wind carries from there.";
  const scent = found.scentReaches
    ? `your scent is carried to ${spot}: an animal there knows of you`
    : `your scent is carried past ${spot}, toward ${bearingWords(found.carries)}`;
  return `From ${position} ${scent}. Birds land and take off into the wind: ${INTO[found.intoWind]}. Dust, spray and chalk go toward ${bearingWords(found.carries)}.${found.sways ? " Stems and reeds sway: wait for the lull between two gusts." : ""}`;
}

const SHORE = 15;

function NewWater({ onPut }: { onPut: (water: Water) => void }) {
  const outing = useOuting((v) => v.outing);
  const drawn = outing.ground.areas.some((a) => a.surface === "water");
  if (!drawn) return <Txt tone="ink2">Draw the water first, to tell how far it comes in and goes out.</Txt>;
  const levels = [
    { at: outing.from, metres: 0 },
    { at: outing.until, metres: 0 },
  ];
  return (
    <View className="flex-row">
      <Button label="The water moves" onPress={() => onPut({ shore: SHORE, levels })} />
    </View>
  );
}

interface WaterProps {
  readonly water: Water;
  readonly onChange: (water: Weather["water"]) => void;
}

const MOST_LEVELS = 24;

/** The level by the clock against the edge as it is drawn, and when each position gets wet. */
function WaterFields({ water, onChange }: WaterProps) {
  const { levels } = water;
  const set = (i: number, edit: Partial<Water["levels"][number]>): void =>
    onChange({ ...water, levels: levels.map((l, k) => (k === i ? { ...l, ...edit } : l)) });
  return (
    <View className="gap-2" role="group" aria-label="Water level">
      <LengthField
        label="Shore for each metre of rise"
        value={water.shore}
        min={0.5}
        max={500}
        onChange={(shore) => onChange({ ...water, shore })}
      />
      {levels.map((level, i) => (
        <View key={i} className="flex-row items-end gap-3">
          <TextField
            label={`Level ${i + 1} at`}
            type="time"
            value={level.at}
            onChange={(at) => {
              if (at !== "") set(i, { at });
            }}
          />
          <LengthField
            label="Above the drawn edge"
            value={level.metres}
            min={-20}
            max={20}
            decimals={2}
            onChange={(metres) => set(i, { metres })}
          />
          {levels.length > 1 && (
            <Button
              label="Take away"
              says={`Take level ${i + 1} away`}
              kind="plain"
              onPress={() => onChange({ ...water, levels: levels.filter((_, k) => k !== i) })}
            />
          )}
        </View>
      ))}
      <WetFeet />
      <View className="flex-row flex-wrap gap-2">
        {levels.length < MOST_LEVELS && (
          <Button
            label="Another level"
            onPress={() => onChange({ ...water, levels: [...levels, levels.at(-1)!] })}
          />
        )}
        <Button label="The water stays" kind="plain" onPress={() => onChange(undefined)} />
      </View>
    </View>
  );
}

/** Where the edge lies at the minute in hand, and from when on a position stands in the water. */
function WetFeet() {
  const answer = useOuting(waterAt);
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  if (!answer) return null;
  const { moved, positions } = answer;
  const edge =
    Math.abs(moved) < 0.05
      ? "The edge lies where it is drawn"
      : `The edge lies ${metresWords(Math.abs(moved))} ${moved > 0 ? "landward" : "seaward"} of where it is drawn`;
  return (
    <View className="gap-1">
      <Txt weight={600}>{`${edge} at ${wallOf({ outing }, at)}.`}</Txt>
      <View role="list" aria-label="When positions get wet">
        {positions.map(({ name, away, wetAt }) => (
          <View key={name} role="listitem">
            <Txt tone={wetAt === undefined ? "ink2" : "bracken"}>
              {wetAt === undefined
                ? `${name}, ${metresWords(away)} from the drawn edge, stays dry.`
                : `${name}, ${metresWords(away)} from the drawn edge, stands in water from ${wallOf({ outing }, wetAt)}.`}
            </Txt>
          </View>
        ))}
      </View>
      <Txt size={14} tone="ink2">
        Wind, swell and rain move water past any table: ask those who know the place, and keep a way back dry.
      </Txt>
    </View>
  );
}
