import { useMemo, useState } from "react";
import { View } from "react-native";
import { depthWishFor } from "@/core/scene";
import { beginShot } from "@/outing/begin/begin-shot";
import { idFromName, shotSchema, type StoredShot, type StoredSubject } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { depthWords, intentWords, priorityWords, techniqueWords, toleranceWords } from "@/words";
import { fieldName, toTyped, type FieldSpec } from "../../forms/field-spec";
import { RecordForm, type FormHand } from "../../forms/RecordForm";
import { OwnSubjectForm } from "../../subjects/OwnSubjectForm";
import { useSubjectChoice } from "../../subjects/use-subjects";
import { putShot, removeShot, restoreShot } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../outing/use-outing";

const INTENTS = ["freeze", "pan", "streak", "still", "reaction", "context"] as const;
const PARTS = ["whole", "three-quarter", "half", "head"] as const;
const TECHNIQUES = ["tracked", "pre-framed", "panned"] as const;
const DEPTHS = ["eye", "face", "plane", "whole", "two-things"] as const;
const TOLERANCES = ["print-sharp", "web", "pixel-sharp"] as const;

const same = (keys: readonly string[]) => keys.map((key) => ({ key, label: key }));

/** The fields of a shot, with the parts of its subject and the spots of its ground to choose from. */
function specsOf(
  subject: StoredSubject,
  spots: readonly { id: string; name: string }[],
): readonly FieldSpec[] {
  const parts = [{ key: "body", label: "body" }, ...subject.parts.map((p) => ({ key: p.id, label: p.name }))];
  return [
    { kind: "text", key: "name", label: "Name of the shot" },
    {
      kind: "choice",
      key: "intent",
      label: "Kind of picture",
      choices: INTENTS.map((key) => ({ key, label: intentWords(key) })),
    },
    {
      kind: "choice",
      key: "spotId",
      label: "Where it happens",
      choices: spots.map((s) => ({ key: s.id, label: s.name })),
    },
    { kind: "choice", key: "holdPartId", label: "Part that must be sharp", choices: parts },
    {
      kind: "choice",
      key: "technique",
      label: "How you follow it",
      choices: TECHNIQUES.map((key) => ({ key, label: techniqueWords(key) })),
    },
    { kind: "choice", key: "part", label: "How much of the subject", choices: same(PARTS) },
    { kind: "choice", key: "orientation", label: "Camera held", choices: same(["upright", "level"]) },
    { kind: "choice", key: "along", label: "Fill is measured along", choices: same(["height", "width"]) },
    {
      kind: "choice",
      key: "depth.kind",
      label: "Sharp from front to back",
      choices: DEPTHS.map((key) => ({ key, label: depthWords(key) })),
    },
    {
      kind: "number",
      key: "depth.turnDeg",
      label: "Angle of a flat subject to the sensor",
      unit: "°",
      min: 0,
      max: 90,
    },
    {
      kind: "choice",
      key: "depth.otherSpotId",
      label: "Second thing to keep sharp",
      choices: spots.map((s) => ({ key: s.id, label: s.name })),
    },
    { kind: "percent", key: "fill", label: "How full the frame should be", min: 0.02, max: 1 },
    { kind: "number", key: "wanted", label: "Pictures needed", min: 1, max: 999 },
    {
      kind: "choice",
      key: "priority",
      label: "Priority",
      numeric: true,
      choices: [1, 2, 3].map((n) => ({ key: String(n), label: priorityWords(n) })),
    },
    {
      kind: "number",
      key: "deliveredLongEdgePx",
      label: "Delivered long edge",
      unit: "px",
      min: 200,
      max: 30000,
    },
    {
      kind: "choice",
      key: "tolerance",
      label: "Sharpness",
      choices: TOLERANCES.map((key) => ({ key, label: toleranceWords(key) })),
    },
    {
      kind: "percent",
      key: "streakShare",
      label: "Streak length, part of the frame",
      min: 0.001,
      max: 1,
      optional: true,
    },
  ];
}

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
  const subjects = useSubjectChoice();
  const shot = outing.shots.find((s) => s.id === shotId);
  const [subject, setSubject] = useState<StoredSubject>(() =>
    outing.subjects.find((s) => s.id === (shot ?? inHand).subjectId)!,
  );
  const [describing, setDescribing] = useState(false);
  const record = useMemo(() => {
    const begun = shot ?? beginShot(subject, inHand.spotId, preferences, outing.shots);
    // What the other kinds of depth ask stands ready in its field.
    const depth = {
      turnDeg: 5,
      otherSpotId: inHand.spotId,
      ...(begun.depth ?? depthWishFor(subject, begun)),
    };
    return { along: "height", ...begun, subjectId: subject.id, depth };
  }, [shot, subject, inHand.spotId, preferences, outing.shots]);
  const specs = useMemo(() => specsOf(subject, outing.ground.spots), [subject, outing.ground.spots]);
  const items = useMemo(() => {
    const known = new Set(subjects.items.map((i) => i.key));
    const here = outing.subjects
      .filter((s) => !known.has(s.id))
      .map((s) => ({ key: s.id, title: s.name, detail: "of this outing" }));
    return [...here, ...subjects.items];
  }, [subjects.items, outing.subjects]);

  const choose = (chosen: StoredSubject, hand: FormHand): void => {
    const begin = (of: StoredSubject) =>
      toTyped(specs, { along: "height", ...beginShot(of, inHand.spotId, preferences, outing.shots) });
    const [was, now] = [begin(subject), begin(chosen)];
    // What a further shot began with follows its subject; what was typed, or said of a shot that exists, stays.
    for (const { key } of specs)
      if (!shot && hand.typed(key) === was[fieldName(key)]) hand.set(key, now[fieldName(key)]!);
    const parts = ["body", ...chosen.parts.map((p) => p.id)];
    if (!parts.includes(hand.typed("holdPartId"))) hand.set("holdPartId", now[fieldName("holdPartId")]!);
    setSubject(chosen);
  };
  return (
    <RecordForm
      specs={specs}
      record={record}
      schema={shotSchema}
      onChosen={(key, chosen, hand) => {
        if (key !== "intent") return;
        // A pan is panned, and its body is what has to hold.
        if (chosen === "pan") {
          hand.set("technique", "panned");
          hand.set("holdPartId", "body");
        } else if (hand.typed("technique") === "panned") hand.set("technique", "tracked");
        hand.set("depth.kind", depthWishFor(subject, { intent: chosen as StoredShot["intent"] }).kind);
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
        <View className="gap-2">
          <Picker
            label="Subject"
            items={items}
            chosen={subject.id}
            onChoose={(id) => choose(outing.subjects.find((s) => s.id === id) ?? subjects.take(id), hand)}
          />
          <Button label="Add your own subject" kind="plain" onPress={() => setDescribing(true)} />
        </View>
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
        shot && (
          <RemoveShot
            only={outing.shots.length === 1}
            onRemove={() => {
              commit(removeShot(shot.id));
              onClose();
              toast({
                words: `${shot.name} deleted`,
                undo: () => commit(restoreShot(outing, shot.id)),
              });
            }}
          />
        )
      }
    />
  );
}

function RemoveShot({ only, onRemove }: { only: boolean; onRemove: () => void }) {
  if (only) return <Txt tone="ink2">An outing needs at least one shot. Edit this one instead.</Txt>;
  return <Button label="Delete shot" kind="danger" onPress={onRemove} />;
}
