import { beginChoice } from "@/outing/begin/begin-choice";
import type { Settings } from "@/core/exposure";
import type { Obstacle, Position, Spot, Venue, Surface } from "@/core/ground";
import {
  freeId,
  type Choice,
  type Outing,
  type StoredKit,
  type StoredShot,
  type StoredSubject,
} from "@/data";

/** Changes of an outing, as functions from one state to the next. */

type Edit = (outing: Outing) => Outing;

/** A list with the item of an id changed. */
const edited = <T extends { id: string }>(items: readonly T[], id: string, edit: Partial<NoInfer<T>>): T[] =>
  items.map((item) => (item.id === id ? { ...item, ...edit } : item));

const editGround =
  (edit: (ground: Outing["ground"]) => Partial<Outing["ground"]>): Edit =>
  (outing) => ({ ...outing, ground: { ...outing.ground, ...edit(outing.ground) } });

/** What is said of the outing as a whole. */
export const editOuting =
  (edit: Partial<Pick<Outing, "access" | "cautions" | "bag" | "notes">>): Edit =>
  (outing) => ({ ...outing, ...edit });

export const editChoice =
  (shotId: string, edit: Partial<Omit<Choice, "shotId">>): Edit =>
  (outing) => ({
    ...outing,
    choices: outing.choices.map((c) => (c.shotId === shotId ? { ...c, ...edit } : c)),
  });

export const movePosition = (id: string, edit: Partial<Omit<Position, "id">>): Edit =>
  editGround(({ positions }) => ({ positions: edited(positions, id, edit) }));

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** A further position beside the last one, named by the next free letter, and taken for the shot in hand. */
export const addPosition =
  (at: Position["at"]): Edit =>
  (outing) => {
    const { positions } = outing.ground;
    const name =
      [...LETTERS].find((l) => !positions.some((p) => p.name === l)) ?? String(positions.length + 1);
    const id = freeId(name.toLowerCase(), positions);
    const added = editGround((g) => ({ positions: [...g.positions, { id, name, at, lensHeight: 1.2 }] }))(
      outing,
    );
    return editChoice(outing.shotId, { positionId: id })(added);
  };

/** A position is taken away; the shots that were served from it have no place then. */
export const removePosition =
  (id: string): Edit =>
  (outing) => ({
    ...editGround((g) => ({ positions: g.positions.filter((p) => p.id !== id) }))(outing),
    choices: outing.choices.map((c) => (c.positionId === id ? { ...c, positionId: null } : c)),
  });

export const editSpot = (id: string, edit: Partial<Omit<Spot, "id">>): Edit =>
  editGround(({ spots }) => ({ spots: edited(spots, id, edit) }));

/** A further spot, where the shot in hand goes to. */
export const addSpot =
  (spot: Omit<Spot, "id">): Edit =>
  (outing) => {
    const id = freeId("spot", outing.ground.spots);
    const added = editGround((g) => ({ spots: [...g.spots, { ...spot, id }] }))(outing);
    return { ...added, shots: edited(added.shots, outing.shotId, { spotId: id }) };
  };

/** Only a spot that no shot is promised of can go. */
export const removeSpot =
  (id: string): Edit =>
  (outing) =>
    outing.shots.some((s) => s.spotId === id)
      ? outing
      : editGround((g) => ({ spots: g.spots.filter((s) => s.id !== id) }))(outing);

export const addObstacle = (obstacle: Omit<Obstacle, "id">): Edit =>
  editGround((g) => ({
    obstacles: [
      ...g.obstacles,
      { ...obstacle, outline: [...obstacle.outline], id: freeId("obstacle", g.obstacles) },
    ],
  }));

export const editObstacle = (id: string, edit: Partial<Omit<Obstacle, "id">>): Edit =>
  editGround((g) => ({
    obstacles: g.obstacles.map((o) =>
      o.id === id ? { ...o, ...edit, outline: [...(edit.outline ?? o.outline)] } : o,
    ),
  }));

