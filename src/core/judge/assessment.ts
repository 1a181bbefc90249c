import type { Absent, Figure } from "../units";
import type { Background, Blockage, Position } from "../ground";
import type { DepthOfField, Frame, Rig } from "../optics";
import type { LightSide, SkyPhase, Sun } from "../light";
import type { BlurBudget, BlurVerdict, BodyMotion, Subject } from "../motion";
import type { Sacrifice, Settings, Solution, WayOut } from "../exposure";
import type { Scene, Shot } from "../scene";

/** What `assess` walks through. */
export interface AssessInput {
  readonly shot: Shot;
  readonly subject: Subject;
  readonly position: Position;
  readonly rig: Rig;
  readonly scene: Scene;
  /** Set to hold a zoom. */
  readonly focalLengthMm?: number;
  /** Rails that the user holds. */
  readonly held?: Partial<Settings>;
  /** What is given up first when the light is short. */
  readonly order: readonly Sacrifice[];
}

/** Where the subject stands to the camera, and what the lens makes of it. */
export interface Sighting {
  /** Metres from lens to aim. */
  readonly distance: Figure;
  readonly bearing: number;
  readonly heightAngle: number;
  readonly blockage?: Blockage;
  readonly background: Background & { readonly smoothness: number };
  readonly frame: Frame;
  /** Share of the frame's height that the wished part takes. */
  readonly fill: Figure;
  readonly depth: DepthOfField;
  /** Angle in degrees between the way the subject faces and the camera: 0 face on, 180 from behind. */
  readonly faceTurn: number;
}

/** The light on the side of the subject that the camera sees. */
export interface LightFound {
  readonly sun: Sun;
  readonly phase: SkyPhase;
  /** Lux by origin, after readings. */
  readonly lux: {
    readonly sun: number;
    readonly sky: number;
    readonly ground: number;
    readonly lamps: number;
    readonly total: number;
  };
  readonly ev: Figure;
  /** EV before any reading, and the share 0 … 1 of that light that is daylight: what a reading keeps. */
  readonly modelEv: number;
  readonly dayShare: number;
  /** Where the strongest light comes from; "even" when direct sun plays no part. */
  readonly side: LightSide | "even";
  readonly turn: number;
  /** The obstacle that keeps the sun off. */
  readonly shadedBy?: string;
  readonly direct: "sun" | "shaded" | "sun-down" | "cloud";
}

export interface PartMotion {
  readonly partId: string;
  readonly name: string;
  /** m/s across the line of sight after following. */
  readonly speed: number;
  readonly toleranceUm: number;
  /** Slowest exposure in seconds that holds it. */
  readonly slowest: number | "none" | "any";
  /** Smear in µm at the settings found, and how it reads. */
  readonly blurUm: number;
  readonly verdict: BlurVerdict;
}

export interface MotionFound {
  readonly body: BodyMotion;
  readonly parts: readonly PartMotion[];
  /** The part that must hold. */
  readonly held: PartMotion;
  readonly budget: BlurBudget;
  /** One pixel of the delivered picture on the sensor, µm. */
  readonly deliveredPixelUm: number;
}

/** A way out with what it does to the picture. */
export interface PricedWay extends WayOut {
  readonly blurUm: number;
  readonly verdict: BlurVerdict;
}

export interface SettingsFound extends Solution {
  readonly ways: readonly PricedWay[];
  /** Reasons behind the three settings. */
  readonly because: {
    readonly shutter: Figure;
    readonly aperture: Figure;
    readonly iso: Figure;
  };
}

export type JudgementCode =
  | "blocked"
  | "out-of-reach"
  | "does-not-fit"
  | "in-no-go"
  | "sun-in-frame"
  | "against-the-sun"
  | "seen-from-behind"
  | "background-busy"
  | "pixels-short"
  | "light-short"
  | "light-over"
  | "motion-not-held"
  | "no-shutter-holds";

/** One thing to say of a position: a veto, a caution, or a note. */
export interface Judgement {
  readonly code: JudgementCode;
  readonly weight: "veto" | "caution" | "note";
  readonly numbers: Readonly<Record<string, number>>;
}

/** Everything that is known of one shot from one position at one instant, as plain data. */
export interface Assessment {
  readonly ok: true;
  readonly version: 1;
  readonly ids: { readonly shot: string; readonly position: string };
  readonly at: number;
  readonly sighting: Sighting;
  readonly light: LightFound;
  readonly motion: MotionFound;
  readonly settings: SettingsFound;
  readonly judgement: readonly Judgement[];
}

/** No picture can be computed: the subject is nearer than the lens can focus. */
export type NoPicture = Absent<"nearer-than-focus">;
