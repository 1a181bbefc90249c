import { MIDDLE_REFLECTANCE } from "../units";
import { isoNearest } from "./marks";

/**
 * Compensation in stops that a metered picture needs when a subject of one reflectance fills the frame: snow 0.8 wants
 * +2.3, a black jersey 0.04 wants −2.0. Reflectance above 0 up to 1.
 */
export const meterCompensation = (reflectance: number): number => Math.log2(reflectance / MIDDLE_REFLECTANCE);

export type ToneChoice = "hold-whites" | "middle" | "hold-faces";

export interface ToneInput {
  /** Stops by which white kit or caps lie above the middle, and shaded faces below it (common practice: 2.3 and 2.5). */
  readonly whites: number;
  /** Stops by which shaded faces lie below the middle, 0 or more. */
  readonly faces: number;
  /** Stops that the sensor holds above and below the middle before detail is gone. */
  readonly headroom: number;
  /** Stops that the sensor holds below the middle, 0 or more. */
  readonly footroom: number;
}

export interface ToneAdvice {
  /** Stops to add to the middle exposure; negative is darker. */
  readonly shift: number;
  /** Stops by which whites lie past the headroom, and faces past the footroom, at that shift; 0 when held. */
  readonly whitesLost: number;
  /** Stops by which faces lie past the footroom at that shift; 0 when held. */
  readonly facesLost: number;
}

/** What holding the whites, the middle or the faces costs. */
export function toneAdvice(choice: ToneChoice, { whites, faces, headroom, footroom }: ToneInput): ToneAdvice {
  const shift =
    choice === "hold-whites"
      ? Math.min(0, headroom - whites)
      : choice === "hold-faces"
        ? Math.max(0, faces - footroom)
        : 0;
  return {
    shift,
    whitesLost: Math.max(0, whites + shift - headroom),
    facesLost: Math.max(0, faces - shift - footroom),
  };
}

/** Contrast of a scene in stops between its brightest and darkest part that should hold, from lux or any luminance. */
export const sceneContrast = (brightest: number, darkest: number): number => Math.log2(brightest / darkest);

export interface AutoIsoInput {
  /** Shutter and aperture held, in clicks; EV at ISO 100 that the camera's meter finds. */
  readonly shutter: number;
  /** Aperture that is held, clicks. */
  readonly aperture: number;
  /** EV at ISO 100 that the camera's meter finds. */
  readonly meteredEv: number;
  /** Compensation set on the camera, in clicks. */
  readonly compensation: number;
  /** Lowest ISO of the automatic, clicks. */
  readonly isoFloor: number;
  /** Highest ISO of the automatic, clicks. */
  readonly isoCeiling: number;
}

export interface AutoIso {
  /** ISO click that the camera will choose. */
  readonly iso: number;
  /** Clicks by which the picture comes out too bright at the floor (+) or too dark at the ceiling (−). */
  readonly off: number;
}

/** The ISO that an automatic will choose between floor and ceiling; at the floor bright light overexposes. */
export function autoIso({
  shutter,
  aperture,
  meteredEv,
  compensation,
  isoFloor,
  isoCeiling,
}: AutoIsoInput): AutoIso {
  const wanted = Math.round(shutter + aperture - 3 * meteredEv + compensation);
  const iso = Math.min(isoCeiling, Math.max(isoFloor, wanted));
  return { iso, off: iso - wanted + 0 };
}

/** EV at ISO 100 that the meter finds from which an automatic stands at its floor, and down to which it holds under its ceiling. */
export const autoIsoReach = ({
  shutter,
  aperture,
  compensation,
  isoFloor,
  isoCeiling,
}: Omit<AutoIsoInput, "meteredEv">): { readonly floorEv: number; readonly ceilingEv: number } => ({
  floorEv: (shutter + aperture + compensation - isoFloor) / 3,
  ceilingEv: (shutter + aperture + compensation - isoCeiling) / 3,
});

