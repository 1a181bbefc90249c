import type { Absent } from "../units";
import type { Judgement } from "./judgements";
import type { FaceSeen } from "./grades";
import type { Danger } from "../guard";
import type { Background, Blockage, Position, Surface } from "../ground";
import type { DepthOfField, Frame, Rig } from "../optics";
import type { LightSide, SkyPhase, Sun } from "../light";
import type { BlurBudget, KeptVerdict, BodyMotion, Hands, Subject, Unmended } from "../motion";
import type { Sacrifice, Settings, Solution, WayOut } from "../exposure";
import type { DepthWish, Scene, Shot } from "../scene";
import type { SeenBehind } from "./background-found";

/** What `assess` walks through. */
export interface AssessInput {
  readonly shot: Shot;
  readonly subject: Subject;
  readonly position: Position;
  readonly rig: Rig;
  readonly scene: Scene;
  /** Set to hold a zoom. */
  readonly focalLengthMm?: number;
  /** Rails that the user locks. */
  readonly locked?: Partial<Settings>;
  /** What is given up first when the light is short. */
  readonly order: readonly Sacrifice[];
  /** What this photographer's hands leave of the movement; the usual ones when left out. */
  readonly hands?: Hands;
  /** Where the user likes the sun: degrees from behind the camera, 0 front … 180 against the light; 0 when left out. */
  readonly lightTurn?: number;
  /** What can hurt at this subject, or is hurt by who comes near; nothing when left out. */
  readonly dangers?: readonly Danger[];
  /** Metres walked to get there, where that is known. */
  readonly walk?: number;
  /** What counts how much in the score; the weights of the shot's intent when left out. */
  readonly weights?: Weights;
}

/** What of a figure is hidden by what stands between. */
export interface FigureHidden {
  /** Share 0 … 1 of the figure. */
  readonly share: number;
  /** Whether more than half of its head is. */
  readonly head: boolean;
  /** What hides it. */
  readonly obstacleIds: readonly string[];
}

/** Where the subject stands to the camera and what the lens makes of it, before anything is set. */
export interface SightingFound {
  /** Metres from lens to aim. */
  readonly distance: number;
  /** Degrees from true north from the lens to the aim. */
  readonly bearing: number;
  /** Degrees from the lens to the aim, up positive. */
  readonly heightAngle: number;
  readonly blockage?: Blockage;
  /** What of the figure is hidden by what stands between. */
  readonly hidden: FigureHidden;
  readonly background: Background;
  /** What else shows behind over the whole frame, each thing once where it is nearest; the ground left out. */
  readonly around: readonly Background[];
  readonly frame: Frame;
  /** Share of the framed side that the wished part takes, and the part's size in metres as it is seen from here. */
  readonly fill: number;
  /** Metres of the wished part as it is seen from here, above 0. */
  readonly partSize: number;
  /** Angle in degrees between the way the subject faces and the camera: 0 face on, 180 from behind. */
  readonly faceTurn: number;
  readonly face: FaceSeen;
}

/** The same with what the aperture makes of it that is set. */
export interface Sighting extends SightingFound {
  readonly background: SeenBehind;
  readonly around: readonly SeenBehind[];
  readonly depth: DepthOfField;
}

/** The light on the side of the subject that the camera sees. */
export interface LightFound {
  readonly sun: Sun;
  readonly phase: SkyPhase;
  /** Lux by origin, after readings. The sky's and the ground's parts are of sun and moon together. */
  readonly lux: {
    readonly sun: number;
    readonly moon: number;
    readonly sky: number;
    readonly ground: number;
    readonly lamps: number;
    readonly total: number;
  };
  /** EV at ISO 100 of the total. */
  readonly ev: number;
  /** Stops by which what is said of the zone, and readings by day and under lamps, move the light of the model. */
  readonly offsets: { readonly zone: number; readonly day: number; readonly lamps: number };
  /** Share of the lamps' horizontal lux on an upright subject, 0 or more; absent by day and where each mast tells its own. */
  readonly lampShare?: number;
  /** EV while a cloud passes; absent under a steady sky. */
  readonly evInCloud?: number;
  /** Whether the photographer's own shadow falls on the subject. */
  readonly ownShadow: boolean;
  /** EV before any reading, and the share 0 … 1 of that light that is daylight: what a reading keeps. */
  readonly modelEv: number;
  /** Share 0 … 1 of that light that is daylight. */
  readonly dayShare: number;
  /** Where the strongest light comes from; "even" when direct sun plays no part. */
  readonly side: LightSide | "even";
  /** Degrees of the strongest light from behind the camera, 0 front … 180 against the light. */
  readonly turn: number;
  /** The obstacle that keeps the sun off. */
  readonly shadedBy?: string;
  readonly direct: "sun" | "shaded" | "sun-down" | "cloud" | "roof" | "leaves";
  /** What throws light up from below. */
  readonly surface: Surface;
}

