import { asSubject, BODIES, LENSES, stagingOf, SUBJECTS } from "@/core/catalogue";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY, type Outing, type StoredKit } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { newOuting } from "@/outing/begin/new-outing";
import { ownBeginning, plain } from "@/outing/begin/own-beginning";
import type { Edit } from "@/outing/edits";
import { createViews, type Looking, type OutingView } from "@/outing/outing-view";
import { beginSelection, fitSelection, selectShot } from "@/outing/selection";
import { demoKit, demoOutings } from "../demo";

/** An outing as a tab looks at it, and the same at another minute, of another shot, or changed. */
export interface LookedAt {
  readonly view: OutingView;
  readonly at: (minute: number) => OutingView;
  readonly shot: (id: string) => LookedAt;
  readonly from: (positionId: string) => LookedAt;
  readonly changed: (...edits: readonly Edit[]) => LookedAt;
  readonly with: (change: Partial<Omit<Looking, "outing">>) => LookedAt;
}

/** Looks at an outing with the demo's kit unless told, before it begins. */
export function looked(outing: Outing, kit: StoredKit = demoKit): LookedAt {
  const viewOf = createViews(createAssessments());
  const look = (looking: Looking): LookedAt => ({
    view: viewOf(looking),
    at: (at) => viewOf({ ...looking, selection: { ...looking.selection, minute: { at, live: false } } }),
    shot: (id) => look({ ...looking, selection: selectShot(looking.outing, looking.selection, id) }),
    from: (positionId) => look({ ...looking, selection: { ...looking.selection, positionId } }),
    changed: (...edits) => {
      const next = edits.reduce((o, edit) => edit(o), looking.outing);
      return look({ ...looking, outing: next, selection: fitSelection(next, looking.selection) });
    },
    with: (change) => look({ ...looking, ...change }),
  });
  return look({
    outing,
    kit,
    preferences: DEFAULT_PREFERENCES,
    library: EMPTY_LIBRARY,
    selection: beginSelection(outing),
    now: 0,
  });
}

/** A demo outing by its id. */
export function anOuting(id: string): LookedAt {
  const outing = demoOutings.find((o) => o.id === id);
  if (!outing) throw new Error(`no demo outing ${id}; there are ${demoOutings.map((o) => o.id).join(", ")}`);
  return looked(outing);
}

interface Where {
  readonly template?: string;
  readonly latitude?: number;
  readonly date?: string;
  readonly from?: string;
  readonly starts?: string;
  readonly until?: string;
}

/** An outing as "Plan an outing" makes it of a subject of the library, on its usual venue unless told. */
export function fromNothing(subjectId: string, where: Where = {}, kit: StoredKit = demoKit): Outing {
  const row = SUBJECTS.find((s) => s.id === subjectId)!;
  const subject = asSubject(row);
  const staging = stagingOf(subjectId);
  return newOuting(
    {
      name: `An afternoon of ${subject.name}`,
      template: staging?.venues[0] ?? "open-ground",
      place: "Mill Road",
      latitude: 53.2,
      longitude: -1.4,
      timeZone: "Europe/London",
      date: "2027-04-10",
      from: "11:00",
      starts: "12:00",
      until: "22:00",
      subject: { ...subject, parts: [...subject.parts] },
      staging,
      group: row.group,
      ...where,
    },
    kit,
    DEFAULT_PREFERENCES,
  );
}

const bag = (bodyId: string, ...lensIds: readonly string[]): StoredKit => ({
  ...ownBeginning(),
  bodies: BODIES.filter((b) => b.id === bodyId).map(plain),
  lenses: LENSES.filter((l) => lensIds.includes(l.id)).map(plain),
});

/** The demo's bag, that of somebody who begins with a kit zoom, and one long lens on a small sensor with a low ceiling. */
export const BAGS: readonly { readonly name: string; readonly kit: StoredKit }[] = [
  { name: "demo", kit: demoKit },
  { name: "first", kit: bag("crop-15-26", "kit-18-55", "kit-55-250") },
  { name: "small sensor", kit: bag("crop-20-20", "zoom-100-400") },
];
