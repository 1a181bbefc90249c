import { readingOffset } from "@/core/light";
import { zoneOffsetsFrom, type ZoneFinding } from "@/core/review";
import { wallTimeOf, type Place } from "@/data";

/** Lamps as they were measured at a place, against what their class says. */
export interface LampsMeasured {
  /** Stops by which they are brighter than the model. */
  readonly stops: number;
  readonly readings: number;
  /** Stops between the brightest and the darkest reading. */
  readonly spread: number;
}

/** Share of daylight from which on a reading says nothing of the lamps. */
const BY_DAY = 0.5;

/** What the readings of a place under its lamps say of them, in its first zone: the others have offsets of their own. */
export function lampsMeasured({ ground, light }: Place): LampsMeasured | undefined {
  const offsets = light.readings
    .filter((r) => r.dayShare < BY_DAY && r.zoneId === ground.zones[0]?.id)
    .map(readingOffset);
  if (!light.lamps || offsets.length === 0) return undefined;
  return {
    stops: offsets.reduce((a, b) => a + b, 0) / offsets.length,
    readings: offsets.length,
    spread: Math.max(...offsets) - Math.min(...offsets),
  };
}

/** Offsets of a place's zones as all of its readings say them, against its first zone. */
export const zonesMeasured = ({ ground, light }: Place): ZoneFinding[] =>
  zoneOffsetsFrom(light.readings, ground.zones, ground.zones[0]?.id ?? "");

/** What the readings of a zone say of an hour of the day. */
export interface HourRead {
  readonly zoneId: string;
  /** 0 to 23, by the place's own clock. */
  readonly hour: number;
  readonly readings: number;
  /** EV at ISO 100 that was found, on the mean. */
  readonly ev: number;
  /** Stops by which that was brighter than the model, on the mean. */
  readonly stops: number;
}

/** The readings of a place by zone and hour, in the order of its zones and of the day. */
export function readByHour({ ground, light, timeZone }: Place): HourRead[] {
  const hourOf = (at: number): number => Number(wallTimeOf(at, timeZone).slice(0, 2));
  return ground.zones.flatMap(({ id: zoneId }) => {
    const own = light.readings.filter((r) => r.zoneId === zoneId);
    const hours = [...new Set(own.map((r) => hourOf(r.at)))].sort((a, b) => a - b);
    return hours.map((hour): HourRead => {
      const then = own.filter((r) => hourOf(r.at) === hour);
      const mean = (of: (r: (typeof then)[number]) => number): number =>
        then.reduce((sum, r) => sum + of(r), 0) / then.length;
      return {
        zoneId,
        hour,
        readings: then.length,
        ev: mean((r) => r.modelEv + readingOffset(r)),
        stops: mean(readingOffset),
      };
    });
  });
}
