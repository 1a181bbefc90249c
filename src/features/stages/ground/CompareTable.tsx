import { useMemo } from "react";
import { Pressable, View } from "react-native";
import { walkRound } from "@/core/ground";
import type { OutingView } from "@/outing/outing-view";
import type { Assessment } from "@/core/judge";
import { Txt, type Tone } from "@/ui/controls/Txt";
import {
  apertureWords,
  backgroundWords,
  evWords,
  faceWords,
  isoNumberWords,
  lightSideWords,
  metresWords,
  minutesWords,
  percentWords,
  shutterWords,
  softnessWords,
} from "@/words";
import { useOpenOuting, useOuting } from "../../outing/use-outing";

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
  { name: "ISO", words: (a) => isoNumberWords(a.settings.settings.iso), bad: has("light-short") },
  { name: "Behind", words: (a) => backgroundWords(a.sighting.background) },
  { name: "Softness", words: (a) => softnessWords(a.sighting.background), bad: has("background-busy") },
  { name: "Face", words: (a) => faceWords(a.sighting.face), bad: has("seen-from-behind") },
];

/** Minutes from the chosen position to another one, round what stands in the way. */
function useWalks(): (id: string) => string {
  const positions = useOuting((v) => v.outing.ground.positions);
  const obstacles = useOuting((v) => v.outing.ground.obstacles);
  const noGo = useOuting((v) => v.outing.ground.noGo);
  const from = useOuting((v) => v.position);
  const pace = useOuting((v) => v.preferences.walkingPace);
  return useMemo(() => {
    return (id: string): string => {
      const to = positions.find((p) => p.id === id);
      if (!from || !to || from === to) return "–";
      const blocks = [...obstacles, ...noGo].map((o) => o.outline);
      const walk = walkRound({ from: from.at, to: to.at, blocks });
      return walk.ok ? minutesWords(walk.value.metres / pace) : "no way there";
    };
  }, [positions, obstacles, noGo, from, pace]);
}

export const comparedAnswer = ({ outing }: OutingView): string =>
  outing.ground.positions.map((p) => p.name).join(", ");

/** The positions side by side for the shot in hand; a press on a heading stands there. */
export function CompareTable() {
  const view = useOuting((v) => v);
  const { standAt } = useOpenOuting();
  const { positions } = view.outing.ground;
  const here = view.position?.id;
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
              aria-pressed={p.id === here}
              onPress={() => standAt(p.id)}
              className={`min-h-12 items-end justify-center border-b-4 ${p.id === here ? "border-water" : "border-transparent"}`}
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
            <Txt tone="ink2">
              {line.name === FILLED ? `Of the ${view.shot.along ?? "height"}` : line.name}
            </Txt>
          </View>
          {positions.map((p) => {
            const a = view.from(p.id);
            const bad = a?.ok === true && (line.bad?.(a) ?? false);
            return (
              <View role="cell" key={p.id} className="flex-1">
                <Txt
                  weight={p.id === here ? 700 : 400}
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
