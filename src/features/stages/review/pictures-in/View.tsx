import { useEffect, useRef, useState } from "react";
import { View } from "react-native";
import { countJudged } from "@/outing/edits";
import { wallDateOf } from "@/data";
import { certainties, ofAnotherDay, type MatchedBurst } from "@/outing/frames/matched";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { countWords } from "@/words";
import { certaintyWords, framesWords, otherDayWords, unreadWords } from "@/words/frames";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { chooseFolder, fromDrop, fromField, givesFolders } from "../frames/choose-pictures";
import { useFilesAtHand } from "../frames/files-at-hand";
import { useFrames } from "../frames/frames-store";
import { isShipped } from "../frames/look-at";
import { usePicturesIn, type Chosen } from "../frames/reading";
import { useDay } from "../frames/use-day";
import { useUnfolded } from "../../screen/unfolded";
import { Clocks } from "./Clocks";
import { OpenBatches } from "./OpenBatches";

/** Endings that a field for files offers. */
const ACCEPT = "image/*,.dng,.nef,.arw,.cr2,.orf,.rw2,.pef,.raf,.heic,.xmp";

/** Pictures of the day: read, their clocks set, what they belong to. */
export function PicturesIn() {
  const { bursts, state: kept } = useDay();
  const frames = useFrames((s) => s.frames);
  const state = usePicturesIn((s) => s.state);
  const isBusy = state.kind === "reading" || state.kind === "keeping";
  const fold = useUnfolded((s) => s.fold);
  // What came in is looked at next.
  const isIn = state.kind === "done" && state.added > 0;
  useEffect(() => {
    if (isIn) fold("contact-sheet", true);
  }, [isIn, fold]);
  return (
    <View className="gap-3">
      {isBusy ? <Progress /> : <Choose isAgain={frames.length > 0} />}
      <Outcome />
      {frames.length > 0 && (
        <>
          <Txt weight={600}>
            {`${framesWords(frames.length)} in ${countWords(bursts.length, "burst")}: ${certaintyWords(certainties(bursts))}.`}
          </Txt>
          <OtherDay bursts={bursts} />
          <Clocks />
          <OpenBatches bursts={bursts} />
          <Forget />
        </>
      )}
      {kept === "read" && frames.length === 0 && !isBusy && (
        <Txt tone="ink2">
          Times, settings, lens and ratings are read; pictures stay where they are and nothing is written into
          them.
        </Txt>
      )}
    </View>
  );
}

/** Frames of another day than the outing: its date or a camera's is wrong, or they belong elsewhere. */
function OtherDay({ bursts }: { bursts: readonly MatchedBurst[] }) {
  const outing = useOuting((v) => v.outing);
  const others = ofAnotherDay(outing, bursts);
  if (others.length === 0) return null;
  const frames = others.reduce((sum, b) => sum + b.frames.length, 0);
  return (
    <Txt tone="bracken">
      {otherDayWords(frames, wallDateOf(others[0]!.from, outing.timeZone), outing.date)}
    </Txt>
  );
}

/** Takes the frames away, and what was said of them; the pictures are not touched. */
function Forget() {
  const removeAll = useFrames((s) => s.removeAll);
  const put = useFrames((s) => s.put);
  const frames = useFrames((s) => s.frames);
  const { change } = useOpenOuting();
  const toast = useToast();
  const forget = async (): Promise<void> => {
    if (!(await removeAll())) return;
    // What was judged of them is counted no longer; where they come back it is counted again.
    void change(countJudged([]));
    toast({ words: `${framesWords(frames.length)} taken away`, undo: () => void put(frames) });
  };
  return <Button label="Take these frames away" kind="plain" onPress={() => void forget()} />;
}

