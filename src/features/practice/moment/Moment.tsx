import { useEffect, useMemo, useRef, useState } from "react";
import { View } from "react-native";
import Svg, { Circle, Line } from "react-native-svg";
import { heldBy, momentKinds, riseAt, waitsOf } from "@/answers/practice/moment";
import { measuredOf } from "@/answers/practice/runs";
import { FactLine } from "@/ui/controls/FactLine";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { FigureDrawing } from "@/ui/figures/FigureDrawing";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { percentWords, twoFigures } from "@/words";
import { momentKindWords, pressWords } from "@/words/practice";
import type { DrillProps } from "../played-on";
import { Outcome } from "../Outcome";
import { TakeAsOwn } from "../TakeAsOwn";
import { useDrill } from "../use-drill";
import { momentFigure } from "./figure-at";

/** Tries of a run. */
const COUNT = 12;
const HEIGHT = 260;
/** Milliseconds after the instant within which a press still is one of this try. */
const LATE = 900;

type Kind = ReturnType<typeof momentKinds>[number];

/** Press at the instant: it is measured by the browser's own time of the press. */
export function Moment({ view }: DrillProps) {
  const kinds = momentKinds();
  const run = useDrill("moment", COUNT, kinds[0]!.code);
  const kind = kinds.find((k) => k.code === run.by) ?? kinds[0]!;
  const waits = useMemo(() => waitsOf(run.seed, COUNT), [run.seed]);
  const { instant, start, drawn } = useTry(kind);
  const [said, setSaid] = useState<string>();
  const goes = instant !== undefined;
  const begin = (): void => {
    setSaid(undefined);
    start(waits[run.tries.length] ?? 1);
  };
  const press = (stamp: number): void => {
    if (run.isOver) return;
    if (instant === undefined) return begin();
    const error = stamp - instant;
    // A press before anything was seen of it is none: the try begins again.
    if (error < -1000 * kind.lead - 150) {
      setSaid("Too soon: wait until it comes.");
      return start(undefined);
    }
    setSaid(pressWords(error));
    run.add(error);
    start(undefined);
  };
  useMissed(instant, () => {
    setSaid("Missed: it is over. Press to try again.");
    start(undefined);
  });
  useHotkeys({ " ": (event?: KeyboardEvent) => press(event?.timeStamp ?? performance.now()) });
  return (
    <View className="gap-3">
      <Segmented
        label="What is waited for"
        segments={kinds.map(({ code }) => ({ key: code, label: momentKindWords(code) }))}
        chosen={kind.code}
        onChoose={(code) => run.again(code)}
      />
      <div
        role="button"
        tabIndex={0}
        aria-label={goes ? "Press at the instant" : "Begin"}
        onPointerDown={(event) => press(event.timeStamp)}
        onKeyDown={(event) => {
          if (event.key === "Enter") press(event.timeStamp);
        }}
        style={{ touchAction: "none", userSelect: "none", cursor: "pointer" }}
      >
        <Stage kind={kind} seconds={drawn} subject={view.subject} />
      </div>
      <Txt size={20} weight={600} role="status" aria-live="polite">
        {said ??
          (goes ? "Wait for it" : run.isOver ? "Over" : "Press, or space, to begin; then at the instant")}
      </Txt>
      <Outcome drill="moment" of={run} count={COUNT} />
      {run.isOver && <Held view={view} errors={run.tries} kind={kind} />}
    </View>
  );
}

