import type { ReactNode } from "react";
import { useWindowDimensions, View } from "react-native";
import { blur, type Blur as BlurAnswer } from "@/answers/expose/blur";
import type { PartMotion, Rung } from "@/core/judge";
import type { BlurSource } from "@/core/motion";
import { BarToMark } from "@/ui/charts/BarToMark";
import { StackedBar } from "@/ui/charts/StackedBar";
import { Txt, type Tone } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { blurSourceWords, shutterWords, twoFigures } from "@/words";
import type { OutingView } from "@/outing/outing-view";
import { useFound, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { SumText } from "../../reasons/SumText";
import { Yours } from "../../reasons/Yours";

/** Rungs of the ladder either side of the shutter found where there is little room. */
const RUNGS_NARROW = 1;
/** The longest bar of the ladder, in tolerances of the part that may smear most: what is longer runs out of its cell. */
const LONGEST = 1.4;
/** Px of width under which the ladder has fewer rungs. */
const NARROW = 380;

const TONES: Readonly<Record<PartMotion["verdict"], Tone>> = {
  held: "moss",
  "mostly-held": "moss",
  "at-the-edge": "ink",
  lost: "bracken",
};

const pixelsOf =
  ({ deliveredPixelUm }: Pick<BlurAnswer, "deliveredPixelUm">) =>
  (um: number): string =>
    twoFigures(um / deliveredPixelUm);

/** The blur of the part that has to hold against what is allowed it. */
export const blurAnswer = (view: OutingView): string => {
  const answer = blur(view);
  if (!answer) return "";
  const { held } = answer;
  const px = pixelsOf(answer);
  return `${held.name} ${px(held.blurUm)} px of ${px(held.toleranceUm)}`;
};

/** The blur budget in pixels of the delivered picture, and what each part smears at the neighbouring shutters. */
export function Blur() {
  const tokens = useTokens();
  const answer = useOuting(blur);
  const line = useOuting(blurAnswer);
  if (!answer) return null;
  const { held, shares } = answer;
  const allowed = `${pixelsOf(answer)(held.toleranceUm)} px allowed`;
  const colours: Record<BlurSource, string> = {
    motion: tokens.water,
    shake: tokens.sun,
    defocus: tokens.ink2,
    diffraction: tokens.sunFill,
    pixel: tokens.line,
  };
  const bars = shares.map(({ source, share }) => ({
    key: source,
    colour: colours[source],
    words: source === "motion" ? held.name : blurSourceWords(source),
    share,
  }));
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center justify-between gap-x-4">
        <SumText
          of="blurPx"
          title="Blur of what has to hold"
          words={line}
          size={20}
          weight={700}
          tone={held.verdict === "lost" ? "bracken" : "ink"}
        />
        <SumText of="tolerancePx" title="Blur that is allowed" words={allowed} tone="ink2" />
      </View>
      <AskSum of="blur" title="Blur by its sources" says="Blur by source, its sum">
        <StackedBar label="Blur by source" parts={bars} />
      </AskSum>
      <Yours of="tracking" />
      <Yours of="pan" />
      <Ladder answer={answer} />
      <Txt size={14} tone="ink2">
        In pixels of the delivered picture, drawn to one scale; the stroke is what is allowed. ✕ means lost:
        fewer than 20 of 100 frames hold.
      </Txt>
    </View>
  );
}

interface CellProps {
  readonly part: PartMotion;
  readonly rung: Rung;
  /** Of a head that is framed alone nothing else is in the picture, and has no sum. */
  readonly opens: boolean;
  readonly says: string;
  readonly children: ReactNode;
}

/** The smear of a part at a shutter, a press away from its sum there. */
function Cell({ part: { partId, name }, rung: { shutter }, opens, says, children }: CellProps) {
  const settings = useFound((f) => f.settings.settings);
  if (!opens) return children;
  const title = `${name} at ${shutterWords(shutter)}`;
  return (
    <AskSum
      of="blurPx"
      where={{ locked: { ...settings, shutter }, partId }}
      title={`Blur of the ${title}`}
      says={`${title}: ${says} px`}
      byTab={shutter === settings.shutter}
    >
      {children}
    </AskSum>
  );
}

/** Parts down, shutters across, the smear where they meet; the shutter found stands in the middle, bold. */
function Ladder({ answer }: { answer: BlurAnswer }) {
  const found = useFound((f) => f);
  const headAlone = useOuting((v) => v.shot.part === "head");
  const { width } = useWindowDimensions();
  const px = pixelsOf(answer);
  const at = found.settings.settings.shutter;
  const middle = answer.ladder.findIndex((rung) => rung.shutter === at);
  const longest = LONGEST * Math.max(...found.motion.parts.map((part) => part.toleranceUm));
  const rungs =
    width < NARROW
      ? answer.ladder.slice(Math.max(0, middle - RUNGS_NARROW), middle + RUNGS_NARROW + 1)
      : answer.ladder;
  return (
    <View role="table" aria-label="Blur by shutter">
      <View role="row" className="min-h-8 flex-row items-center border-b border-line">
        <View role="columnheader" className="w-[80px]">
          <Txt size={14} tone="ink2">
            blur in px
          </Txt>
        </View>
        {rungs.map((rung) => (
          <View role="columnheader" key={rung.shutter} className="flex-1">
            <Txt size={14} weight={rung.shutter === at ? 700 : 400} className="text-right" numberOfLines={1}>
              {shutterWords(rung.shutter)}
            </Txt>
          </View>
        ))}
      </View>
      {found.motion.parts.map((part, i) => (
        <View role="row" key={part.partId} className="min-h-12 flex-row items-center border-b border-line">
          <View role="rowheader" className="w-[80px]">
            <Txt weight={part.partId === found.motion.held.partId ? 700 : 400}>{part.name}</Txt>
          </View>
          {rungs.map((rung) => {
            const there = rung.parts[i]!;
            // Legs that streak are what a pan is for, and no fault.
            const wanted = found.motion.pan !== undefined && part.partId !== found.motion.held.partId;
            const moved = there.verdict === "lost" && !wanted;
            return (
              <View role="cell" key={rung.shutter} className="flex-1">
                <Cell
                  part={part}
                  rung={rung}
                  opens={!headAlone || part.partId === found.motion.held.partId}
                  says={px(there.blurUm)}
                >
                  <Txt
                    weight={rung.shutter === at ? 700 : 400}
                    tone={wanted ? "ink" : TONES[there.verdict]}
                    className="text-right"
                  >
                    {`${px(there.blurUm)}${moved ? " ✕" : ""}`}
                  </Txt>
                  <BarToMark
                    share={there.blurUm / longest}
                    mark={there.toleranceUm / longest}
                    tone={wanted ? "ink" : TONES[there.verdict]}
                  />
                </Cell>
              </View>
            );
          })}
        </View>
      ))}
    </View>
  );
}