export const removeObstacle = (id: string): Edit =>
  editGround((g) => ({ obstacles: g.obstacles.filter((o) => o.id !== id) }));

export const editVenue = (edit: Partial<Venue>): Edit =>
  editGround((g) => ({ venue: { ...g.venue, ...edit } }));

export const takeShot =
  (shotId: string): Edit =>
  (outing) => ({ ...outing, shotId });

/** The subject as the outing keeps it: put in when it is new, written over when it is there. */
const withSubject = (outing: Outing, subject: StoredSubject): Outing => ({
  ...outing,
  subjects: outing.subjects.some((s) => s.id === subject.id)
    ? outing.subjects.map((s) => (s.id === subject.id ? subject : s))
    : [...outing.subjects, subject],
});

/** Writes a shot, a new one with kit to begin with and from where the shot in hand is taken. */
export const putShot =
  (shot: StoredShot, subject: StoredSubject, kit: StoredKit): Edit =>
  (outing) => {
    const cast = withSubject(outing, subject);
    if (outing.shots.some((s) => s.id === shot.id))
      return { ...cast, shots: cast.shots.map((s) => (s.id === shot.id ? shot : s)) };
    const model = outing.choices.find((c) => c.shotId === outing.shotId);
    const choice = model
      ? { ...model, shotId: shot.id, focalLengthMm: null, held: {} }
      : beginChoice(shot.id, null, kit);
    return { ...cast, shots: [...cast.shots, shot], choices: [...cast.choices, choice], shotId: shot.id };
  };

/** A shot is taken back with all that hangs on it; the last one stays, since an outing promises something. */
export const removeShot =
  (id: string): Edit =>
  (outing) => {
    const shots = outing.shots.filter((s) => s.id !== id);
    if (shots.length === 0) return outing;
    return {
      ...outing,
      shots,
      choices: outing.choices.filter((c) => c.shotId !== id),
      log: outing.log.filter((l) => l.shotId !== id),
      shotId: outing.shotId === id ? shots[0]!.id : outing.shotId,
    };
  };

/** Puts back a shot as it was before it was taken back, at its place, with its kit and what was counted of it. */
export const restoreShot =
  (before: Outing, id: string): Edit =>
  (outing) => {
    if (outing.shots.some((s) => s.id === id)) return outing;
    const at = before.shots.findIndex((s) => s.id === id);
    const of = <T extends { shotId: string }>(items: readonly T[]): T[] =>
      items.filter((i) => i.shotId === id);
    return {
      ...outing,
      shots: outing.shots.toSpliced(at, 0, before.shots[at]!),
      choices: [...outing.choices, ...of(before.choices)],
      log: [...outing.log, ...of(before.log)],
    };
  };

/** Takes the shot at one place of the list to another. */
export const moveShot =
  (from: number, to: number): Edit =>
  (outing) => {
    const shots = [...outing.shots];
    const [moved] = shots.splice(from, 1);
    if (!moved) return outing;
    shots.splice(Math.max(0, Math.min(shots.length, to)), 0, moved);
    return { ...outing, shots };
  };

const editLight =
  (edit: (light: Outing["light"]) => Partial<Outing["light"]>): Edit =>
  (outing) => ({ ...outing, light: { ...outing.light, ...edit(outing.light) } });

export const setCloud = (cloudEighths: number): Edit => editLight(() => ({ cloudEighths }));

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

/** What the ground at large is made of. */
export const setSurface = (surface: Surface): Edit => editGround(() => ({ surface }));

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

export const dropReading = (id: string): Edit =>
  editLight((light) => ({ readings: light.readings.filter((r) => r.id !== id) }));

export const holdRails = (shotId: string, held: Partial<Settings>): Edit => editChoice(shotId, { held });

export const addSeries =
  (series: Omit<Outing["log"][number], "id">): Edit =>
  (outing) => ({ ...outing, log: [...outing.log, { ...series, id: freeId("series", outing.log) }] });

export const removeSeries =
  (id: string): Edit =>
  (outing) => ({ ...outing, log: outing.log.filter((s) => s.id !== id) });
