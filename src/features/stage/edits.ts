import { beginChoice } from "@/outing/begin/begin-choice";
import type { Settings } from "@/core/exposure";
import type { Obstacle, Position, Spot, Venue, Surface } from "@/core/ground";
import { freeId, type Choice, type Shoot, type StoredKit, type StoredShot, type StoredSubject } from "@/data";

/** Changes of an outing, as functions from one state to the next. */

type Edit = (shoot: Shoot) => Shoot;

/** A list with the item of an id changed. */
const edited = <T extends { id: string }>(items: readonly T[], id: string, edit: Partial<NoInfer<T>>): T[] =>
  items.map((item) => (item.id === id ? { ...item, ...edit } : item));

const editGround =
  (edit: (ground: Shoot["ground"]) => Partial<Shoot["ground"]>): Edit =>
  (shoot) => ({ ...shoot, ground: { ...shoot.ground, ...edit(shoot.ground) } });

/** What is said of the outing as a whole. */
export const editOuting =
  (edit: Partial<Pick<Shoot, "access" | "cautions" | "bag" | "notes">>): Edit =>
  (shoot) => ({ ...shoot, ...edit });

export const editChoice =
  (shotId: string, edit: Partial<Omit<Choice, "shotId">>): Edit =>
  (shoot) => ({
    ...shoot,
    choices: shoot.choices.map((c) => (c.shotId === shotId ? { ...c, ...edit } : c)),
  });

export const movePosition = (id: string, edit: Partial<Omit<Position, "id">>): Edit =>
  editGround(({ positions }) => ({ positions: edited(positions, id, edit) }));

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** A further position beside the last one, named by the next free letter, and taken for the shot in hand. */
export const addPosition =
  (at: Position["at"]): Edit =>
  (shoot) => {
    const { positions } = shoot.ground;
    const name =
      [...LETTERS].find((l) => !positions.some((p) => p.name === l)) ?? String(positions.length + 1);
    const id = freeId(name.toLowerCase(), positions);
    const added = editGround((g) => ({ positions: [...g.positions, { id, name, at, lensHeight: 1.2 }] }))(
      shoot,
    );
    return editChoice(shoot.shotId, { positionId: id })(added);
  };

/** A position is taken away; the shots that were served from it have no place then. */
export const removePosition =
  (id: string): Edit =>
  (shoot) => ({
    ...editGround((g) => ({ positions: g.positions.filter((p) => p.id !== id) }))(shoot),
    choices: shoot.choices.map((c) => (c.positionId === id ? { ...c, positionId: null } : c)),
  });

export const editSpot = (id: string, edit: Partial<Omit<Spot, "id">>): Edit =>
  editGround(({ spots }) => ({ spots: edited(spots, id, edit) }));

/** A further spot, where the shot in hand goes to. */
export const addSpot =
  (spot: Omit<Spot, "id">): Edit =>
  (shoot) => {
    const id = freeId("spot", shoot.ground.spots);
    const added = editGround((g) => ({ spots: [...g.spots, { ...spot, id }] }))(shoot);
    return { ...added, shots: edited(added.shots, shoot.shotId, { spotId: id }) };
  };

/** Only a spot that no shot is promised of can go. */
export const removeSpot =
  (id: string): Edit =>
  (shoot) =>
    shoot.shots.some((s) => s.spotId === id)
      ? shoot
      : editGround((g) => ({ spots: g.spots.filter((s) => s.id !== id) }))(shoot);

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
  (shoot) => ({ ...shoot, shotId });

/** The subject as the outing keeps it: put in when it is new, written over when it is there. */
const withSubject = (shoot: Shoot, subject: StoredSubject): Shoot => ({
  ...shoot,
  subjects: shoot.subjects.some((s) => s.id === subject.id)
    ? shoot.subjects.map((s) => (s.id === subject.id ? subject : s))
    : [...shoot.subjects, subject],
});

