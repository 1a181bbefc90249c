import { ScrollView, View } from "react-native";
import { comingUp, modeFor, type Assessment } from "@/core/judge";
import type { Rail } from "@/core/exposure";
import { Txt } from "@/ui/controls/Txt";
import { useWide } from "@/ui/layout/useWide";
import {
  apertureWords,
  breakWords,
  isoWords,
  changedWords,
  modeSentence,
  shutterWords,
  stopsNoun,
} from "@/words";
import { useOuting } from "../stage/outing-context";
import { OutingStrip } from "../stage/OutingStrip";
import { NoPlace, ShotInHand } from "../stage/ShotInHand";
import { StageFrame } from "../stage/StageFrame";
import { Judgements } from "../stage/Judgements";
import { ReadingKeys } from "./ReadingKeys";

/** Run: the field card, what to set now and what changes next. */
export function RunScreen() {
  const { inHand } = useOuting();
  const wide = useWide();
  const found = inHand?.ok ? inHand : undefined;
  return (
    <StageFrame stage="run">
      <View className={`min-h-0 w-full flex-1 ${wide ? "max-w-[720px] self-center px-6" : ""}`}>
        <ScrollView className="flex-1" contentContainerClassName="grow px-4 pb-3">
          {found ? <FieldCard found={found} /> : <NoPlace />}
        </ScrollView>
        {found && <ReadingKeys found={found} />}
        <OutingStrip folded={!wide} />
      </View>
    </StageFrame>
  );
}

/** Milliseconds ahead over which one way of exposing has to do. */
const AHEAD = 30 * 60_000;

function FieldCard({ found }: { found: Assessment }) {
  const { timeline, wall, scene } = useOuting();
  const { settings } = found.settings;
  const next = comingUp(timeline, { at: found.at, settings }, 2);
  const mode = modeFor({
    timeline,
    at: found.at,
    ahead: AHEAD,
    ev: found.light.ev.value,
    dayShare: found.light.dayShare,
    zones: scene.ground.zones,
  });
  const cautions = found.judgement.filter((j) => j.weight !== "note");
  return (
    <View>
      <ShotInHand />
      <CardLine value={shutterWords(settings.shutter)} name="shutter" found={found} rail="shutter" />
      <CardLine value={apertureWords(settings.aperture)} name="aperture" found={found} rail="aperture" />
      <CardLine value={isoWords(settings.iso).slice(4)} name="ISO" found={found} rail="iso" />
      <View className="gap-1 pt-3" aria-label="What changes next">
        {next.map((coming) => (
          <Txt key={coming.code} size={20}>
            <Txt
              size={20}
              weight={700}
            >{`${coming.code === "settings" ? "by " : ""}${wall(coming.at)} `}</Txt>
            {[
              coming.code === "settings" ? "" : breakWords(coming.code),
              changedWords(settings, coming.settings),
            ]
              .filter(Boolean)
              .join(": ")}
          </Txt>
        ))}
        {next.length === 0 && <Txt size={18}>Nothing changes until the end.</Txt>}
        <Txt tone="ink2">{modeSentence(mode)}</Txt>
        <Judgements items={cautions.slice(0, 2)} />
      </View>
    </View>
  );
}

interface LineProps {
  readonly value: string;
  readonly name: string;
  readonly rail: Rail;
  readonly found: Assessment;
}

/** One setting, as large as the card allows, with what was done to it. */
function CardLine({ value, name, rail, found }: LineProps) {
  const { rails, taken } = found.settings;
  const lift = taken.find((t) => t.kind === "lift");
  const given = taken.find((t) => t.kind === rail);
  const note = [
    rails[rail].held ? "locked" : "",
    given ? `${stopsNoun(given.clicks)} given up` : "",
    rail === "iso" && lift ? `${stopsNoun(lift.clicks)} to push in post` : "",
  ].filter(Boolean);
  const past = rails[rail].standing !== "inside";
  return (
    <View
      className="min-h-[96px] flex-row items-center justify-between border-b border-line"
      aria-label={`${name} ${value}`}
    >
      <Txt size={64} weight={700} tone={past && !given ? "bracken" : "ink"}>
        {value}
      </Txt>
      <View className="items-end">
        <Txt tone="ink2">{name}</Txt>
        {note.map((words) => (
          <Txt key={words} size={14} tone="ink2">
            {words}
          </Txt>
        ))}
      </View>
    </View>
  );
}
