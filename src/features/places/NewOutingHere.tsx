import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { z } from "zod";
import { groupOf, stagingOf } from "@/answers/library/subjects";
import { name, type Place } from "@/data";
import { lampsMeasured, zonesMeasured } from "@/outing/places/measured";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Dialog } from "@/ui/controls/Dialog";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { countWords, savingFailure } from "@/words";
import { lampsMeasuredWords } from "@/words/place-kept";
import { inOrder, WINDOW_FIELDS, windowShape } from "../forms/when-and-where";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm } from "../forms/RecordForm";
import { useKit } from "../store/kit";
import { useSaveOuting } from "../store/outings";
import { usePlaces } from "../store/places";
import { usePreferences } from "../store/preferences";
import { useSubjectChoice } from "../subjects/use-subjects";

const SPECS: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name of the outing" },
  ...WINDOW_FIELDS,
];
const wishSchema = inOrder(z.object({ name, ...windowShape }));

interface Props {
  /** Brings what computes a new outing: it comes with the stages. */
  readonly loadBegin: () => Promise<typeof import("../forms/begin")>;
  readonly place: Place;
  /** YYYY-MM-DD. */
  readonly today: string;
  /** A subject that was photographed there before. */
  readonly subjectId: string | undefined;
}

/** Another outing at the place: all of it comes along, and what may differ today is asked. */
export function NewOutingHere(props: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <View>
      <Button label="New outing here" kind="filled" onPress={() => setOpen(true)} />
      <Dialog title={`New outing at ${props.place.name}`} open={isOpen} onClose={() => setOpen(false)}>
        {isOpen && <HereForm {...props} isKept onClose={() => setOpen(false)} />}
      </Dialog>
    </View>
  );
}

const USUAL = "football-runner";

interface HereProps extends Props {
  /** Whether the place is kept: the outing then belongs to it. */
  readonly isKept: boolean;
  readonly onClose: () => void;
}

/** When and of whom, at a place that is known. */
export function HereForm({ place, today, subjectId, isKept, loadBegin, onClose }: HereProps) {
  const router = useRouter();
  const subjects = useSubjectChoice();
  const { sightings } = usePlaces();
  const kit = useKit();
  const preferences = usePreferences();
  const save = useSaveOuting();
  const [subject, setSubject] = useState(
    subjects.items.some((s) => s.key === subjectId) ? subjectId! : USUAL,
  );
  const [differs, setDiffers] = useState({ lamps: true, zones: true, leave: true });
  const [trouble, setTrouble] = useState<string>();
  const begun = useMemo(
    () => ({ name: place.name, date: today, from: "13:00", starts: "14:00", until: "16:00" }),
    [place, today],
  );
  const onSave = async (wish: z.infer<typeof wishSchema>): Promise<boolean> => {
    const { outingHere } = await loadBegin();
    const { placeId, ...rest } = outingHere(
      {
        ...wish,
        subject: subjects.take(subject),
        staging: stagingOf(subject),
        group: groupOf(subject),
        lampsAsMeasured: differs.lamps,
        zonesAsMeasured: differs.zones,
        leaveStands: differs.leave,
      },
      place,
      sightings,
      kit.data?.ok ? kit.data.value : ownBeginning(),
      preferences,
    );
    const outing = isKept ? { ...rest, placeId } : rest;
    const saved = await save(outing);
    if (!saved.ok) {
      setTrouble(`${savingFailure(saved.reason).title}. What you typed stays in this form.`);
      return false;
    }
    onClose();
    router.push(`/outing/${outing.id}/brief`);
    return true;
  };
  return (
    <RecordForm
      specs={SPECS}
      record={begun}
      schema={wishSchema}
      save="Create outing"
      onSave={onSave}
      onCancel={onClose}
      before={() => (
        <View className="gap-3">
          <Picker label="First subject" items={subjects.items} chosen={subject} onChoose={setSubject} />
          <SameToday place={place} differs={differs} onChange={setDiffers} />
        </View>
      )}
      more={
        trouble ? (
          <Txt tone="bracken" role="alert">
            {trouble}
          </Txt>
        ) : undefined
      }
    />
  );
}

type Differs = Readonly<Record<"lamps" | "zones" | "leave", boolean>>;

/** What of a place may be other today: it is as it was until a tick is taken away. */
function SameToday({
  place,
  differs,
  onChange,
}: {
  place: Place;
  differs: Differs;
  onChange: (next: Differs) => void;
}) {
  const lamps = lampsMeasured(place);
  const zones = zonesMeasured(place).filter((z) => z.offsetClicks !== 0);
  const { allowedBy } = place.access;
  return (
    <View>
      <Txt>Ground, spots and positions come along. What is as it was?</Txt>
      {lamps && (
        <CheckRow
          title="The lamps as they were measured"
          detail={lampsMeasuredWords(lamps)}
          checked={differs.lamps}
          onChange={(on) => onChange({ ...differs, lamps: on })}
        />
      )}
      {zones.length > 0 && (
        <CheckRow
          title="The light zones as they were measured"
          detail={`${countWords(zones.length, "zone")} other than the first`}
          checked={differs.zones}
          onChange={(on) => onChange({ ...differs, zones: on })}
        />
      )}
      {allowedBy !== "" && (
        <CheckRow
          title={`Leave by ${allowedBy} stands`}
          detail="Else it is asked again in Brief."
          checked={differs.leave}
          onChange={(on) => onChange({ ...differs, leave: on })}
        />
      )}
    </View>
  );
}