export type ModeAdvice =
  | { readonly mode: "manual"; readonly reason: "steady" }
  | { readonly mode: "manual"; readonly reason: "past-ceiling" }
  | {
      readonly mode: "manual";
      readonly reason: "into-dusk";
      /** Stops by which the light changes, 0 or more. */
      readonly stops: number;
    }
  | {
      readonly mode: "manual-with-clicks";
      readonly reason: "zones-differ";
      /** Thirds of a stop between the zones, 0 or more. */
      readonly clicks: number;
    }
  | {
      readonly mode: "auto-iso";
      readonly reason: "light-swings";
      /** Stops by which the light changes, 0 or more. */
      readonly stops: number;
    }
  | {
      readonly mode: "auto-iso";
      readonly reason: "shadow-stands";
      /** Thirds of a stop between sun and shade, more than one can turn. */
      readonly clicks: number;
    }
  | {
      readonly mode: "manual-for-the-pocket";
      readonly reason: "pocket-of-light";
      /** Stops by which the light changes, 0 or more. */
      readonly stops: number;
    };

/** Stops of the fall, the swing or the step that the advice is given for; nothing where the light is steady, or at its end. */
export const stopsOfAdvice = (advice: ModeAdvice): number | undefined =>
  "stops" in advice ? advice.stops : "clicks" in advice ? advice.clicks / 3 : undefined;

export interface ModeInput {
  /** EV of each zone that play may reach, at the same moment. */
  readonly zoneEvs: readonly number[];
  /** Thirds of a stop across the edge of a standing shadow that play crosses; 0 where none lies there. */
  readonly shadowClicks: number;
  /** EV of the wanted zone along the time ahead. */
  readonly evsAhead: readonly number[];
  /** Whether passing cloud makes the light unpredictable. */
  readonly unpredictable: boolean;
  /** Whether one bright pocket alone is wanted. */
  readonly pocketOnly: boolean;
  /** Whether the light will be short at the ISO ceiling. */
  readonly pastCeiling: boolean;
  /** Whether the light goes down steadily into dusk. */
  readonly intoDusk: boolean;
}

const CLICK = 1 / 3;
/** Beyond a stop one cannot click along (common practice). */
const MOST_BY_HAND = 1;
const CLICKS_BY_HAND = 3 * MOST_BY_HAND;
/** Within this spread one exposure serves all (common practice: a third). */
const STEADY = CLICK;

const spread = (values: readonly number[]): number =>
  values.length === 0 ? 0 : Math.max(...values) - Math.min(...values);

/**
 * Which way of exposing suits the light, with its reason (common practice): steady light is manual, zones within a stop
 * are manual with clicks, more than that or passing cloud is automatic ISO, a pocket of light is manual for the pocket. Past
 * the ceiling an automatic has nothing left to give, and into dusk it brightens night to day: both are manual.
 */
export function adviseMode({
  zoneEvs,
  shadowClicks,
  evsAhead,
  unpredictable,
  pocketOnly,
  pastCeiling,
  intoDusk,
}: ModeInput): ModeAdvice {
  const zones = spread(zoneEvs);
  const swing = Math.max(zones, spread(evsAhead));
  if (pocketOnly) return { mode: "manual-for-the-pocket", reason: "pocket-of-light", stops: zones };
  if (pastCeiling) return { mode: "manual", reason: "past-ceiling" };
  if (intoDusk && swing > STEADY) return { mode: "manual", reason: "into-dusk", stops: swing };
  if (shadowClicks > CLICKS_BY_HAND)
    return { mode: "auto-iso", reason: "shadow-stands", clicks: shadowClicks };
  if (unpredictable || swing > MOST_BY_HAND)
    return { mode: "auto-iso", reason: "light-swings", stops: swing };
  if (zones > STEADY)
    return { mode: "manual-with-clicks", reason: "zones-differ", clicks: Math.round(3 * zones) };
  return { mode: "manual", reason: "steady" };
}

/** Stops of neutral-density filter, whole, that bring bright light down to the ISO floor; 0 when none is needed. */
export const neutralDensityStops = (input: {
  readonly lightEv: number;
  readonly shutter: number;
  readonly aperture: number;
  readonly iso: number;
}): number =>
  Math.max(0, Math.ceil(input.lightEv - (input.shutter + input.aperture - isoNearest(input.iso)) / 3 - 1e-9));
