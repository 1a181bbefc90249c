import { arrayMove } from "@dnd-kit/sortable";
import { useLocalSearchParams } from "expo-router";
import { useEffect, useRef, type ReactNode } from "react";
import { View } from "react-native";
import type { Preferences } from "@/data";
import { NumberField } from "@/ui/controls/NumberField";
import { Segmented } from "@/ui/controls/Segmented";
import { SortableList } from "@/ui/controls/SortableList";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { lengthShown, lengthUnit, metresFrom, sacrificeWords, toleranceWords } from "@/words";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { useKept } from "../store/kept";
import { useChangePreferences, usePreferences } from "../store/preferences";
import { About } from "./About";
import { Belongings } from "./Belongings";
import { PARTS, type PreferencePart } from "./parts";

const THEMES = [
  { key: "day", label: "Day" },
  { key: "dusk", label: "Dusk" },
  { key: "hide", label: "Hide" },
  { key: "by-light", label: "By the light" },
] as const;
const WORDS = [
  { key: "field", label: "Field terms" },
  { key: "plain", label: "Plain words" },
] as const;
const UNITS = [
  { key: "m", label: "Metres, °C" },
  { key: "ft", label: "Feet, °C" },
] as const;
const CLOCKS = [
  { key: "24", label: "16:27" },
  { key: "12", label: "4:27 pm" },
] as const;
const SCHOOLS = [
  { key: "full", label: "Expose fully" },
  { key: "lift", label: "Underexpose, push later" },
] as const;
const SCHOOL_COSTS: Readonly<Record<Preferences["school"], string>> = {
  full: "No push in post: you run out of light earlier, shadows stay clean.",
  lift: "Each body’s push allowance is used first: darker files, more noise in the shadows.",
};
const TOLERANCES = (["print-sharp", "web", "pixel-sharp"] as const).map((key) => ({
  key,
  label: toleranceWords(key),
}));

/** Preferences: how this photographer reads, exposes and walks; and all that is kept, as a file. */
export function PreferencesScreen() {
  const preferences = usePreferences();
  const change = useChangePreferences();
  const wide = useLayout().columns;
  const { data } = useKept("preferences");
  const set = (edit: Partial<Preferences>): void => void change(edit);
  return (
    <HomeFrame place="preferences" title="Preferences">
      <View className={`gap-6 px-4 ${wide ? "max-w-[640px]" : ""}`}>
        {data && !data.ok && data.reason === "unreadable" && (
          <UnreadableRecord name="preferences" stored={data.unreadable} />
        )}
        <Reading preferences={preferences} set={set} />
        <Part of="school" note={SCHOOL_COSTS[preferences.school]}>
          <Segmented
            label="School of exposure"
            segments={SCHOOLS}
            chosen={preferences.school}
            onChoose={(school) => set({ school })}
          />
        </Part>
        <Part of="order">
          <SortableList
            label="Order in which to give things up"
            items={preferences.order.map((id) => ({ id, name: sacrificeWords(id) }))}
            onMove={(from, to) => set({ order: arrayMove([...preferences.order], from, to) })}
          >
            {({ name }, i) => (
              <View className="min-h-14 flex-row items-center border-b border-line">
                <Txt weight={700} className="w-8">
                  {`${i + 1}`}
                </Txt>
                <Txt className="flex-1">{name}</Txt>
              </View>
            )}
          </SortableList>
        </Part>
        <Part of="tolerance">
          <Segmented
            label="Sharpness of a new shot"
            segments={TOLERANCES}
            chosen={preferences.tolerance}
            onChoose={(tolerance) => set({ tolerance })}
          />
        </Part>
        <Part of="pace">
          <NumberField
            label="Walking pace"
            unit={`${lengthUnit()}/s`}
            value={lengthShown(preferences.walkingPace)}
            min={Math.ceil(lengthShown(0.2) * 10) / 10}
            max={Math.floor(lengthShown(5) * 10) / 10}
            onChange={(written) => set({ walkingPace: metresFrom(written) })}
          />
        </Part>
        <RecordHistory name="preferences" />
        <Belongings />
        <About />
      </View>
    </HomeFrame>
  );
}

interface ReadingProps {
  readonly preferences: Preferences;
  readonly set: (edit: Partial<Preferences>) => void;
}

/** How this photographer reads: the light of the screen, words, units, the clock. */
function Reading({ preferences, set }: ReadingProps) {
  return (
    <>
      <Part of="light" note="By the light: day while the sun is up there, then dusk, then hide.">
        <Segmented
          label="Light of the screen"
          segments={THEMES}
          chosen={preferences.themeByLight ? "by-light" : preferences.theme}
          onChoose={(key) =>
            set(key === "by-light" ? { themeByLight: true } : { theme: key, themeByLight: false })
          }
        />
      </Part>
      <Part of="words" note="Plain words tell on the card what to set, why, and what its terms mean.">
        <Segmented
          label="Words"
          segments={WORDS}
          chosen={preferences.plainWords ? "plain" : "field"}
          onChoose={(key) => set({ plainWords: key === "plain" })}
        />
      </Part>
      <Part of="units">
        <Segmented
          label="Units"
          segments={UNITS}
          chosen={preferences.units}
          onChoose={(units) => set({ units })}
        />
      </Part>
      <Part of="clock">
        <Segmented
          label="Clock"
          segments={CLOCKS}
          chosen={preferences.clock}
          onChoose={(clock) => set({ clock })}
        />
      </Part>
    </>
  );
}

interface PartProps {
  readonly of: PreferencePart;
  readonly note?: string;
  readonly children: ReactNode;
}

/** A part under its heading; brought into view where the address names it. */
function Part({ of, note, children }: PartProps) {
  const { part } = useLocalSearchParams<{ part?: string }>();
  const box = useRef<View>(null);
  useEffect(() => {
    if (part === of) (box.current as unknown as HTMLElement | null)?.scrollIntoView({ block: "start" });
  }, [part, of]);
  return (
    <View ref={box} className="gap-2">
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        {PARTS[of][0]}
      </Txt>
      {children}
      {note ? <Txt tone="ink2">{note}</Txt> : null}
    </View>
  );
}
