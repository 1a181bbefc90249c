import { memo } from "react";
import { View } from "react-native";
import { JUDGED } from "@/answers/explain/judged";
import type { BriefScores, Judgement } from "@/core/judge";
import { lightPlanOf, sameValue, type Outing } from "@/data";
import { briefShots } from "@/outing/brief-shots";
import type { OutingView } from "@/outing/outing-view";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import {
  asGoodWords,
  judgementSentence,
  noPictureSentence,
  percentWords,
  placeWords,
  scoreWords,
} from "@/words";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { AskSum } from "../../reasons/AskSum";
import { SumText } from "../../reasons/SumText";
import { useRun } from "../../../outing/use-run";

/** What the positions score at the minute in hand; nothing for one that is vetoed or gives no picture. */
function scoresNow(view: OutingView): Scored[] {
  return view.outing.ground.positions.map(({ id, name }) => {
    const found = view.from(id);
    return { id, name, score: found?.ok && !found.score.vetoed ? found.score.value : undefined };
  });
}

/** Which position is best now and over the whole span, by how much, and what speaks for and against each. */
export function CompareReasons() {
  const positions = useOuting((v) => v.outing.ground.positions);
  return (
    <View className="gap-2">
      <Now />
      <OverSpan />
      <View role="list" aria-label="What speaks for and against each position">
        {positions.map(({ id, name }) => (
          <Reasons key={id} id={id} name={name} />
        ))}
      </View>
    </View>
  );
}

function Now() {
  const now = useOuting((v) => asGoodWords(scoresNow(v)));
  const best = useOuting(bestNow);
  const time = useOuting((v) => wallOf(v, v.at));
  const words = `At ${time}: ${now}.`;
  if (best === undefined) return <Txt weight={700}>{words}</Txt>;
  return (
    <SumText of="score" where={{ positionId: best }} title="Score of the best" words={words} weight={700} />
  );
}

interface Scored {
  readonly id: string;
  readonly name: string;
  /** 0 … 1; nothing for one that is vetoed or gives no picture. */
  readonly score: number | undefined;
}

/** The id of the one that scores most at the minute in hand; nothing where none does. */
export const bestNow = (view: OutingView): string | undefined =>
  scoresNow(view).reduce<Scored | undefined>(
    (best, p) => (p.score !== undefined && p.score > (best?.score ?? -1) ? p : best),
    undefined,
  )?.id;

function headOf(view: Pick<OutingView, "from">, id: string): string {
  const found = view.from(id);
  if (!found) return "";
  if (!found.ok) return noPictureSentence(found);
  return found.score.vetoed ? "ruled out" : `${scoreWords(found.score.value)}: ${placeWords(found)}`;
}

/** Every judgement of a position, one a line: its weight, its code and its sentence, so that it is one object while it says the same. */
function judgedOf(view: Pick<OutingView, "from">, id: string): string {
  const found = view.from(id);
  if (!found?.ok) return "";
  return found.judgement.map((j) => [j.weight, j.code, judgementSentence(j)].join("\t")).join("\n");
}

/** What is said of a position, a press away from the sum of its number; what rules it out is marked. */
function Judged({ line, positionId }: { line: string; positionId: string }) {
  const [weight, code, words] = line.split("\t") as [Judgement["weight"], Judgement["code"], string];
  const look = { size: 14, tone: weight === "veto" ? "bracken" : "ink2" } as const;
  const opens = JUDGED[code];
  return opens ? (
    <SumText of={opens} where={{ positionId }} title="What is said of it" words={words} {...look} />
  ) : (
    <Txt {...look}>{words}</Txt>
  );
}

/** One position: its score, its strongest and weakest point, and every judgement; drawn anew when the words change. */
const Reasons = memo(function Reasons({ id, name }: { id: string; name: string }) {
  const head = useOuting((v) => headOf(v, id));
  const judged = useOuting((v) => judgedOf(v, id));
  const isScored = useOuting((v) => {
    const found = v.from(id);
    return found?.ok === true && !found.score.vetoed;
  });
  if (head === "") return null;
  const words = `${name} · ${head}`;
  return (
    <View role="listitem" className="border-b border-line py-2">
      {isScored ? (
        <AskSum of="score" where={{ positionId: id }} title={`Score of ${name}`} says={words}>
          <Txt weight={600}>{words}</Txt>
        </AskSum>
      ) : (
        <Txt weight={600}>{words}</Txt>
      )}
      {judged !== "" && judged.split("\n").map((line) => <Judged key={line} line={line} positionId={id} />)}
    </View>
  );
});

interface Weighed {
  readonly outing: Outing;
  readonly shotId: string;
  readonly scores: BriefScores;
}

/** The same over the shot's whole span, worked out beside the page when it is asked for. */
function OverSpan() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const shotId = useOuting((v) => v.shot.id);
  const from = useOuting((v) => wallOf(v, v.window.starts));
  const until = useOuting((v) => wallOf(v, v.window.until));
  const { state, start: begin, stop } = useRun<Weighed>();
  const start = (): void => {
    const { view } = store.getState();
    const shots = briefShots(view, [view.shot]).map(({ asked }) => asked);
    const { ground } = view.outing;
    void begin(
      "brief",
      { ground, light: lightPlanOf(view.outing), shots, positions: ground.positions },
      (scores) => ({ outing: view.outing, shotId: view.shot.id, scores }),
    );
  };
  if (state.kind === "running")
    return <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />;
  const holds =
    state.kind === "done" &&
    state.value.shotId === shotId &&
    sameValue(state.value.outing.ground, outing.ground) &&
    sameValue(state.value.outing.light, outing.light);
  if (holds) {
    const { scores } = state.value;
    const told = asGoodWords(outing.ground.positions.map(({ name }, i) => ({ name, score: scores[i]?.[0] })));
    return <Txt weight={700} aria-live="polite">{`From ${from} to ${until}: ${told}.`}</Txt>;
  }
  return (
    <View className="flex-row flex-wrap items-center gap-2">
      {state.kind === "failed" && <Txt tone="bracken">This browser could not work it out.</Txt>}
      <Button label={`Weigh them from ${from} to ${until}`} onPress={start} />
    </View>
  );
}
