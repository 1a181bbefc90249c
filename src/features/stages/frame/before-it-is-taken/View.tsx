import { useEffect, useState } from "react";
import { Pressable, View } from "react-native";
import {
  fallOf,
  previewsOf,
  type Piece,
  PREVIEW_WIDTHS,
  quickPicture,
  type Asked,
  type Previews,
} from "@/answers/frame/before-it-is-taken";
import { companyKind } from "@/answers/frame/company";
import type { ComparedBy } from "@/answers/frame/compared";
import { setFalling } from "@/outing/edits";
import { Segmented } from "@/ui/controls/Segmented";
import type { OutingView } from "@/outing/outing-view";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { fallingWords, numberWords, roomWords, shutterWords } from "@/words";
import type { RenderedPicture } from "@/workers/long-work";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { besideOf, figureOf } from "@/answers/frame/figure-of";
import { ShownPicture } from "../../../outing/ShownPicture";
import { useRun } from "../../../outing/use-run";
import { comesOutWords } from "./comes-out-words";
import { Compare } from "./Compare";
import { SavePicture } from "./SavePicture";

/** Milliseconds without a change after which pictures are made. */
const QUIET = 150;

/** The pictures of the shot in hand, the subject drawn as it is seen from here. */
const previewsAsked = (
  view: Pick<OutingView, "input" | "found" | "frame" | "outing">,
  withOthers: boolean,
): Previews | undefined => previewsOf(view, figureOf(view), withOthers ? besideOf(view) : []);

const nameOf = ({ of, shutter }: Asked): string =>
  ({
    chosen: shutterWords(shutter),
    sharp: "Sharp",
    beside: shutterWords(shutter),
    loupe: "As delivered",
    sensor: "One to one",
    print: "As a print",
  })[of];

/** What a piece of the picture is. */
const PIECES: Readonly<Record<Piece, string>> = {
  loupe: "a piece of the delivery, a pixel of it as one here",
  sensor: "a piece of the file, a pixel of it as one here",
  print: "a piece of a large print at arm’s length",
};
const pieceWords = (of: Asked["of"]): string | undefined => (of in PIECES ? PIECES[of as Piece] : undefined);

