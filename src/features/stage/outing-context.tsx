import { createContext, useContext, useDeferredValue, useMemo, useState, type ReactNode } from "react";
import type { AssessInput, Assessment, NoPicture, Timeline } from "@/core/judge";
import type { Rig } from "@/core/optics";
import type { Scene, Shot } from "@/core/scene";
import type { Subject } from "@/core/motion";
import { ThemeProvider } from "@/ui/theme/theme";
import { timeWords } from "@/words";
import {
  choiceOf,
  clockOf,
  shotInHand,
  wallTimeOf,
  windowOf,
  type Choice,
  type Fault,
  type Preferences,
  type SaveFailure,
  type Outing,
  type StoredKit,
} from "@/data";
import { createAssessments } from "@/outing/assessments";
import { useOutingChanges, type ChangeOuting } from "./save-outing";
import { useMinuteClock } from "./useMinuteClock";

export interface OutingState {
  readonly outing: Outing;
  readonly kit: StoredKit;
  /** What of the kit is in the bag. */
  readonly bag: StoredKit;
  readonly preferences: Preferences;
  readonly change: ChangeOuting;
  readonly failure: SaveFailure | undefined;
  /** Why the last change was not made, until it is read. */
  readonly refused: readonly Fault[] | undefined;
  readonly accept: () => void;
  readonly retry: () => void;
  readonly reload: () => void;
  /** The one clock: epoch milliseconds, and whether it is the device's. */
  readonly at: number;
  readonly live: boolean;
  readonly window: { readonly from: number; readonly until: number; readonly starts: number };
  readonly wall: (at: number) => string;
  /** Looks at another minute; `done` keeps it. */
  readonly lookAt: (at: number, done: boolean) => void;
  readonly backToNow: (() => void) | undefined;
  readonly scene: Scene;
  readonly shot: Shot;
  readonly choice: Choice;
  readonly subject: Subject;
  readonly rig: Rig | undefined;
  /** What the choice names and the bag lacks: something else of the bag is mounted instead. */
  readonly notInBag: readonly string[];
  /** By position, for the shot in hand at the clock's minute. */
  readonly assessments: ReadonlyMap<string, Assessment | NoPicture>;
  /** What the chosen position's assessment walks through, for what is asked beside it. */
  readonly input: AssessInput | undefined;
  /** From the chosen position; undefined while the shot has none, or the kit lacks what it names. */
  readonly inHand: Assessment | NoPicture | undefined;
  readonly timeline: Timeline;
  /** How many promised shots are vetoed where they are to be taken from, at the clock's minute. */
  readonly vetoed: number;
}

const OutingContext = createContext<OutingState | undefined>(undefined);

/** What the stages share. Only inside `OutingProvider`. */
export function useOuting(): OutingState {
  const state = useContext(OutingContext);
  if (!state) throw new Error("useOuting needs an OutingProvider above it");
  return state;
}

const STEP = 5 * 60_000;

interface Props {
  readonly outing: Outing;
  readonly kit: StoredKit;
  readonly preferences: Preferences;
  readonly children: ReactNode;
}

/** Walks the outing through the core whenever something changes, once for all stages. */
export function OutingProvider({ outing, kit, preferences, children }: Props) {
  const changes = useOutingChanges(outing.id, outing);
  const clock = useOutingClock(outing, changes.change);
  const shot = shotInHand(outing);
  const choice = choiceOf(outing, shot.id)!;
  const subject = outing.subjects.find((s) => s.id === shot.subjectId)!;
  const [answers] = useState(createAssessments);
  const question = useMemo(() => ({ outing, kit, preferences }), [outing, kit, preferences]);
  const bag = answers.bag(question);
  const mounted = answers.mounted(question, shot.id);
  const scene = answers.scene(question, clock.at);
  const input = answers.asked(question, shot.id);
  const place = outing.ground.positions.find((p) => p.id === choice.positionId);
  const assessments = new Map(
    outing.ground.positions.flatMap(({ id }) => {
      const found = answers.assessment(question, shot.id, id, clock.at);
      return found ? [[id, found] as const] : [];
    }),
  );
  // The day's course may lag a frame behind the finger; the figures of the minute may not.
  const course = useDeferredValue(question);
  const { from, until } = clock.window;
  const day = answers.timeline(course, shot.id, choice.positionId, { from, until, step: STEP });

  const value: OutingState = {
    outing,
    kit,
    bag,
    vetoed: answers.vetoed(question, clock.at),
    preferences,
    ...changes,
    ...clock,
    scene,
    shot,
    choice,
    subject,
    rig: mounted?.rig,
    notInBag: mounted?.missing ?? [],
    assessments,
    input: input && place && { ...input, position: place, scene },
    inHand: place && assessments.get(place.id),
    timeline: day,
  };
  return (
    <OutingContext.Provider value={value}>
      <ByLight>{children}</ByLight>
    </OutingContext.Provider>
  );
}

/** Degrees of the sun below which the screen goes dusk, and below which a hide goes dark. */
const DUSK_FROM = 2;
const DARK_FROM = -4;

/** Where the theme follows the light, that of the outing's minute: day, dusk, and in the wild the hide's. */
function ByLight({ children }: { children: ReactNode }) {
  const { preferences, scene, outing } = useOuting();
  const { altitude } = scene.sun;
  const dark = altitude < DARK_FROM && outing.kind === "wild";
  const byLight = altitude > DUSK_FROM || scene.cover === "roof" ? "day" : dark ? "hide" : "dusk";
  const theme = preferences.themeByLight ? byLight : preferences.theme;
  return <ThemeProvider theme={theme}>{children}</ThemeProvider>;
}

function useOutingClock(outing: Outing, change: ChangeOuting) {
  const now = useMinuteClock();
  const [peek, setPeek] = useState<number>();
  const { date, from, until, starts, zone } = outing;
  const window = useMemo(
    () => windowOf(outing),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the window hangs on these alone
    [date, from, until, starts, zone],
  );
  const clock = clockOf(outing, now);
  const live = clock.live && peek === undefined;
  return {
    window,
    at: clock.live ? (peek ?? clock.at) : clock.at,
    live,
    wall: (at: number) => timeWords(wallTimeOf(at, zone)),
    lookAt: (at: number, done: boolean) => {
      if (clock.live) setPeek(at);
      else change((s) => ({ ...s, plannedAt: wallTimeOf(at, s.zone) }), { keep: done });
    },
    backToNow: clock.live && peek !== undefined ? () => setPeek(undefined) : undefined,
  };
}