/** Writes a shot, a new one with kit to begin with and from where the shot in hand is taken. */
export const putShot =
  (shot: StoredShot, subject: StoredSubject, kit: StoredKit): Edit =>
  (shoot) => {
    const cast = withSubject(shoot, subject);
    if (shoot.shots.some((s) => s.id === shot.id))
      return { ...cast, shots: cast.shots.map((s) => (s.id === shot.id ? shot : s)) };
    const model = shoot.choices.find((c) => c.shotId === shoot.shotId);
    const choice = model
      ? { ...model, shotId: shot.id, focalLengthMm: null, held: {} }
      : beginChoice(shot.id, null, kit);
    return { ...cast, shots: [...cast.shots, shot], choices: [...cast.choices, choice], shotId: shot.id };
  };

/** A shot is taken back with all that hangs on it; the last one stays, since an outing promises something. */
export const removeShot =
  (id: string): Edit =>
  (shoot) => {
    const shots = shoot.shots.filter((s) => s.id !== id);
    if (shots.length === 0) return shoot;
    return {
      ...shoot,
      shots,
      choices: shoot.choices.filter((c) => c.shotId !== id),
      log: shoot.log.filter((l) => l.shotId !== id),
      shotId: shoot.shotId === id ? shots[0]!.id : shoot.shotId,
    };
  };

/** Puts back a shot as it was before it was taken back, at its place, with its kit and what was counted of it. */
export const restoreShot =
  (before: Shoot, id: string): Edit =>
  (shoot) => {
    if (shoot.shots.some((s) => s.id === id)) return shoot;
    const at = before.shots.findIndex((s) => s.id === id);
    const of = <T extends { shotId: string }>(items: readonly T[]): T[] =>
      items.filter((i) => i.shotId === id);
    return {
      ...shoot,
      shots: shoot.shots.toSpliced(at, 0, before.shots[at]!),
      choices: [...shoot.choices, ...of(before.choices)],
      log: [...shoot.log, ...of(before.log)],
    };
  };

/** Takes the shot at one place of the list to another. */
export const moveShot =
  (from: number, to: number): Edit =>
  (shoot) => {
    const shots = [...shoot.shots];
    const [moved] = shots.splice(from, 1);
    if (!moved) return shoot;
    shots.splice(Math.max(0, Math.min(shots.length, to)), 0, moved);
    return { ...shoot, shots };
  };

const editLight =
  (edit: (light: Shoot["light"]) => Partial<Shoot["light"]>): Edit =>
  (shoot) => ({ ...shoot, light: { ...shoot.light, ...edit(shoot.light) } });

export const setCloud = (cloudEighths: number): Edit => editLight(() => ({ cloudEighths }));

export const setPassing = (passing: boolean): Edit => editLight(() => ({ passing }));

export const setLamps =
  (edit: Partial<NonNullable<Shoot["light"]["lamps"]>>): Edit =>
  (shoot) => {
    const { lamps } = shoot.light;
    return lamps ? editLight(() => ({ lamps: { ...lamps, ...edit } }))(shoot) : shoot;
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
  (shoot) =>
    editLight(() => ({
      lamps: lit
        ? {
            class: "II",
            kind: shoot.light.roof ? "hall" : shoot.kind === "pool" ? "pool" : "field",
            from: shoot.from,
          }
        : null,
    }))(shoot);

export const dropReading = (id: string): Edit =>
  editLight((light) => ({ readings: light.readings.filter((r) => r.id !== id) }));

export const holdRails = (shotId: string, held: Partial<Settings>): Edit => editChoice(shotId, { held });

export const addSeries =
  (series: Omit<Shoot["log"][number], "id">): Edit =>
  (shoot) => ({ ...shoot, log: [...shoot.log, { ...series, id: freeId("series", shoot.log) }] });

export const removeSeries =
  (id: string): Edit =>
  (shoot) => ({ ...shoot, log: shoot.log.filter((s) => s.id !== id) });
