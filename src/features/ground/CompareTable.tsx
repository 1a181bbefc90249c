import { useMemo } from "react";
import { Pressable, View } from "react-native";
import { walkRound } from "@/core/ground";
import type { Assessment } from "@/core/judge";
import { Txt, type Tone } from "@/ui/controls/Txt";
import {
  apertureWords,
  backgroundWords,
  evWords,
  faceWords,
  isoWords,
  lightSideWords,
  metresWords,
  minutesWords,
  percentWords,
  shutterWords,
  softnessWords,
} from "@/words";
import { editChoice } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";

interface Line {
  readonly name: string;
  readonly words: (a: Assessment) => string;
  readonly bad?: (a: Assessment) => boolean;
}

const has = (code: string) => (a: Assessment) => a.judgement.some((j) => j.code === code);

/** Named after the side that the framing asks for. */
const FILLED = "Fill";

const LINES: readonly Line[] = [
  { name: "Distance", words: (a) => metresWords(a.sighting.distance.value), bad: has("blocked") },
  { name: "Light", words: (a) => lightSideWords(a.light).value, bad: has("sun-in-frame") },
  { name: "On the subject", words: (a) => evWords(a.light.ev.value) },
  { name: FILLED, words: (a) => percentWords(a.sighting.fill.value), bad: has("out-of-reach") },
  { name: "Shutter", words: (a) => shutterWords(a.settings.settings.shutter), bad: has("motion-not-held") },
  { name: "Aperture", words: (a) => apertureWords(a.settings.settings.aperture) },
  { name: "ISO", words: (a) => isoWords(a.settings.settings.iso).slice(4), bad: has("light-short") },
  { name: "Behind", words: (a) => backgroundWords(a.sighting.background) },
  { name: "Softness", words: (a) => softnessWords(a.sighting.background), bad: has("background-busy") },
  { name: "Face", words: (a) => faceWords(a.sighting.faceTurn), bad: has("seen-from-behind") },
];

/** Minutes from the chosen position to another one, round what stands in the way. */
function useWalks(): (id: string) => string {
  const { outing, choice, preferences } = useOuting();
  const { positions, obstacles, noGo } = outing.ground;
  return useMemo(() => {
    const from = positions.find((p) => p.id === choice.positionId);
    return (id: string): string => {
      const to = positions.find((p) => p.id === id);
      if (!from || !to || from === to) return "–";
      const blocks = [...obstacles, ...noGo].map((o) => o.outline);
      const walk = walkRound({ from: from.at, to: to.at, blocks });
      return walk.ok ? minutesWords(walk.value.metres / preferences.walkingPace) : "no way there";
    };
  }, [positions, obstacles, noGo, choice.positionId, preferences.walkingPace]);
}

/** The positions side by side for the shot in hand; a press on a heading stands there. */
export function CompareTable() {
  const { outing, shot, choice, assessments, change } = useOuting();
  const { positions } = outing.ground;
  const walkTo = useWalks();
  const tone = (bad: boolean): Tone => (bad ? "bracken" : "ink");
  return (
    <View role="table" aria-label="Positions compared">
      <View role="row" className="flex-row items-end border-b border-line">
        <View role="columnheader" className="w-[104px]">
          <Txt size={14} tone="ink2">
            From
          </Txt>
        </View>
        {positions.map((p) => (
          <View role="columnheader" key={p.id} className="flex-1">
            <Pressable
              role="button"
              aria-label={`Stand at ${p.name}`}
              aria-pressed={p.id === choice.positionId}
              onPress={() => change(editChoice(shot.id, { positionId: p.id }))}
              className={`min-h-12 items-end justify-center border-b-4 ${p.id === choice.positionId ? "border-water" : "border-transparent"}`}
            >
              <Txt size={20} weight={700} tone="water">
                {p.name}
              </Txt>
            </Pressable>
          </View>
        ))}
      </View>
      {LINES.map((line) => (
        <View role="row" key={line.name} className="min-h-9 flex-row items-center border-b border-line">
          <View role="rowheader" className="w-[104px]">
            <Txt tone="ink2">{line.name === FILLED ? `Of the ${shot.along ?? "height"}` : line.name}</Txt>
          </View>
          {positions.map((p) => {
            const a = assessments.get(p.id);
            const bad = a?.ok === true && (line.bad?.(a) ?? false);
            return (
              <View role="cell" key={p.id} className="flex-1">
                <Txt
                  weight={p.id === choice.positionId ? 700 : 400}
                  tone={tone(bad)}
                  className="pl-1 text-right"
                  numberOfLines={2}
                >
                  {a?.ok ? line.words(a) : "–"}
                </Txt>
              </View>
            );
          })}
        </View>
      ))}
      <View role="row" className="min-h-9 flex-row items-center border-b border-line">
        <View role="rowheader" className="w-[104px]">
          <Txt tone="ink2">Walk there</Txt>
        </View>
        {positions.map((p) => (
          <View role="cell" key={p.id} className="flex-1">
            <Txt className="text-right" numberOfLines={1}>
              {walkTo(p.id)}
            </Txt>
          </View>
        ))}
      </View>
    </View>
  );
}
