import { View } from "react-native";
import { shotsServing } from "@/outing/programme/event-times";
import { kindOfEvent } from "@/outing/programme/kinds";
import { nextMoment } from "@/outing/programme/moments";
import { nowAndNext, type Step } from "@/outing/programme/order";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { momentWords, nextCallWords, wayWords, worthHavingWords } from "@/words/programme";
import { untilWords } from "@/words/people";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { useSteps } from "../programme-in-order/order";

/** What one is at, where one goes next and by when: the event, the call, the way. One press takes its shot and position in hand. */
export function NextUp() {
  const steps = useSteps();
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const { low } = useLayout();
  const { now, next } = nowAndNext(steps, at);
  const first = now ?? next;
  if (!first) return null;
  const wall = (t: number): string => wallOf({ outing }, t);
  return (
    <View role="region" aria-label="Next" className="flex-row items-center gap-2 border-b border-line py-1">
      <View className="min-w-0 flex-1">
        <Txt weight={700} numberOfLines={1}>
          {`${wall(first.visit.from)} ${first.event.name}`}
        </Txt>
        <Txt numberOfLines={low ? 1 : 2} aria-live="polite">
          {now ? nowLine(now, at, wall) : nextLine(first, at, wall)}
        </Txt>
        {!low && <WorthHaving step={first} at={at} wall={wall} />}
        {now && next && !low && (
          <Txt tone="ink2" numberOfLines={1}>
            {`Then ${wall(next.visit.from)} ${next.event.name}, ${placeLine(next, wall)}`}
          </Txt>
        )}
      </View>
      <TakeIt step={first} />
    </View>
  );
}

/** When the event has what is worth waiting for, and which pictures of it are worth having. */
function WorthHaving({ step, at, wall }: { step: Step; at: number; wall: (t: number) => string }) {
  const moment = nextMoment(step.event, at);
  const pictures = kindOfEvent(step.event)?.pictures ?? [];
  const words = [moment && momentWords(moment, at, wall), pictures.length > 0 && worthHavingWords(pictures)];
  const said = words.filter(Boolean).join(" ");
  return said ? (
    <Txt size={14} tone="ink2" numberOfLines={2}>
      {said}
    </Txt>
  ) : null;
}

const placeLine = ({ position, visit, metres, walk, over }: Step, wall: (t: number) => string): string =>
  `${position.name}: ${metres === 0 ? "stay" : `${wayWords(metres, walk)}${over.map(({ name }) => ` over “${name}”`).join("")}, leave by ${wall(visit.leave)}`}`;

const dueLine = ({ event }: Step, at: number): string =>
  nextCallWords(event.called, at) ?? untilWords(event.starts, at);

const nextLine = (step: Step, at: number, wall: (t: number) => string): string =>
  `${placeLine(step, wall)}; ${dueLine(step, at)}`;

/** One is in place: how long until it begins, that it is on, or when one leaves what is had in part. */
const nowLine = (step: Step, at: number, wall: (t: number) => string): string => {
  const { visit, event, position } = step;
  const leaves = visit.until < event.ends && at >= visit.from;
  return `In place at ${position.name}; ${leaves ? `leave it at ${wall(visit.until)}` : dueLine(step, at)}`;
};

/** Takes a shot that an event serves, the first that is still owed, and its position in hand. */
function TakeIt({ step }: { step: Step }) {
  const outing = useOuting((v) => v.outing);
  const shot = useOuting((v) => v.shot);
  const position = useOuting((v) => v.position);
  const { takeShot, standAt } = useOpenOuting();
  const serving = shotsServing(outing, step.event);
  const owed = serving.find((s) => (s.got ?? 0) < s.wanted) ?? serving[0];
  const serves = !owed || serving.some((s) => s.id === shot.id) ? shot : owed;
  if (position?.id === step.position.id && shot.id === serves.id) return null;
  const go = (): void => {
    if (serves.id !== shot.id) takeShot(serves.id);
    standAt(step.position.id);
  };
  return (
    <Button label="Set up" says={`Set up for ${step.event.name} from ${step.position.name}`} onPress={go} />
  );
}