function Choose({ isAgain }: { isAgain: boolean }) {
  const { store } = useOpenOuting();
  const { start, keepsPlace, setKeepsPlace } = usePicturesIn((s) => s);
  const atHand = useFilesAtHand((s) => s.files.size);
  const [isOver, setOver] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const begin = (chosen: Chosen | undefined): void =>
    void (chosen && chosen.files.length > 0 && start(chosen, store.getState().view));
  const isOurs = useFrames((s) => s.frames.some((f) => !isShipped(f)));
  const isLost = isAgain && atHand === 0 && isOurs;
  return (
    <div
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void fromDrop(event.dataTransfer).then(begin);
      }}
    >
      <View className={`gap-2 border-l-4 pl-3 ${isOver ? "border-water" : "border-line"}`}>
        {isLost && (
          <Txt>
            The pictures are not at hand since the page was loaded again. Choose their folder: they are found
            by name, size and time.
          </Txt>
        )}
        <View className="flex-row flex-wrap gap-2">
          {givesFolders() && (
            <Button
              label={isLost ? "Choose the folder again" : "Choose a folder"}
              kind="filled"
              onPress={() => void chooseFolder().then(begin)}
            />
          )}
          <Button
            label="Choose pictures"
            kind={givesFolders() ? "outlined" : "filled"}
            onPress={() => field.current?.click()}
          />
        </View>
        <Txt size={14} tone="ink2">
          {isOver ? "Let go: they are read." : "Or drop a folder or files here."}
        </Txt>
        <CheckRow
          title="Keep where they were taken"
          detail="Coordinates in the files are not kept unless you say so."
          checked={keepsPlace}
          onChange={setKeepsPlace}
        />
        <input
          ref={field}
          type="file"
          multiple
          accept={ACCEPT}
          aria-label="Pictures of this day"
          style={{ display: "none" }}
          onChange={({ target }) => {
            const chosen = target.files && fromField(target.files);
            begin(chosen ?? undefined);
            // The same files can be chosen again.
            target.value = "";
          }}
        />
      </View>
    </div>
  );
}

function Progress() {
  const { state, pause, resume, stop } = usePicturesIn((s) => s);
  if (state.kind === "keeping") return <Txt>{`Keeping ${framesWords(state.frames)}…`}</Txt>;
  if (state.kind !== "reading") return null;
  const { done, total, isPaused } = state;
  return (
    <View className="gap-2">
      <Txt weight={600}>{`${done} of ${total} read${isPaused ? ", paused" : ""}`}</Txt>
      <View
        role="progressbar"
        aria-label="Pictures read"
        aria-valuemin={0}
        aria-valuemax={total}
        aria-valuenow={done}
        className="h-2 bg-line"
      >
        <View className="h-2 bg-water" style={{ width: `${total > 0 ? (100 * done) / total : 0}%` }} />
      </View>
      <View className="flex-row gap-2">
        <Button label={isPaused ? "Go on" : "Pause"} onPress={isPaused ? resume : pause} />
        <Button label="Stop" kind="plain" says="Stop reading; what was read stays" onPress={stop} />
      </View>
    </View>
  );
}

/** Files listed before one asks for the rest. */
const LISTED = 5;

function Outcome() {
  const { state, unread } = usePicturesIn((s) => s);
  const [isAll, setAll] = useState(false);
  const listed = isAll ? unread : unread.slice(0, LISTED);
  return (
    <>
      {state.kind === "done" && (
        <Txt role="status">
          {`${framesWords(state.added)} added${state.known > 0 ? `, ${state.known} known already` : ""}${
            state.isWhole ? "" : ", stopped before the end"
          }.`}
        </Txt>
      )}
      {state.kind === "failed" && (
        <Txt tone="bracken">This browser reads no files beside the page. Try another one.</Txt>
      )}
      {state.kind === "full" && (
        <Txt tone="bracken">
          There is no room for the frames in this browser; nothing of them was kept. Delete an old outing and
          choose them again.
        </Txt>
      )}
      {state.kind === "too-many" && (
        <Txt tone="bracken">
          An outing holds 40 000 frames; nothing of these was kept. Read them in by parts, each day into its
          own outing.
        </Txt>
      )}
      {unread.length > 0 && (
        <View role="list" aria-label="Not read" className="gap-1">
          <Txt weight={600}>{`${countWords(unread.length, "file")} not read`}</Txt>
          {listed.map(({ name, reason }) => (
            <View key={name} role="listitem">
              <Txt size={14}>{`${name}: ${unreadWords(reason)}`}</Txt>
            </View>
          ))}
          {unread.length > listed.length && (
            <Button label={`All ${unread.length}`} kind="plain" onPress={() => setAll(true)} />
          )}
        </View>
      )}
    </>
  );
}
