import { useMemo } from "react";
import { Image, View } from "react-native";
import { asWritten, pictureTells } from "@/answers/expose/picture-light";
import { nameMarked } from "@/outing/people/refused";
import { takenFrom } from "@/answers/run/where-am-i";
import { framesByEvent, type FrameTold } from "@/outing/tags/frames-in";
import { keepReading, readingFrom } from "@/outing/edits/reading";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { countWords, pictureSaysWords, settingsWords } from "@/words";
import { clockWords, framesAtEvent, framesForShot, lineWords } from "@/words/connected";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { usePlace } from "../../../device/place";
import { useTags, useTagsRead } from "../who-was-that/tag-store";
import { useCamera, type FrameIn } from "./camera-store";
import { useFramesIn } from "./frames-in-store";

/** Frames as they come in from the camera on the cable. */
export function CameraLine() {
  const { store } = useOpenOuting();
  const found = useOuting((v) => v.found);
  const { state, frame, join, leave } = useCamera();
  const on = state === "on" || state === "joining" || state === "cut-off";
  const begin = (): void => {
    const { found: now, rig } = store.getState().view;
    if (!now || !rig) return;
    const { framesPerSecond, frameMb, bufferMb } = rig.body;
    join({
      ...asWritten(now.settings.settings),
      focalLengthMm: now.sighting.frame.focalLengthMm,
      body: { framesPerSecond, frameMb, bufferMb },
      inHand: () => {
        const { outing, shot, position } = store.getState().view;
        const positionId = takenFrom(outing.ground, usePlace.getState().fix, position?.id);
        return { outingId: outing.id, shotId: shot.id, positionId };
      },
    });
  };
  return (
    <View role="group" aria-label="Camera on a cable" className="gap-2">
      <Txt weight={700}>Camera on a cable, a stand-in</Txt>
      <Txt tone={state === "failed" ? "bracken" : "ink2"} aria-live="polite">
        {found ? lineWords("camera", state) : "Choose where to stand first: it is set as the card says."}
      </Txt>
      {frame && <LastFrame frame={frame} />}
      <FramesIn />
      {found && (
        <Button
          label={on ? "Leave the camera" : "Join the camera"}
          kind={on ? "plain" : "outlined"}
          onPress={on ? leave : begin}
        />
      )}
    </View>
  );
}

/** What came in so far: for which shot, and at which event of whom. */
function FramesIn() {
  const outing = useOuting((v) => v.outing);
  const frames = useFramesIn((s) => s.frames[outing.id] ?? NONE);
  const tags = useTags((s) => s.tags);
  useTagsRead();
  const { shots, people } = outing;
  const events = useMemo(() => framesByEvent(outing, frames, tags), [outing, frames, tags]);
  return (
    <>
      {shots.map((s) => {
        const count = frames.filter((f) => f.shotId === s.id).length;
        return count > 0 ? <Txt key={s.id}>{framesForShot(count, s.name, s.wanted)}</Txt> : null;
      })}
      {events
        .filter((e) => e.eventId !== undefined)
        .map((e) => (
          <Txt key={e.eventId} tone="ink2">
            {framesAtEvent(
              e.frames,
              e.name,
              e.who.map((name) => nameMarked(name, people)),
              e.from,
            )}
          </Txt>
        ))}
    </>
  );
}

const NONE: readonly FrameTold[] = [];

/** The last frame: what it was set to, how far off it was, what is left; a press keeps it as a reading. */
function LastFrame({ frame }: { frame: FrameIn }) {
  const { store } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  const rig = useOuting((v) => v.rig);
  const says = frame.metered && pictureTells({ rig }, frame.metered);
  const clicks = says?.kind === "off" ? Math.round(3 * says.stops) : undefined;
  const keep = async (): Promise<void> => {
    const { found, outing } = store.getState().view;
    if (!found || clicks === undefined) return;
    if (await commit(keepReading(readingFrom(found, outing, clicks, frame.settings))))
      toast({ words: "Kept as a reading: the card follows it." });
  };
  return (
    <View className="gap-2">
      <View className="flex-row items-center gap-3">
        <Image
          source={{ uri: frame.picture }}
          accessibilityLabel="The last frame, small"
          style={{ width: 96, height: 64 }}
        />
        <View className="min-w-0 flex-1">
          <Txt weight={700}>{settingsWords(frame.settings)}</Txt>
          <Txt>{says ? pictureSaysWords(says) : "The picture cannot be read."}</Txt>
        </View>
      </View>
      <Txt tone={frame.bufferFrames < 5 ? "bracken" : "ink2"}>
        {`Buffer: ${countWords(frame.bufferFrames, "frame")} more. Card: ${(frame.cardMb / 1000).toFixed(1)} GB free. ${clockWords(frame.clockAhead)}`}
      </Txt>
      {clicks !== undefined && <Button label="Keep it as a reading" onPress={() => void keep()} />}
    </View>
  );
}
