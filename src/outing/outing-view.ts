import type { Position, Spot } from "@/core/ground";
import {
  frameView,
  type AssessInput,
  type Assessment,
  type FrameView,
  type NoPicture,
  type Timeline,
} from "@/core/judge";
import type { Subject } from "@/core/motion";
import type { Rig } from "@/core/optics";
import type { Scene, Shot } from "@/core/scene";
import {
  choiceOf,
  windowOf,
  type Choice,
  type Library,
  type Outing,
  type Preferences,
  type StoredKit,
  type Window,
} from "@/data";
import type { Asked, Mounted } from "./ask";
import type { Assessments } from "./assessments";
import { kept } from "./kept";
import { libraryFor } from "./library/carried";
import { minuteOf, type Minute, type Selection } from "./selection";

/** What an outing is looked at with. */
export interface Looking {
  readonly outing: Outing;
  readonly kit: StoredKit;
  readonly preferences: Preferences;
  /** What the user keeps of their own beside what ships. */
  readonly library: Library;
  readonly selection: Selection;
  /** The device's clock, epoch milliseconds. */
  readonly now: number;
}

/**
 * An outing as one tab looks at it. Everything is worked out when it is first read, and the same inputs give the same
 * object, so that whoever draws a part of it draws anew only when that part changed.
 */
export interface OutingView extends Looking, Minute {
  /** What of the kit is in the bag. */
  readonly bag: StoredKit;
  readonly window: Window;
  readonly shot: Shot;
  /** The plan for the shot in hand: its position, its kit, its locked rails. */
  readonly choice: Choice;
  readonly subject: Subject;
  /** Where the shot in hand happens. */
  readonly spot: Spot;
  /** The position that is looked from. */
  readonly position: Position | undefined;
  /** What the shot in hand asks, without a position and an instant; undefined while the kit lacks what it takes. */
  readonly asked: Asked | undefined;
  readonly mounted: Mounted | undefined;
  readonly rig: Rig | undefined;
  /** What the choice names and the bag lacks: something else of the bag is mounted instead. */
  readonly notInBag: readonly string[];
  readonly scene: Scene;
  /** For the shot in hand at the minute; undefined while the kit lacks what it takes. */
  from(positionId: string | null): Assessment | NoPicture | undefined;
  /**
   * What `assess` is asked: of the shot in hand, from the position that is looked from, at the minute, unless another is told; undefined
   * while there is none of it.
   */
  asking(other?: {
    readonly shotId?: string;
    readonly positionId?: string;
    /** Epoch milliseconds. */
    readonly at?: number;
  }): AssessInput | undefined;
  /** Another shot with its own kit, at the minute, from the position that is looked from. */
  besides(shotId: string): Assessment | NoPicture | undefined;
  /** Positions that are vetoed for the shot in hand, or give no picture. No veto hangs on the minute. */
  readonly ruledOut: ReadonlySet<string>;
  /** From the position that is looked from; undefined while there is none, or the kit lacks what it names. */
  readonly inHand: Assessment | NoPicture | undefined;
  /** The same, once there is a picture. */
  readonly found: Assessment | undefined;
  /** What `found` walked through, for what is asked beside it. */
  readonly input: AssessInput | undefined;
  /** The picture of `found`, to scale. */
  readonly frame: FrameView | undefined;
  /** The day's course from the position that is looked from. */
  readonly timeline: Timeline;
  /** How many promised shots are vetoed where they are to be taken from. No veto hangs on the minute. */
  readonly vetoed: number;
}

const STEP = 5 * 60_000;
/** As many points as a day has of those steps: an outing over days is walked through in longer ones. */
const MOST_STEPS = 288;

const stepOf = ({ from, until }: Window): number =>
  STEP * Math.max(1, Math.ceil((until - from) / (STEP * MOST_STEPS)));

/** Views of one outing that share what they worked out. */
export function createViews(answers: Assessments): (looking: Looking) => OutingView {
  const windowKept = kept(2, (...[date, from, until, lastDate, starts, plannedAt, timeZone]: TimeList) =>
    windowOf({ date, from, until, lastDate, starts, plannedAt, timeZone }),
  );
  const inputKept = kept(4, (asked: Asked, position: Position, scene: Scene) => ({
    ...asked,
    position,
    scene,
  }));
  const frameKept = kept(4, frameView);
  return (looking) => {
    const { outing, selection } = looking;
    const { positionId } = selection;
    const shot = outing.shots.find((s) => s.id === selection.shotId)!;
    const { date, from, until, lastDate, starts, plannedAt, timeZone } = outing;
    const window = windowKept(date, from, until, lastDate, starts, plannedAt, timeZone);
    const minute = minuteOf(selection, looking.now, window);
    const mounted = () => answers.mounted(looking, shot.id);
    const view: OutingView = {
      // Named one by one: to spread beside getters would read them all at once.
      outing,
      kit: looking.kit,
      preferences: looking.preferences,
      library: libraryFor(outing, looking.library),
      selection,
      now: looking.now,
      at: minute.at,
      live: minute.live,
      on: minute.on,
      shot,
      window,
      position: outing.ground.positions.find((p) => p.id === positionId),
      get bag() {
        return answers.bag(looking);
      },
      get choice() {
        return choiceOf(outing, shot.id)!;
      },
      get subject() {
        return outing.subjects.find((s) => s.id === shot.subjectId)!;
      },
      get spot() {
        return outing.ground.spots.find((s) => s.id === shot.spotId)!;
      },
      get asked() {
        return answers.asked(looking, shot.id);
      },
      get mounted() {
        return mounted();
      },
      get rig() {
        return view.asked?.rig;
      },
      get notInBag() {
        return mounted()?.missing ?? NOTHING;
      },
      get scene() {
        return answers.scene(looking, minute.at);
      },
      asking: (other = {}) => {
        const asked = answers.asked(looking, other.shotId ?? shot.id);
        const id = other.positionId ?? positionId;
        const position = outing.ground.positions.find((p) => p.id === id);
        return asked && position && inputKept(asked, position, answers.scene(looking, other.at ?? minute.at));
      },
      from: (id) => answers.assessment(looking, shot.id, id, minute.at),
      besides: (id) => answers.assessment(looking, id, positionId, minute.at),
      get ruledOut() {
        return answers.ruledOut(looking, shot.id, window.starts);
      },
      get inHand() {
        return view.from(positionId);
      },
      get found() {
        const { inHand } = view;
        return inHand?.ok ? inHand : undefined;
      },
      get input() {
        return view.asking();
      },
      get frame() {
        const { input, found } = view;
        return input && found && frameKept(input, found);
      },
      get timeline() {
        return answers.timeline(looking, shot.id, positionId, {
          from: window.from,
          until: window.until,
          step: stepOf(window),
        });
      },
      get vetoed() {
        return answers.vetoed(looking, window.starts);
      },
    };
    return view;
  };
}

const NOTHING: readonly string[] = [];
type TimeList = [string, string, string, string | undefined, string, string, string];