/** What the presses of a run would have held with the body in hand, and whether their spread is taken as one's own. */
function Held({ view, errors, kind }: DrillProps & { errors: readonly number[]; kind: Kind }) {
  const held = heldBy(view.rig, errors, kind);
  const measured = measuredOf("moment", errors);
  return (
    <View>
      <FactLine name="Kept by one frame" value={percentWords(held.alone)} />
      {held.burst !== undefined && (
        <FactLine
          name={`Kept by a burst at ${twoFigures(held.framesPerSecond!)} a second`}
          value={percentWords(held.burst)}
        />
      )}
      {held.preBurst !== undefined ? (
        <FactLine
          name={`With ${twoFigures(held.before!)} s kept from before the press`}
          value={percentWords(held.preBurst)}
        />
      ) : (
        <Txt size={14} tone="ink2">
          The body in hand keeps nothing from before the press.
        </Txt>
      )}
      {measured && (
        <View className="gap-2 pt-2">
          <Txt size={14} tone="ink2">
            The spread is at most your own; the mean holds the delay of screen and touch and enters no plan.
          </Txt>
          <TakeAsOwn of="moment" measured={measured} label="Take the spread as at most my own" />
        </View>
      )}
    </View>
  );
}

/** A try: when its instant is, by the page's clock, and how far it is drawn. */
function useTry(kind: Kind) {
  const [instant, setInstant] = useState<number>();
  const [drawn, setDrawn] = useState<{ readonly of: number; readonly seconds: number }>();
  useEffect(() => {
    if (instant === undefined) return;
    let frame = 0;
    const draw = (): void => {
      setDrawn({ of: instant, seconds: (performance.now() - instant) / 1000 });
      frame = requestAnimationFrame(draw);
    };
    frame = requestAnimationFrame(draw);
    return () => cancelAnimationFrame(frame);
  }, [instant]);
  return {
    instant,
    /** Seconds after the instant. */
    drawn: drawn?.of === instant ? drawn?.seconds : undefined,
    start: (wait: number | undefined): void =>
      setInstant(wait === undefined ? undefined : performance.now() + 1000 * (wait + kind.lead)),
  };
}

/** Says that an instant went by without a press. */
function useMissed(instant: number | undefined, onMissed: () => void): void {
  const told = useRef(onMissed);
  useEffect(() => {
    told.current = onMissed;
  });
  useEffect(() => {
    if (instant === undefined) return;
    const timer = setTimeout(() => told.current(), instant - performance.now() + LATE);
    return () => clearTimeout(timer);
  }, [instant]);
}

const GROUND = 40;

/** What is seen: a figure that rises, a ball that comes, a bird that crouches and goes. */
function Stage({
  kind,
  seconds,
  subject,
}: {
  kind: Kind;
  seconds: number | undefined;
  subject: DrillProps["view"]["subject"];
}) {
  const [size, onLayout] = useSize();
  const { ink, line, water, sheet } = useTokens();
  const width = size?.width ?? 0;
  const floor = HEIGHT - GROUND;
  const rise = seconds === undefined ? 0 : riseAt(kind, seconds);
  const up = kind.code === "contact" ? 0 : 110 * rise;
  const seen = momentFigure(kind.code, subject, seconds, rise);
  // A bird that is gone is higher than its perch, and goes on.
  const gone = kind.code === "leaving" && seconds !== undefined && seconds > 0 ? 160 * seconds : 0;
  const crouch = kind.code === "leaving" && seconds !== undefined && seconds < 0 ? 1 - 0.35 * rise : 1;
  const ball =
    kind.code === "contact" && seconds !== undefined
      ? Math.max(-1.4, Math.min(1.4, seconds / kind.lead))
      : undefined;
  return (
    <View
      onLayout={onLayout}
      style={{ height: HEIGHT, backgroundColor: sheet, borderRadius: 10, overflow: "hidden" }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          <Line x1={0} y1={floor} x2={width} y2={floor} stroke={line} strokeWidth={3} />
          <FigureDrawing
            pieces={seen.pieces}
            scale={(kind.code === "leaving" ? 70 * crouch : 100) / seen.high}
            left={width / 2 + gone}
            top={floor - (kind.code === "contact" ? 0 : kind.code === "leaving" ? gone : up)}
            colour={ink}
          />
          {ball !== undefined && (
            <Circle
              cx={width / 2 + (ball < 0 ? ball * (width / 2) : -ball * (width / 3))}
              cy={floor - 30}
              r={7}
              fill={water}
            />
          )}
        </Svg>
      )}
    </View>
  );
}
