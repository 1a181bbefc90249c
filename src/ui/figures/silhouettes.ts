import type { Silhouette as SilhouetteName } from "@/core/motion";
import { BEAST, DEER, FLYING, INSECT, OTTER, PERCHED, RIDING, STOOPING, VEHICLE, WADING } from "./animals";
import {
  BATTING,
  BOAT,
  CLIMBING,
  CYCLING,
  DIVING,
  JUMPING,
  KEEPING,
  KICKING,
  LOW_STICK,
  RUNNING,
  SKIING,
  STANDING,
  SWIMMING,
  THROWING,
} from "./people";
import type { Intent } from "@/core/scene";
import type { Phase, Silhouette } from "./shape";

/** The silhouette of every figure. */
export const SILHOUETTES: Readonly<Record<SilhouetteName, Silhouette>> = {
  standing: STANDING,
  running: RUNNING,
  "low-stick": LOW_STICK,
  throwing: THROWING,
  jumping: JUMPING,
  kicking: KICKING,
  keeping: KEEPING,
  diving: DIVING,
  batting: BATTING,
  climbing: CLIMBING,
  swimming: SWIMMING,
  boat: BOAT,
  cycling: CYCLING,
  skiing: SKIING,
  riding: RIDING,
  vehicle: VEHICLE,
  deer: DEER,
  beast: BEAST,
  otter: OTTER,
  flying: FLYING,
  stooping: STOOPING,
  perched: PERCHED,
  wading: WADING,
  insect: INSECT,
};

/** The posture that a picture shows: a face after it, the subject in its place before it begins, all else at its peak. */
export function phaseOf(intent: Intent): Phase {
  if (intent === "reaction") return "end";
  return intent === "context" || intent === "still" ? "start" : "peak";
}
