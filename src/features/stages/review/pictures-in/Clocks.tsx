import { useState } from "react";
import { View } from "react-native";
import type { BodyClock } from "@/data/schema/frame";
import { agreementOf, bodiesOf, UNSET_ERROR } from "@/outing/frames/bursts";
import { Button } from "@/ui/controls/Button";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { percentWords } from "@/words";
import { aheadWords, errorWords, framesWords, setByWords } from "@/words/frames";
import { useOuting } from "../../../outing/use-outing";
import { useTags } from "../../run/who-was-that/tag-store";
import { useFrames } from "../frames/frames-store";
import { LargeClock } from "./LargeClock";
import { BodyDays } from "./BodyDays";

/** The clock of each body: how far it is ahead, how that is known, and the ways to set it. */
export function Clocks() {
  const frames = useFrames((s) => s.frames);
  const clocks = useFrames((s) => s.clocks);
  const [isClock, setClock] = useState(false);
  const bodies = bodiesOf(frames);
  return (
    <View className="gap-2">
      <View role="list" aria-label="Clocks of the cameras" className="gap-2">
        {bodies.map(({ body, frames: count }) => (
          <BodyLine key={body} body={body} frames={count} clock={clocks.find((c) => c.body === body)} />
        ))}
      </View>
      {bodies.length > 1 && <BodyDays bodies={bodies.map((b) => b.body)} />}
      <Button label="Show a large clock to photograph" onPress={() => setClock(true)} />
      <Txt size={14} tone="ink2">
        Photograph it with each body, read the pictures in, open that frame in the contact sheet and type what
        it shows.
      </Txt>
      {isClock && <LargeClock onClose={() => setClock(false)} />}
    </View>
  );
}

/** Seconds within which a clock is set by hand. */
const FARTHEST = 200_000;

/** Seconds either way of a clock that is set by hand, until another error is told (assumed). */
const BY_HAND = 2;

function BodyLine({
  body,
  frames: count,
  clock,
}: {
  body: string;
  frames: number;
  clock: BodyClock | undefined;
}) {
  const frames = useFrames((s) => s.frames);
  const all = useFrames((s) => s.clocks);
  const putClocks = useFrames((s) => s.putClocks);
  const [isByHand, setByHand] = useState(false);
  const set = (next: BodyClock): void => void putClocks([...all.filter((c) => c.body !== body), next]);
  const byHand: BodyClock = {
    ...(clock ?? { ahead: 0, error: BY_HAND, drift: 0, at: frames[0]!.taken }),
    body,
    by: "hand",
  };
  const known = clock
    ? `${aheadWords(clock.ahead)}, ${errorWords(clock.error)}, ${setByWords(clock.by)}${driftWords(clock.drift)}`
    : `as it is, ${errorWords(UNSET_ERROR)}: nobody has set it`;
  return (
    <View role="listitem" className="gap-1 border-b border-line pb-2">
      <View className="flex-row items-center gap-2">
        <View className="min-w-0 flex-1">
          <Txt weight={600}>{`${body}, ${framesWords(count)}`}</Txt>
          <Txt tone={clock ? "ink" : "bracken"}>{known}</Txt>
        </View>
        <Button
          label="By hand"
          says={`Set the clock of ${body} by hand`}
          kind="plain"
          expanded={isByHand}
          onPress={() => setByHand(!isByHand)}
        />
      </View>
      {!clock && <Agreements body={body} onSet={set} />}
      {isByHand && (
        <View className="flex-row gap-4">
          <NumberField
            label={`${body} is ahead by`}
            unit="s"
            value={byHand.ahead}
            min={-FARTHEST}
            max={FARTHEST}
            onChange={(ahead) => set({ ...byHand, ahead })}
          />
          <NumberField
            label="Give or take"
            unit="s"
            value={byHand.error}
            min={0.1}
            max={3600}
            onChange={(error) => set({ ...byHand, error })}
          />
        </View>
      )}
    </View>
  );
}

const driftWords = (drift: number): string =>
  Math.abs(drift) < 0.5
    ? ""
    : `, ${drift > 0 ? "gains" : "loses"} ${Math.abs(Math.round(drift * 10) / 10)} s a day`;

/** Settings that agree equally well with the day: nothing is decided, each can be taken. */
function Agreements({ body, onSet }: { body: string; onSet: (clock: BodyClock) => void }) {
  const outing = useOuting((v) => v.outing);
  const frames = useFrames((s) => s.frames);
  const tags = useTags((s) => s.tags);
  const found = agreementOf(outing, frames, tags, body);
  if (!found.ok)
    return (
      <Txt size={14} tone="ink2">
        No programme and no tag to hold its bursts against: photograph a clock.
      </Txt>
    );
  return (
    <View className="gap-1">
      <Txt size={14} tone="ink2">
        {found.value.length > 1 ? "These agree with the day equally well:" : "This agrees with the day:"}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {found.value.map(({ clock, tags: behind, within }) => (
          <Button
            key={clock.ahead}
            label={`${aheadWords(clock.ahead)} (${percentWords(within)} in events${behind > 0 ? `, ${behind} tags` : ""})`}
            onPress={() => onSet({ body, ...clock, by: "agreement" })}
          />
        ))}
      </View>
    </View>
  );
}