export interface PartMotion {
  readonly partId: string;
  readonly name: string;
  /** m/s across the line of sight after following. */
  readonly speed: number;
  /** µm on the sensor by which it may smear and still hold. */
  readonly toleranceUm: number;
  /** Slowest exposure in seconds that holds it. */
  readonly slowest: number | "none" | "any";
  /** Smear in µm at the settings found, the subject at its typical speed. */
  readonly blurUm: number;
  /** Frames of one, 0 … 1, in which it holds, and the word for that share. */
  readonly chance: number;
  readonly verdict: KeptVerdict;
}

/** A pan: its lines, and how often it comes off. */
export interface PanFound {
  /** Metres at the subject by which the place behind it is drawn into lines. */
  readonly streak: number;
  /** Length in µm on the sensor of the lines that the pan draws. */
  readonly streakUm: number;
  /** Streak of the place behind, as a share 0 … 1 of the delivered frame's width. */
  readonly streakShare: number;
  /** Chance 0 … 1 that a frame holds the subject. */
  readonly keeperChance: number;
  /** What a perfect pan still blurs at the subject's ends, µm. */
  readonly endsUm: number;
}

export interface MotionFound {
  readonly body: BodyMotion;
  /** For a panned shot alone. */
  readonly pan?: PanFound;
  /** By how many µm an electronic shutter leans the held part; absent where the body has none. */
  readonly skewUm?: number;
  /** What blurs more than a shutter can mend: then the shutter is that of motion and shake alone. */
  readonly unmended?: Unmended;
  /** Length in µm of a straight smear that would blur as much as the lag of the focus does. */
  readonly focusBlurUm: number;
  readonly parts: readonly PartMotion[];
  /** The part that must hold. */
  readonly held: PartMotion;
  readonly budget: BlurBudget;
  /** One pixel of the delivered picture on the sensor, µm. */
  readonly deliveredPixelUm: number;
}

/** A way out with what it does to the picture. */
export interface PricedWay extends WayOut {
  /** Smear of the held part in µm on the sensor. */
  readonly blurUm: number;
  /** Frames of one, 0 … 1, that hold it, and the word for that share. */
  readonly chance: number;
  readonly verdict: KeptVerdict;
}

/** The depth of a shot: what was asked, what is held, and what was given up. */
export interface DepthFound {
  readonly kind: DepthWish["kind"];
  /** Metres from the nearest to the farthest point that should be sharp, and the f-number that would hold them. */
  readonly asked: number;
  /** The f-number that would hold it. */
  readonly fNumber: number;
  /** Metres that are sharp at the aperture set; a code when there is no far end. */
  readonly sharp: number | "unbounded";
  /** Which end of what was asked is not sharp at the aperture set: the nearer, the farther, both or none. */
  readonly notSharp: readonly ("near" | "far")[];
  /** What ends the aperture before it holds all that is asked. */
  readonly cappedBy?: "lens" | "diffraction";
  /** Clicks given up because the light is short. */
  readonly givenUp: number;
}

export interface SettingsFound extends Solution {
  /** Stops of the light on the subject that never reach the sensor, 0 or more: by near focus, netting, glass. */
  readonly lostStops: number;
  readonly depth: DepthFound;
  readonly ways: readonly PricedWay[];
}

/** What a place is judged by, each between 0 and 1. */
export type ScoreCode =
  | "reach"
  | "light-side"
  | "light-enough"
  | "movement"
  | "background"
  | "face"
  | "eye-level"
  | "glare"
  | "own-shadow"
  | "walk";

/** How much each part of the score counts, 0 or more; one at 0 is left out. */
export type Weights = Readonly<Record<ScoreCode, number>>;

export interface ScorePart {
  readonly code: ScoreCode;
  /** 0 … 1. */
  readonly score: number;
  /** Share of the whole that this part weighs, by intent and taste. */
  readonly weight: number;
  readonly numbers: Readonly<Record<string, number>>;
}

/** How good a place is for a shot, 0 … 1. A veto is no low score: the place is out, whatever the parts say. */
export interface Score {
  /** 0 … 1. */
  readonly value: number;
  readonly vetoed: boolean;
  readonly parts: readonly ScorePart[];
}

/** Everything that is known of one shot from one position at one instant, as plain data. */
export interface Assessment {
  readonly ok: true;
  /** Of the form of this record. */
  readonly version: 2;
  readonly ids: { readonly shot: string; readonly position: string };
  /** Epoch milliseconds. */
  readonly at: number;
  readonly sighting: Sighting;
  readonly light: LightFound;
  readonly motion: MotionFound;
  readonly settings: SettingsFound;
  readonly judgement: readonly Judgement[];
  readonly score: Score;
}

/** No picture can be computed: the subject is nearer than the lens can focus. */
export type NoPicture = Absent<"nearer-than-focus">;
