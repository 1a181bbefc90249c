import { memo, useMemo, type ReactNode } from "react";
import { Pressable, ScrollView, View } from "react-native";
import { walkRound, type Position } from "@/core/ground";
import type { OutingView } from "@/outing/outing-view";
import type { Assessment } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
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
  const positions = useOuting((v) => v.outing.ground.positions);
  const along = useOuting((v) => v.shot.along ?? "height");
  const walkTo = useWalks();
  return (
    <ScrollView horizontal contentContainerClassName="grow">
      <View role="table" aria-label="Positions compared" className="min-w-full grow">
        <View role="row" className="flex-row items-end border-b border-line">
          <RowHead words="From" />
          {positions.map((p) => (
            <PositionHead key={p.id} position={p} />
          ))}
        </View>
        {LINES.map((line) => (
          <TableRow key={line.name} name={line.name === FILLED ? `Of the ${along}` : line.name}>
            {positions.map((p) => (
              <Found key={p.id} positionId={p.id} line={line} />
            ))}
          </TableRow>
        ))}
        <TableRow name="Walk there">
          {positions.map((p) => (
            <Cell key={p.id} words={walkTo(p.id)} />
          ))}
        </TableRow>
      </View>
    </ScrollView>
  );
}

function PositionHead({ position: { id, name } }: { position: Position }) {
  const here = useOuting((v) => v.position?.id === id);
  const { standAt } = useOpenOuting();
  return (
    <View role="columnheader" className="min-w-[58px] flex-1">
      <Pressable
        role="button"
        aria-label={`Stand at ${name}`}
        aria-pressed={here}
        onPress={() => standAt(id)}
        className={`min-h-12 items-end justify-center border-b-4 ${here ? "border-water" : "border-transparent"}`}
      >
        <Txt size={20} weight={700} tone="water">
          {name}
        </Txt>
      </Pressable>
    </View>
  );
}

const RowHead = memo(function RowHead({ words }: { words: string }) {
  return (
    <View role="rowheader" className="w-[30%] max-w-[104px]">
      <Txt tone="ink2">{words}</Txt>
    </View>
  );
});

function TableRow({ name, children }: { name: string; children: ReactNode }) {
  return (
    <View role="row" className="min-h-9 flex-row items-center border-b border-line">
      <RowHead words={name} />
      {children}
    </View>
  );
}

/** What a line says of a position; drawn anew when that changes and not with every minute. */
function Found({ positionId, line }: { positionId: string; line: Line }) {
  const words = useOuting((v) => {
    const found = v.from(positionId);
    return found?.ok ? line.words(found) : "–";
  });
  const bad = useOuting((v) => {
    const found = v.from(positionId);
    return found?.ok === true && (line.bad?.(found) ?? false);
  });
  const here = useOuting((v) => v.position?.id === positionId);
  return <Cell words={words} bad={bad} here={here} />;
}

const Cell = memo(function Cell({ words, bad, here }: { words: string; bad?: boolean; here?: boolean }) {
  return (
    <View role="cell" className="min-w-[58px] flex-1">
      <Txt
        weight={here ? 700 : 400}
        tone={bad ? "bracken" : "ink"}
        className="pl-1 text-right"
        numberOfLines={2}
      >
        {words}
      </Txt>
    </View>
  );
});
