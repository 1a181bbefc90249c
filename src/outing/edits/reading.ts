import type { Settings } from "@/core/exposure";
import { zoneIdOf } from "@/core/ground";
import { lightFor, type Assessment } from "@/core/judge";
import type { Reading } from "@/core/light";
import type { Outing } from "@/data";
import { editLight, type Edit } from "./edit";

/** A reading from what was set, the card's settings unless others are named, and how far off the picture was; + too bright, − too dark. */
export const readingFrom = (
  found: Assessment,
  outing: Outing,
  offClicks: number,
  settings: Settings = found.settings.settings,
): Reading => readingOfEv(found, outing, lightFor(found, settings), offClicks);

/** A reading from the EV of the light itself, as a meter of the hand or a table tells it. */
export function readingOfEv(found: Assessment, outing: Outing, ev: number, offClicks = 0): Reading {
  const shot = outing.shots.find((s) => s.id === found.ids.shot)!;
  const spot = outing.ground.spots.find((s) => s.id === shot.spotId)!;
  return {
    id: nextId(outing.light.readings),
    zoneId: zoneIdOf(outing.ground, spot),
    spotId: spot.id,
    positionId: found.ids.position,
    at: found.at,
    settingsEv: ev,
    offClicks,
    modelEv: found.light.modelEv,
    dayShare: found.light.dayShare,
  };
}

function nextId(readings: readonly Reading[]): string {
  const numbers = readings.map((r) => Number(/^reading-(\d+)$/.exec(r.id)?.[1] ?? 0));
  return `reading-${Math.max(0, ...numbers) + 1}`;
}

export const keepReading = (reading: Reading): Edit =>
  editLight((light) => ({ readings: [...light.readings, reading] }));

export const dropReading = (id: string): Edit =>
  editLight((light) => ({ readings: light.readings.filter((r) => r.id !== id) }));
