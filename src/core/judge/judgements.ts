import type { PerilCode } from "../guard";
import type { Background, Official, StandingArea } from "../ground";

type None = Readonly<Record<never, number>>;

/** What speaks of a part of the ground: the part, and who decides there. */
interface OfArea {
  readonly area: StandingArea;
  readonly official?: Official;
}

/** Every judgement with what its sentence needs: numbers, and of what it speaks. `words` has a sentence for each. */
interface Judged {
  "no-standing": { numbers: None } & OfArea;
  "needs-leave": { numbers: None } & OfArea;
  "on-leave": { numbers: None } & OfArea;
  /** Share 0 … 1 of the figure, and whether that is its head. */
  "partly-hidden": { numbers: { share: number }; head: boolean };
  /** Metres from what is dangerous there, and metres that there should be. */
  "keep-off": { numbers: { away: number; least: number }; peril: PerilCode; official?: Official };
  "with-care": { numbers: { away: number; least: number }; peril: PerilCode; official?: Official };
  "off-line": { numbers: None };
  "in-water": { numbers: None };
  "cheer-side": { numbers: None };
  /** Degrees by which the line of sight misses the opening one looks out of, to the side and up or down. */
  "outside-slit": { numbers: { aside: number; above: number } };
  /** Degrees off square to the pane; stops of light lost in its surfaces. */
  "through-glass": { numbers: { angle: number; stops: number; surfaces: number } };
  /** Metres to what hides the subject, and by how many metres to go higher, where that helps. */
  blocked: { numbers: { at: number; raise?: number } };
  "inside-obstacle": { numbers: None };
  /** Shares of the framed side, the millimetres that would do from there, and whether it is an animal that is left its distance. */
  "out-of-reach": { numbers: { fill: number; wished: number; wants: number }; shy: boolean };
  /** Shares of the framed side, and the millimetres that would do from there. */
  overfilled: { numbers: { fill: number; wished: number; wants: number } };
  "does-not-fit": { numbers: { fill: number; wants: number } };
  /** Degrees from the middle of the frame. */
  "sun-in-frame": { numbers: { aside: number; above: number } };
  /** Degrees from behind the camera. */
  "against-the-sun": { numbers: { turn: number } };
  "own-shadow": { numbers: None };
  /** Metres to the subject. */
  shimmer: { numbers: { distance: number } };
  /** Metres to the subject. */
  haze: { numbers: { distance: number } };
  dust: { numbers: { distance: number } };
  /** Worst local loss of a wire, and of an even veil, in per cent of the light; metres to the netting. */
  "through-mesh": {
    numbers: { loss: number; veil: number; away: number };
    structure: "gone" | "faint" | "seen";
  };
  /** Degrees between the way the subject faces and the camera. */
  "seen-from-behind": { numbers: { turn: number } };
  /** Metres behind the subject, and what stands there; smoothness as a multiple of what one would make out. */
  "background-busy": { numbers: { smoothness: number; beyond: number }; behind: Background["kind"] };
  /** Pixels along the long edge. */
  "pixels-short": { numbers: { px: number; wanted: number } };
  /** Clicks short at the ceiling, and still missing after what is given up. */
  "light-short": { numbers: { short: number; missing: number } };
  /** Clicks. */
  "light-over": { numbers: { over: number } };
  /** Times the tolerance; metres a second toward the camera. */
  "focus-not-shutter": { numbers: { times: number; speed: number } };
  /** Frames of one, 0 … 1, that hold. */
  "motion-not-held": { numbers: { chance: number } };
  /** Stops between frames; the click of a shutter of whole periods that still holds the picture, where there is one. */
  flicker: { numbers: { stops: number }; calm?: number };
  /** Lamps under a roof of which nobody told whether they flicker. */
  "flicker-untold": { numbers: None };
  /** After dark on a venue out of doors of which nobody told lamps. */
  "lamps-untold": { numbers: None };
  "filter-needed": { numbers: { stops: number } };
  "nothing-crosses": { numbers: None };
  /** Micrometres on the sensor. */
  "no-shutter-holds": { numbers: { tolerance: number } };
}

export type JudgementCode = keyof Judged;
/** What a code carries beside its weight. */
export type Matter<Code extends JudgementCode> = Judged[Code];

/** A judgement of one code, or of any. */
export type JudgementOf<Code extends JudgementCode> = {
  [C in Code]: { readonly code: C; readonly weight: "veto" | "caution" | "note" } & Readonly<Judged[C]>;
}[Code];

/** One thing to say of a position: a veto, a caution, or a note. */
export type Judgement = JudgementOf<JudgementCode>;

const UNSEEN: readonly JudgementCode[] = ["blocked", "inside-obstacle"];

/** Whether nothing of the subject is seen from there; a lens that is too short is another matter. */
export const seesNothing = (judgement: readonly Pick<Judgement, "code">[]): boolean =>
  judgement.some(({ code }) => UNSEEN.includes(code));