/** The picture before it is taken: at the chosen shutter and a stop either side, and a piece of it as it is delivered. */
export function Preview() {
  const view = useOuting((v) => v);
  const [asked, setAsked] = useState<Previews>();
  const { state, start } = useRun<{ asked: Previews; made: RenderedPicture[] }>();
  const { input, found, frame, outing } = view;
  const falling = outing.weather?.falls;
  const company = companyKind(view.subject);
  const [withOthers, setWithOthers] = useState(true);
  useEffect(() => {
    let isOver = false;
    const timer = setTimeout(() => {
      const next = previewsAsked({ input, found, frame, outing }, withOthers);
      setAsked(next);
      if (!next) return;
      // First the chosen one at half its size, then all of them whole.
      void start("pictures", [quickPicture(next)], (made) => ({ asked: next, made })).then(() => {
        if (!isOver)
          void start(
            "pictures",
            next.pictures.map(({ picture }) => picture),
            (made) => ({ asked: next, made }),
          );
      });
    }, QUIET);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
    // `start` is made anew at each drawing, and of the outing what falls counts alone; what is asked decides.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [input, found, frame, falling, withOthers]);
  // The last answer stands while the next is made.
  const [shown, setShown] = useState<{ asked: Previews; made: RenderedPicture[] }>();
  if (state.kind === "done" && state.value !== shown) setShown(state.value);
  if (state.kind === "failed") return <Txt>This browser makes no pictures beside the page.</Txt>;
  if (!shown) return <Txt tone="ink2">One moment</Txt>;
  return (
    <View className="gap-4">
      <Made
        asked={shown.asked}
        made={shown.made}
        busy={asked !== shown.asked || shown.made.length < shown.asked.pictures.length}
        withOthers={withOthers}
      />
      {company && (
        <Segmented
          label="About it"
          segments={OTHERS}
          chosen={withOthers ? "others" : "alone"}
          onChoose={(key) => setWithOthers(key === "others")}
        />
      )}
      <Falls />
      <SavePicture asked={shown.asked} />
    </View>
  );
}

const OTHERS = [
  { key: "others", label: "Others about it" },
  { key: "alone", label: "Alone" },
] as const;

const BY = [
  { key: "stop", label: "A stop" },
  { key: "place", label: "A place" },
  { key: "hour", label: "An hour" },
  { key: "lens", label: "A lens" },
] as const satisfies readonly { readonly key: ComparedBy | "stop"; readonly label: string }[];

const FALLS = [
  { key: "nothing", label: "Nothing" },
  { key: "rain", label: "Rain" },
  { key: "snow", label: "Snow" },
] as const;

/** What falls over the outing, and how long each of it is in the picture. */
function Falls() {
  const view = useOuting((v) => v);
  const fall = fallOf(view);
  const commit = useCommit();
  return (
    <View className="gap-1">
      <Segmented
        label="What falls"
        segments={FALLS}
        chosen={view.outing.weather?.falls ?? "nothing"}
        onChoose={(key) => void commit(setFalling(key === "nothing" ? undefined : key))}
      />
      {fall && <Txt tone="ink2">{fallingWords(fall.falls, fall.metres, fall.shutter)}</Txt>}
    </View>
  );
}

interface MadeProps {
  readonly asked: Previews;
  readonly made: readonly RenderedPicture[];
  readonly busy: boolean;
  readonly withOthers: boolean;
}

function Made({ asked, made, busy, withOthers }: MadeProps) {
  const [by, setBy] = useState<ComparedBy | "stop">("stop");
  const [sharp, setSharp] = useState(false);
  const [size, onLayout] = useSize();
  const { pictures, perPixel, room } = asked;
  const at = (of: Asked["of"]): number => pictures.findIndex((a) => a.of === of);
  const chosen = pictures[at("chosen")]!;
  const shown = made[at(sharp ? "sharp" : "chosen")] ?? made[0]!;
  const { width } = asked.whole;
  const scale = Math.min(1.6, (size?.width ?? width) / width);
  const high = (shown.height * width) / shown.width;
  return (
    <View className="gap-3" onLayout={onLayout} aria-busy={busy}>
      <Pressable
        role="button"
        aria-label={`The picture at ${nameOf(chosen)}. Hold to see it sharp`}
        onPressIn={() => setSharp(true)}
        onPressOut={() => setSharp(false)}
      >
        <ShownPicture
          picture={shown}
          width={width * scale}
          label={sharp ? "Sharp" : `At ${nameOf(chosen)}`}
        />
        {!sharp && <Thirds width={width * scale} height={high * scale} />}
      </Pressable>
      <View>
        <Txt size={20} weight={700}>
          {nameOf(chosen)}
        </Txt>
        <Under of={chosen} />
        <SumText of={["room", asked]} title="Free ahead" words={roomWords(room)} />
        <Txt size={14} tone="ink2">
          {`Press and hold to see it sharp. One pixel here is ${numberWords(perPixel / scale, 1)} of the delivery.`}
        </Txt>
      </View>
      <Segmented label="Side by side" segments={BY} chosen={by} onChoose={setBy} />
      {by === "stop" ? (
        <View className="flex-row flex-wrap gap-3">
          {pictures.map((one, i) =>
            one.of === "chosen" || one.of === "sharp" || !made[i] || made.length < pictures.length ? null : (
              <View key={nameOf(one)} style={{ width: PREVIEW_WIDTHS.beside }}>
                <ShownPicture
                  picture={made[i]}
                  width={made[i].width}
                  label={pieceWords(one.of) ?? `At ${nameOf(one)}`}
                />
                <Txt weight={700}>{nameOf(one)}</Txt>
                <Under of={one} small />
              </View>
            ),
          )}
        </View>
      ) : (
        <Compare by={by} withOthers={withOthers} />
      )}
    </View>
  );
}

/** What is said of a picture, a press away from the sum of its share of frames; the piece of it says no number. */
function Under({ of, small = false }: { of: Asked; small?: boolean }) {
  const look = small ? ({ size: 14, tone: "ink2" } as const) : {};
  const aperture = useFound((f) => f.settings.settings.aperture);
  const piece = pieceWords(of.of);
  if (piece) return <Txt {...look}>{piece}</Txt>;
  return (
    <SumText
      of="chance"
      where={{ locked: { shutter: of.shutter, aperture, iso: of.there.iso } }}
      title={`Frames that hold at ${shutterWords(of.shutter)}`}
      words={comesOutWords(of.there)}
      {...look}
    />
  );
}

/** The lines at the thirds of a picture. */
const Thirds = ({ width, height }: { width: number; height: number }) => (
  <View aria-hidden pointerEvents="none" className="absolute left-0 top-0" style={{ width, height }}>
    {[1 / 3, 2 / 3].map((share) => (
      <View key={share}>
        <View className="absolute bg-sheet opacity-40" style={{ left: share * width, width: 1, height }} />
        <View className="absolute bg-sheet opacity-40" style={{ top: share * height, height: 1, width }} />
      </View>
    ))}
  </View>
);
