import { useMemo, useState } from "react";
import { View } from "react-native";
import { usualDepth } from "@/answers/brief/shot";
import { beginShot } from "@/outing/begin/begin-shot";
import { idFromName, shotSchema, type StoredShot, type StoredSubject } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { knownWords } from "@/words";
import { useToast } from "@/ui/layout/toast";
import { Txt } from "@/ui/controls/Txt";
import { fieldName, toTyped, type FieldSpec, type Typed } from "../../../forms/field-spec";
import { RecordForm, type FormHand } from "../../../forms/RecordForm";
import { OwnSubjectForm } from "../../../subjects/OwnSubjectForm";
import { useSubjectChoice } from "../../../subjects/use-subjects";
import { putShot, removeShot, restoreShot } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { shotFields } from "./shot-fields";

interface Props {
  /** Left out for a further shot. */
  readonly shotId: string | undefined;
  readonly onClose: () => void;
}

/** One editor for the whole sentence of a shot; its subject from the library or one's own. */
export function ShotForm({ shotId, onClose }: Props) {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const preferences = useOuting((v) => v.preferences);
  const inHand = useOuting((v) => v.shot);
  const commit = useCommit();
  const { takeShot } = useOpenOuting();
  const toast = useToast();
  const shot = outing.shots.find((s) => s.id === shotId);
  const [subject, setSubject] = useState<StoredSubject>(() =>
    outing.subjects.find((s) => s.id === (shot ?? inHand).subjectId)!,
  );
  const [describing, setDescribing] = useState(false);
  const record = useShotRecord(shot, subject);
  const specs = useMemo(() => shotFields(subject, outing.ground), [subject, outing.ground]);

  const choose = (chosen: StoredSubject, hand: FormHand): void => {
    const begin = (of: StoredSubject) =>
      toTyped(specs, { along: "height", ...beginShot(of, inHand.spotId, preferences, outing.shots) });
    followSubject({
      specs,
      from: begin(subject),
      to: begin(chosen),
      parts: chosen.parts,
      isNew: !shot,
      hand,
    });
    setSubject(chosen);
  };
  const remove = (id: string, name: string): void => {
    commit(removeShot(id));
    onClose();
    toast({ words: `${name} deleted`, undo: () => commit(restoreShot(outing, id)) });
  };
  return (
    <RecordForm
      specs={specs}
      record={record}
      schema={shotSchema}
      onChosen={(key, chosen, hand) => {
        if (key === "intent") followIntent(chosen as StoredShot["intent"], subject, hand);
        if (key === "part" && chosen === "head") hand.set("holdPartId", "body");
      }}
      save={shot ? "Save" : "Add the shot"}
      onCancel={onClose}
      onSave={(kept) => {
        const id = shot ? shot.id : idFromName(kept.name, outing.shots, "shot");
        commit(putShot({ ...kept, id }, subject, kit, inHand.id));
        takeShot(id);
        onClose();
      }}
      before={(hand) => (
        <SubjectChoice
          subject={subject}
          onChoose={(chosen) => choose(chosen, hand)}
          onDescribe={() => setDescribing(true)}
        />
      )}
      instead={
        describing
          ? (hand) => (
              <OwnSubjectForm
                begin={subject}
                onCancel={() => setDescribing(false)}
                onKept={(own) => {
                  choose(own, hand);
                  setDescribing(false);
                }}
              />
            )
          : undefined
      }
      more={
        shot && <RemoveShot only={outing.shots.length === 1} onRemove={() => remove(shot.id, shot.name)} />
      }
    />
  );
}

/** A shot as the form begins with it; what the other kinds of depth ask stands ready in its field. */
function useShotRecord(shot: StoredShot | undefined, subject: StoredSubject) {
  const preferences = useOuting((v) => v.preferences);
  const shots = useOuting((v) => v.outing.shots);
  const spotId = useOuting((v) => v.shot.spotId);
  return useMemo(() => {
    const begun = shot ?? beginShot(subject, spotId, preferences, shots);
    const depth = { turnDeg: 5, otherSpotId: spotId, ...(begun.depth ?? usualDepth(subject, begun)) };
    return { along: "height", ...begun, subjectId: subject.id, depth };
  }, [shot, subject, spotId, preferences, shots]);
}

interface Follow {
  readonly specs: readonly FieldSpec[];
  /** What a further shot of the old and of the new subject begins with. */
  readonly from: Typed;
  readonly to: Typed;
  readonly parts: StoredSubject["parts"];
  readonly isNew: boolean;
  readonly hand: FormHand;
}

/**
 * What a further shot began with follows its subject; what was typed, or said of a shot that exists, stays, but for a name that was
 * the subject's own.
 */
function followSubject({ specs, from, to, parts, isNew, hand }: Follow): void {
  const names = specs.map(({ key }) => key);
  for (const key of names)
    if ((isNew || key === "name") && hand.typed(key) === from[fieldName(key)])
      hand.set(key, to[fieldName(key)]!);
  const held = ["body", ...parts.map((p) => p.id)];
  if (!held.includes(hand.typed("holdPartId"))) hand.set("holdPartId", to[fieldName("holdPartId")]!);
}

/** A pan is panned, and its body is what has to hold; every kind of picture has its usual depth. */
function followIntent(intent: StoredShot["intent"], subject: StoredSubject, hand: FormHand): void {
  if (intent === "pan") {
    hand.set("technique", "panned");
    hand.set("holdPartId", "body");
  } else if (hand.typed("technique") === "panned") hand.set("technique", "tracked");
  hand.set("depth.kind", usualDepth(subject, { intent }).kind);
}

interface ChoiceProps {
  readonly subject: StoredSubject;
  readonly onChoose: (subject: StoredSubject) => void;
  readonly onDescribe: () => void;
}

/** The subject, of the outing or of the library, or one's own. */
function SubjectChoice({ subject, onChoose, onDescribe }: ChoiceProps) {
  const here = useOuting((v) => v.outing.subjects);
  const library = useSubjectChoice();
  const items = useMemo(() => {
    const known = new Set(library.items.map((i) => i.key));
    const ofOuting = here
      .filter((s) => !known.has(s.id))
      .map((s) => ({ key: s.id, title: s.name, detail: "of this outing" }));
    return [...ofOuting, ...library.items];
  }, [library.items, here]);
  return (
    <View className="gap-2">
      <Picker
        label="Subject"
        items={items}
        chosen={subject.id}
        onChoose={(id) => onChoose(here.find((s) => s.id === id) ?? library.take(id))}
      />
      {subject.source !== undefined && (
        <Txt size={14} tone="ink2">
          {knownWords({ known: subject.known, source: subject.source })}
        </Txt>
      )}
      <Button label="Add your own subject" kind="plain" onPress={onDescribe} />
    </View>
  );
}

function RemoveShot({ only, onRemove }: { only: boolean; onRemove: () => void }) {
  if (only) return <Txt tone="ink2">An outing needs at least one shot. Edit this one instead.</Txt>;
  return <Button label="Delete shot" kind="danger" onPress={onRemove} />;
}
