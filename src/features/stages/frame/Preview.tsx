import { useEffect, useRef, useState } from "react";
import { Pressable, View } from "react-native";
import { previewAt } from "@/core/judge";
import { shutterSeconds } from "@/core/exposure";
import {
  deliveredPerPixel,
  fallLength,
  pictureOf,
  roomAhead,
  type Falling,
  type PictureAsked,
} from "@/core/picture";
import { setFalling } from "@/outing/edits";
import { Segmented } from "@/ui/controls/Segmented";
import type { OutingView } from "@/outing/outing-view";
import { Txt } from "@/ui/controls/Txt";
import { measureOf, phaseOf, placedFigure } from "@/ui/figures/silhouettes";
import { useSize } from "@/ui/layout/use-size";
import { useThemeName } from "@/ui/theme/theme";
import {
  fallingWords,
  isoWords,
  numberWords,
  ofHundred,
  roomWords,
  shutterWords,
  twoFigures,
  verdictWords,
} from "@/words";
import type { RenderedPicture } from "@/workers/long-work";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";
import { useRun } from "../../outing/use-run";

/** Clicks between the pictures that stand side by side. */
const STOP = 3;
/** Px of the drawings: the chosen picture, its neighbours, the loupe. */
const WIDE = { chosen: 360, beside: 168, loupe: 168 };
/** Milliseconds without a change after which pictures are made. */
const QUIET = 150;

interface Asked {
  readonly name: string;
  /** What is said under it. */
  readonly under: string;
  readonly picture: PictureAsked;
}

type Looked = Pick<OutingView, "input" | "found" | "frame"> & { readonly falling?: Falling };

/** What is drawn: the chosen shutter sharp and as it is, a stop slower, a stop faster, and a piece of the delivery one to one. */
function askedOf({ input, found, frame: view, falling }: Looked, upright: boolean): readonly Asked[] {
  if (!input || !found || !view) return [];
  const { aloft } = view;
  const figure = placedFigure(input.subject.figure ?? "standing", measureOf(input.subject), {
    turn: found.sighting.faceTurn,
    phase: phaseOf(input.shot.intent),
    heads: view.heads,
    aloft,
  });
  const { shutter } = found.settings.settings;
  const { first, last } = found.settings.rails.shutter;
  const base = { input, found, view, figure, falling };
  const wide = (px: number): number => Math.round(upright ? px * Math.max(0.5, view.aspect) : px);
  const whole = { ...base, shutter, width: wide(WIDE.chosen) };
  const beside = [shutter - STOP, shutter + STOP].filter((click) => click >= first && click <= last);
  const top = figure.flatMap((p) => p.outline).reduce((a, b) => (b[1] > a[1] ? b : a), [0, 0] as const);
  const at = {
    across: top[0] * view.metreAcross,
    up: (aloft ? 0 : view.feet) + top[1] * 0.92 * view.metreUp,
  };
  const one = deliveredPerPixel({ ...whole, width: WIDE.loupe });
  const under = (click: number): string => {
    const there = previewAt(input, found, click);
    return `${isoWords(there.iso)}: ${there.partName} ${twoFigures(there.blurPx)} px, ${verdictWords(there.verdict)}, ${ofHundred(there.chance)}`;
  };
  return [
    { name: shutterWords(shutter), under: under(shutter), picture: whole },
    { name: "sharp", under: "", picture: { ...whole, sharp: true } },
    ...beside.map((click) => ({
      name: shutterWords(click),
      under: under(click),
      picture: { ...base, shutter: click, width: wide(WIDE.beside) },
    })),
    {
      name: "One to one",
      under: "a piece of the delivery",
      picture: { ...base, shutter, width: WIDE.loupe, zoom: Math.max(1, one), at },
    },
  ];
}

