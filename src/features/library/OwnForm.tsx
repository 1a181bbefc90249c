import { useMemo } from "react";
import type { z } from "zod";
import { shippedLight } from "@/answers/library/light";
import { shippedSubjects, subjectTaken } from "@/answers/library/subjects";
import { shippedVenues } from "@/answers/library/venues";
import {
  EMPTY_LIBRARY,
  idFromName,
  ownLightLevelSchema,
  ownStartSchema,
  ownVenueSchema,
  type Library,
} from "@/data";
import { useToast } from "@/ui/layout/toast";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm } from "../forms/RecordForm";
import { placeFields } from "../forms/when-and-where";
import { useChangeLibrary, useOwnLibrary } from "../store/library";
import { OwnSubjectForm } from "../subjects/OwnSubjectForm";
import { copiedWords } from "@/words/library";
import type { OwnSection } from "./sections";

interface Props {
  readonly section: OwnSection;
  /** The row that is copied, or changed where it is the user's own. */
  readonly id: string;
  readonly own: boolean;
  readonly onDone: () => void;
}

const SOURCE: FieldSpec = { kind: "text", key: "source", label: "Source", lines: 2 };

const LEVEL: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name" },
  { kind: "number", key: "evFrom", label: "EV from", min: -10, max: 20 },
  { kind: "number", key: "evTo", label: "EV to", min: -10, max: 20 },
  SOURCE,
];
const START: readonly FieldSpec[] = [
  { kind: "text", key: "discipline", label: "Discipline" },
  { kind: "shutter", key: "shutter", label: "Start at" },
  { kind: "shutter", key: "least", label: "Slowest you accept" },
  { kind: "shutter", key: "withLight", label: "With light to spare" },
  { kind: "number", key: "fNumber.0", label: "Aperture from", unit: "f/", min: 0.7, max: 128 },
  { kind: "number", key: "fNumber.1", label: "Aperture to", unit: "f/", min: 0.7, max: 128 },
  SOURCE,
];
const VENUE: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name" },
  { kind: "number", key: "bearing", label: "Long axis points to", unit: "°", min: 0, max: 359.9 },
  ...placeFields(true),
  { kind: "text", key: "notes", label: "Notes", lines: 3 },
  SOURCE,
];

/** A row of the library as one's own: copied, changed, kept beside what ships. */
export function OwnForm({ section, id, own: isOwn, onDone }: Props) {
  const { own = EMPTY_LIBRARY } = useOwnLibrary();
  if (section === "subjects") {
    const mine = own.subjects.find((s) => isOwn && s.id === id);
    const row = shippedSubjects().find((s) => s.id === id);
    const begin = mine ?? (row && { ...subjectTaken(id, [])!, like: id, source: copiedWords(row.name, row) });
    if (!begin) return null;
    return <OwnSubjectForm begin={begin} onKept={onDone} onCancel={onDone} />;
  }
  if (section === "lightLevels") {
    const row = isOwn
      ? own.lightLevels.find((l) => l.id === id)
      : shippedLight.levels.find((l) => l.id === id);
    return (
      <PlainForm
        section="lightLevels"
        specs={LEVEL}
        schema={ownLightLevelSchema}
        nameOf={(l) => l.name}
        row={row}
        title={row?.name}
        own={own}
        isOwn={isOwn}
        onDone={onDone}
      />
    );
  }
  if (section === "startingSettings") {
    const row = isOwn
      ? own.startingSettings.find((s) => s.id === id)
      : shippedLight.startingSettings.find((s) => s.id === id);
    return (
      <PlainForm
        section="startingSettings"
        specs={START}
        schema={ownStartSchema}
        nameOf={(s) => s.discipline}
        row={row}
        title={row?.discipline}
        own={own}
        isOwn={isOwn}
        onDone={onDone}
      />
    );
  }
  const template = shippedVenues().find((v) => v.id === id);
  const row = isOwn
    ? own.venues.find((v) => v.id === id)
    : template && {
        id,
        name: template.name,
        template: id,
        bearing: 0,
        notes: "",
        known: template.known,
        source: template.source,
      };
  return (
    <PlainForm
      section="venues"
      specs={VENUE}
      schema={ownVenueSchema}
      nameOf={(v) => v.name}
      row={row}
      title={row?.name}
      own={own}
      isOwn={isOwn}
      onDone={onDone}
    />
  );
}

type PlainSection = Exclude<OwnSection, "subjects">;
type OwnRow<S extends PlainSection> = Library[S][number];

interface PlainProps<S extends PlainSection> {
  readonly section: S;
  readonly specs: readonly FieldSpec[];
  readonly schema: z.ZodType<OwnRow<S>>;
  readonly nameOf: (row: OwnRow<S>) => string;
  readonly row: { readonly known: string; readonly source: string } | undefined;
  /** What the row is called where it is copied from. */
  readonly title: string | undefined;
  readonly own: Library;
  readonly isOwn: boolean;
  readonly onDone: () => void;
}

function PlainForm<S extends PlainSection>({
  section,
  specs,
  schema,
  nameOf,
  row,
  title,
  own,
  isOwn,
  onDone,
}: PlainProps<S>) {
  const { change } = useChangeLibrary();
  const toast = useToast();
  const record = useMemo(
    () => (isOwn || !row ? row : { ...row, known: "estimated", source: copiedWords(title ?? "", row) }),
    [row, isOwn, title],
  );
  if (!record) return null;
  const rows: readonly OwnRow<S>[] = own[section];
  const onSave = async (kept: OwnRow<S>): Promise<void> => {
    const id = isOwn ? kept.id : idFromName(`my ${nameOf(kept)}`, rows, "own");
    const next = { ...kept, id };
    const list = isOwn ? rows.map((r) => (r.id === id ? next : r)) : [...rows, next];
    // Where it could not be kept the screen has it, and says so.
    const isKept = await change({ ...own, [section]: list });
    onDone();
    if (isKept) toast({ words: `${nameOf(kept)} saved to your library` });
  };
  return (
    <RecordForm
      specs={specs}
      record={record}
      schema={schema}
      save="Save to my library"
      onCancel={onDone}
      onSave={onSave}
    />
  );
}
