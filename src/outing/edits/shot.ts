import type { Settings } from "@/core/exposure";
import type { Choice, Outing, StoredKit, StoredShot, StoredSubject } from "@/data";
import { beginChoice } from "../begin/begin-choice";
import { edited, put, type Edit } from "./edit";
import { onTheirSide } from "./stance";

export const editChoice =
  (shotId: string, edit: Partial<Omit<Choice, "shotId">>): Edit =>
  (outing) => ({
    ...outing,
    choices: outing.choices.map((c) => (c.shotId === shotId ? { ...c, ...edit } : c)),
  });

/** Holds rails by hand, those that are named and no others; an ISO that is held is no longer left to the body. */
export const lockRails =
  (shotId: string, locked: Partial<Settings>): Edit =>
  (outing) => {
    const held = editChoice(shotId, { locked })(outing);
    return locked.iso === undefined ? held : letIsoFollow(shotId, undefined)(held);
  };

/** ISO left to the body, or taken back from it when nothing is given; what holds the ISO by hand is let go of. */
export const letIsoFollow =
  (shotId: string, automatic: Choice["automatic"]): Edit =>
  (outing) => ({
    ...outing,
    choices: outing.choices.map((choice) => {
      if (choice.shotId !== shotId) return choice;
      const { automatic: _, ...rest } = choice;
      if (!automatic) return rest;
      const { iso: __, ...locked } = choice.locked;
      return { ...rest, locked, automatic };
    }),
  });

/** The subject as the outing keeps it: put in when it is new, written over when it is there. */
const withSubject = (outing: Outing, subject: StoredSubject): Outing => ({
  ...outing,
  subjects: put(outing.subjects, subject),
});

/** Writes a shot, its batter on the side of the hand that is told; a new one with the kit and the position of the shot `like`, where that is one of the outing. */
export const putShot =
  (shot: StoredShot, subject: StoredSubject, kit: StoredKit, like: string): Edit =>
  (outing) => {
    const cast = withSubject(outing, subject);
    if (outing.shots.some((s) => s.id === shot.id)) {
      const shots = cast.shots.map((s) => (s.id === shot.id ? shot : s));
      return onTheirSide({ ...cast, shots }, shot, subject);
    }
    const model = outing.choices.find((c) => c.shotId === like);
    const choice = model ? freeLike(model, shot.id) : beginChoice(shot.id, null, kit);
    const added = { ...cast, shots: [...cast.shots, shot], choices: [...cast.choices, choice] };
    return onTheirSide(added, shot, subject);
  };

/** Kit and position of another shot, and nothing that was held for it: neither rails, nor the zoom, nor the ISO's automatic. */
const freeLike = ({ automatic: _, ...model }: Choice, shotId: string): Choice => ({
  ...model,
  shotId,
  focalLengthMm: null,
  locked: {},
});

/** Changes something of who or what is photographed, for all its shots. */
export const editSubject =
  (id: string, edit: Partial<Omit<StoredSubject, "id">>): Edit =>
  (outing) => ({ ...outing, subjects: edited(outing.subjects, id, edit) });

/** Changes something of a shot. */
export const editShot =
  (shotId: string, edit: Partial<Omit<StoredShot, "id">>): Edit =>
  (outing) => ({ ...outing, shots: outing.shots.map((s) => (s.id === shotId ? { ...s, ...edit } : s)) });

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