/** The picture before it is taken: at the chosen shutter and a stop either side, and a piece of it as it is delivered. */
export function Preview() {
  const view = useOuting((v) => v);
  const [asked, setAsked] = useState<readonly Asked[]>([]);
  const { state, start } = useRun<{ asked: readonly Asked[]; made: RenderedPicture[] }>();
  const { input, found, frame } = view;
  const falling = view.outing.weather?.falls;
  useEffect(() => {
    const timer = setTimeout(() => {
      const next = askedOf({ input, found, frame, falling }, (frame?.aspect ?? 1) < 1);
      setAsked(next);
      if (next.length > 0)
        void start(
          "pictures",
          next.map(({ picture }) => pictureOf(picture)),
          (made) => ({ asked: next, made }),
        );
    }, QUIET);
    return () => clearTimeout(timer);
    // `start` is made anew at each drawing; what is asked decides.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [input, found, frame, falling]);
  // The last answer stands while the next is made.
  const [shown, setShown] = useState<{ asked: readonly Asked[]; made: RenderedPicture[] }>();
  if (state.kind === "done" && state.value !== shown) setShown(state.value);
  if (state.kind === "failed") return <Txt>This browser makes no pictures beside the page.</Txt>;
  if (!shown) return <Txt tone="ink2">One moment</Txt>;
  return (
    <View className="gap-4">
      <Made asked={shown.asked} made={shown.made} busy={asked !== shown.asked} />
      <Falls />
    </View>
  );
}

const FALLS = [
  { key: "nothing", label: "Nothing" },
  { key: "rain", label: "Rain" },
  { key: "snow", label: "Snow" },
] as const;

/** What falls over the outing, and how long each of it is in the picture. */
function Falls() {
  const falls = useOuting((v) => v.outing.weather?.falls);
  const shutter = useFound((f) => f.settings.settings.shutter);
  const commit = useCommit();
  return (
    <View className="gap-1">
      <Segmented
        label="What falls"
        segments={FALLS}
        chosen={falls ?? "nothing"}
        onChoose={(key) => void commit(setFalling(key === "nothing" ? undefined : key))}
      />
      {falls && (
        <Txt tone="ink2">{fallingWords(falls, fallLength(falls, shutterSeconds(shutter)), shutter)}</Txt>
      )}
    </View>
  );
}

interface MadeProps {
  readonly asked: readonly Asked[];
  readonly made: readonly RenderedPicture[];
  readonly busy: boolean;
}

function Made({ asked, made, busy }: MadeProps) {
  const [sharp, setSharp] = useState(false);
  const [size, onLayout] = useSize();
  const of = (name: string): number => asked.findIndex((a) => a.name === name);
  const chosen = asked[0]!;
  const shown = made[sharp ? of("sharp") : 0]!;
  const loupe = of("One to one");
  const scale = Math.min(1.6, (size?.width ?? shown.width) / shown.width);
  const px = deliveredPerPixel(chosen.picture);
  return (
    <View className="gap-3" onLayout={onLayout} aria-busy={busy}>
      <Pressable
        role="button"
        aria-label={`The picture at ${chosen.name}. Hold to see it sharp`}
        onPressIn={() => setSharp(true)}
        onPressOut={() => setSharp(false)}
      >
        <Shown picture={shown} width={shown.width * scale} label={sharp ? "Sharp" : `At ${chosen.name}`} />
        {!sharp && <Thirds width={shown.width * scale} height={shown.height * scale} />}
      </Pressable>
      <View>
        <Txt size={20} weight={700}>
          {chosen.name}
        </Txt>
        <Txt>{chosen.under}</Txt>
        <Txt>{roomWords(roomAhead(chosen.picture))}</Txt>
        <Txt size={14} tone="ink2">
          {`Press and hold to see it sharp. One pixel here is ${numberWords(px / scale, 1)} of the delivery.`}
        </Txt>
      </View>
      <View className="flex-row flex-wrap gap-3">
        {asked.map(({ name, under }, i) =>
          i < 2 ? null : (
            <View key={name} style={{ width: WIDE.beside }}>
              <Shown
                picture={made[i]!}
                width={made[i]!.width}
                label={i === loupe ? "A piece of the delivery, one to one" : `At ${name}`}
              />
              <Txt weight={700}>{name}</Txt>
              <Txt size={14} tone="ink2">
                {under}
              </Txt>
            </View>
          ),
        )}
      </View>
    </View>
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

/** In a hide the screen gives no white light: the picture is dim and of the theme's one hue there. */
const IN_THE_DARK = { filter: "grayscale(1) sepia(1) saturate(2.2) brightness(0.45)" };

/** A picture on a canvas. */
function Shown({ picture, width, label }: { picture: RenderedPicture; width: number; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const theme = useThemeName();
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const image = context.createImageData(picture.width, picture.height);
    image.data.set(picture.bytes);
    context.putImageData(image, 0, 0);
  }, [picture]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      width={picture.width}
      height={picture.height}
      style={{
        width,
        height: (width * picture.height) / picture.width,
        display: "block",
        borderRadius: 6,
        ...(theme === "hide" && IN_THE_DARK),
      }}
    />
  );
}
