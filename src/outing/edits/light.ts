import type { Outing } from "@/data";
import { editLight, type Edit } from "./edit";

export const setCloud = (cloudEighths: number): Edit => editLight(() => ({ cloudEighths }));

/** Cloud by the clock, by its times; the same all the time where there is none. */
export const setCloudHours = (cloudHours: Outing["light"]["cloudHours"]): Edit =>
  editLight(() => ({ cloudHours: cloudHours?.toSorted((a, b) => a.at.localeCompare(b.at)) }));

export const setPassing = (passing: boolean): Edit => editLight(() => ({ passing }));

export const setLamps =
  (edit: Partial<NonNullable<Outing["light"]["lamps"]>>): Edit =>
  (outing) => {
    const { lamps } = outing.light;
    return lamps ? editLight(() => ({ lamps: { ...lamps, ...edit } }))(outing) : outing;
  };

/** What lies over the ground, and the share 0 … 1 of the daylight that comes through it. */
export const setCover = (cover: "open" | "roof" | "leaves", daylightShare: number): Edit =>
  editLight(() => ({
    roof: cover === "roof" ? { daylightShare } : undefined,
    leaves: cover === "leaves" ? { daylightShare } : undefined,
  }));

/** Lamps where there were none, alight from the beginning on; or none any more. */
export const setLit =
  (lit: boolean): Edit =>
  (outing) =>
    editLight(() => ({
      lamps: lit
        ? {
            class: "II",
            kind: outing.light.roof ? "hall" : outing.kind === "pool" ? "pool" : "field",
            from: outing.from,
          }
        : null,
    }))(outing);

type Taken = NonNullable<Outing["light"]["taken"]>;

/** A source of the light taken to be brighter or darker than planned, from an instant on and over the whole ground. */
export const takeLight = (source: keyof Taken, found: Taken["day"]): Edit =>
  editLight(({ taken }) => ({ taken: { ...taken, [source]: found } }));

/** The light as it was planned: what was taken to be other is let go, readings stay. */
export const lightAsPlanned: Edit = editLight(() => ({ taken: undefined }));
