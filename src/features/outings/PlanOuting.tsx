import { useRouter } from "expo-router";
import { useEffect, useMemo, useState } from "react";
import { View } from "react-native";
import { z } from "zod";
import { groupOf, hoursOf, stagingOf } from "@/answers/library/subjects";
import { groundsToBegin, isHall, isOpenGround, subjectOn, venueFor } from "@/answers/library/venues";
import { kindOf } from "@/outing/begin/kind-of";
import {
  EMPTY_LIBRARY,
  name,
  type Kind,
  type Place,
  type Library,
  type Preferences,
  type Outing,
  type StoredKit,
} from "@/data";
import { Dialog } from "@/ui/controls/Dialog";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { anchorWords, hoursWords, kindWords, monthsWords, savingFailure } from "@/words";
import { CALLS_FAULT } from "@/words/lists";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm, type FormHand } from "../forms/RecordForm";
import { inOrder, placeFields, placeShape, WINDOW_FIELDS, windowShape } from "../forms/when-and-where";
import { useSubjectChoice } from "../subjects/use-subjects";
import { favouriteKey, favouritesFirst } from "@/outing/library/favourites";
import { keptFrom } from "@/outing/places/kept-from";
import { HereForm } from "../places/NewOutingHere";
import { usePlaces } from "../store/places";
import { useOwnLibrary } from "../store/library";
import { useSaveOuting } from "../store/outings";
import { FromHere } from "../forms/FromHere";
import { useTyped } from "../forms/use-typed";
import { FromList, type TypedList } from "./FromList";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { timeZoneOf } from "../forms/time-zone-of";

const specsOf = (roofed: boolean): readonly FieldSpec[] => [
  { kind: "text", key: "name", label: "Name of the outing" },
  { kind: "text", key: "place", label: "Name of the place" },
  ...placeFields(roofed),
  ...WINDOW_FIELDS,
];

/** Under a roof nothing hangs on where it lies: what is asked for, and what is not. */
const IN_THE_OPEN = { specs: specsOf(false), without: [] };
const UNDER_A_ROOF = { specs: specsOf(true), without: ["latitude", "longitude"] };

const wishSchema = inOrder(
  z.object({
    name,
    place: name,
    latitude: placeShape.latitude.optional(),
    longitude: placeShape.longitude.optional(),
    ...windowShape,
  }),
);

/** What a kind of outing usually is: its venue and its first subject, until the user says otherwise. */
const USUAL: Readonly<Record<Kind, { readonly template: string; readonly subject: string }>> = {
  field: { template: "football", subject: "football-runner" },
  court: { template: "basketball", subject: "basketball-drive" },
  pool: { template: "pool-25", subject: "swimmer-crawl" },
  arena: { template: "ice-hockey", subject: "ice-hockey-skater" },
  course: { template: "open-ground", subject: "road-cyclist" },
  wild: { template: "open-ground", subject: "small-bird-singing" },
};
const KINDS = Object.keys(USUAL) as Kind[];

/** Before the id of a venue of one's own: it may be called as one of the rule books is. */
const OWN = "own/";
const GROUNDS = groundsToBegin().map(({ id, name: title, size, words }) => ({
  key: id,
  title,
  detail: size && `${size.width} × ${size.length} m`,
  words,
}));

const OVERHEAD = [
  { key: "open", label: "Open sky" },
  { key: "roof", label: "Under a roof" },
] as const;

type Begin = typeof import("../forms/begin");

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  /** What is owned; a generic bag while there is none. */
  readonly kit: StoredKit | undefined;
  readonly preferences: Preferences;
  readonly outings: readonly Outing[];
  /** Brings what computes a new outing, and with it where one first stands: it comes with the stages. */
  readonly loadBegin: () => Promise<Begin>;
  /** The day on which the form is opened, YYYY-MM-DD. */
  readonly today: string;
}

/** A new outing from nothing: what, where, when, of whom. The rest begins sensibly and is changed stage by stage. */
export function PlanOuting({ open, onClose, ...rest }: Props) {
  return (
    <Dialog title="Plan an outing" open={open} onClose={onClose}>
      {open && <PlanOrHere {...rest} onClose={onClose} />}
    </Dialog>
  );
}

/** A place that is known brings all that is known of it: then only the day's own is asked. */
function PlanOrHere(props: Omit<Props, "open">) {
  const [here, setHere] = useState<Here>();
  return here ? (
    <HereForm {...here} today={props.today} loadBegin={props.loadBegin} onClose={props.onClose} />
  ) : (
    <PlanForm {...props} onHere={setHere} />
  );
}

/** A place from before, whether it is kept, and of whom one was there. */
interface Here {
  readonly place: Place;
  readonly isKept: boolean;
  readonly subjectId: string | undefined;
}

/** Kind, ground and first subject belong together: who chooses one gets the others that are met with it, unless they fit. */
function useStaging(own: Library) {
  const [kind, setKind] = useState<Kind>("field");
  const [template, setTemplate] = useState(USUAL.field.template);
  const [subjectId, setSubjectId] = useState(USUAL.field.subject);
  const [cover, setCover] = useState<boolean>();
  const mine = own.venues.find((v) => OWN + v.id === template);
  const venueId = mine?.template ?? template;
  return {
    kind,
    template,
    subjectId,
    mine,
    venueId,
    /** Nothing is known of where a subject of one's own acts on open ground. */
    bare: isOpenGround(venueId) && stagingOf(subjectId) === undefined,
    /** Under a roof, as the venue usually is until somebody says otherwise. */
    roofed: cover ?? isHall(venueId),
    setRoofed: setCover,
    chooseKind: (key: Kind): void => {
      setCover(undefined);
      setKind(key);
      setTemplate(USUAL[key].template);
      setSubjectId(USUAL[key].subject);
    },
    chooseGround: (key: string): void => {
      const on = own.venues.find((v) => OWN + v.id === key)?.template ?? key;
      const met = subjectOn(on, subjectId);
      setCover(undefined);
      setTemplate(key);
      setSubjectId(met);
      setKind(kindOf(on, groupOf(met)));
    },
    chooseSubjectOn: (on: string, id: string): void => {
      setCover(undefined);
      setTemplate(on);
      setSubjectId(id);
      setKind(kindOf(on, groupOf(id)));
    },
    chooseSubject: (id: string): void => {
      const on = venueFor(id, venueId);
      setSubjectId(id);
      if (on !== venueId) {
        setCover(undefined);
        setTemplate(on);
      }
      setKind(kindOf(on, groupOf(id)));
    },
  };
}

type Staging = ReturnType<typeof useStaging>;

function PlanForm({
  kit,
  preferences,
  outings,
  loadBegin,
  today,
  onClose,
  onHere,
}: Omit<Props, "open"> & { readonly onHere: (here: Here) => void }) {
  const begun = useMemo(() => ({ date: today, from: "13:00", starts: "14:00", until: "16:00" }), [today]);
  const [trouble, setTrouble] = useState<string>();
  const subjects = useSubjectChoice();
  const { own = EMPTY_LIBRARY } = useOwnLibrary();
  const staging = useStaging(own);
  const fromList = useList(loadBegin, today);
  const { list } = fromList;
  const save = useSaveOuting();
  const router = useRouter();

  const onSave = async (wish: z.infer<typeof wishSchema>): Promise<boolean> => {
    const begin = await loadBegin();
    const { subjectId, venueId, mine } = staging;
    const bare = begin.newOuting(
      {
        ...wish,
        subject: subjects.take(subjectId),
        staging: stagingOf(subjectId),
        group: groupOf(subjectId),
        template: venueId,
        bearing: mine?.bearing,
        roofed: staging.roofed,
        timeZone: timeZoneOf(wish.latitude, wish.longitude),
      },
      kit ?? ownBeginning(),
      preferences,
    );
    const calls = begin.callsTold(list.calls);
    if (fromList.begins && !calls) {
      setTrouble(CALLS_FAULT);
      return false;
    }
    const told =
      fromList.begins && calls
        ? begin.withList(bare, list.text, calls, kit ?? ownBeginning(), preferences)
        : bare;
    const outing = mine ? { ...told, own: { venue: mine } } : told;
    const saved = await save(outing);
    if (!saved.ok) {
      setTrouble(`${savingFailure(saved.reason).title}. What you typed stays in this form.`);
      return false;
    }
    fromList.forget();
    onClose();
    router.push(`/outing/${outing.id}/${fromList.begins ? "run" : "brief"}`);
    return true;
  };
  return (
    <RecordForm
      {...(staging.roofed ? UNDER_A_ROOF : IN_THE_OPEN)}
      record={begun}
      schema={wishSchema}
      save="Create outing"
      onSave={onSave}
      onCancel={onClose}
      before={({ set }) => (
        <View className="gap-4">
          <FromList
            fault={fromList.fault}
            list={list}
            begins={fromList.begins}
            onList={(typed) =>
              void fromList.read(typed).then((begins) => {
                if (!begins) return;
                for (const key of ["name", "date", "from", "starts", "until"] as const)
                  if (begins[key]) set(key, begins[key]);
                if (begins.venue) staging.chooseSubjectOn(begins.venue.template, begins.venue.subjectId);
              })
            }
          />
          <StagingFields staging={staging} own={own} subjects={subjects.items} set={set} />
          <FromBefore outings={outings} onHere={onHere} />
          {!staging.roofed && <FromHere set={set} />}
        </View>
      )}
      more={<Trouble words={trouble} />}
    />
  );
}

const Trouble = ({ words }: { words: string | undefined }) =>
  words ? (
    <Txt tone="bracken" role="alert">
      {words}
    </Txt>
  ) : null;

/** The start list that an outing begins with: what was typed of it, and what it says once it was read. */
function useList(loadBegin: Props["loadBegin"], today: string) {
  const [text, setText, forget] = useTyped("list of a new outing");
  const [calls, setCalls] = useState("");
  const [fault, setFault] = useState<string>();
  const [begins, setBegins] = useState<ReturnType<Begin["beginningOf"]>>();
  // What was typed before the page went is read again.
  useEffect(() => {
    if (text !== "") void loadBegin().then(({ beginningOf }) => setBegins(beginningOf(text, today)));
  }, [text, loadBegin, today]);
  return {
    list: { text, calls },
    fault,
    begins: text === "" ? undefined : begins,
    forget,
    read: async (typed: TypedList) => {
      setCalls(typed.calls);
      if (typed.calls !== calls)
        setFault((await loadBegin()).callsTold(typed.calls) ? undefined : CALLS_FAULT);
      if (typed.text === text) return undefined;
      setText(typed.text);
      return (await loadBegin()).beginningOf(typed.text, today);
    },
  };
}

interface StagingProps {
  readonly staging: Staging;
  readonly own: Library;
  readonly subjects: ReturnType<typeof useSubjectChoice>["items"];
  readonly set: FormHand["set"];
}

/** What kind of outing, on which ground, of whom. A venue of one's own brings its place along. */
function StagingFields({ staging, own, subjects, set }: StagingProps) {
  const grounds = [
    ...own.venues.map((v) => ({ key: OWN + v.id, title: v.name, detail: "yours" })),
    ...favouritesFirst(GROUNDS, own, (g) => favouriteKey("venues", g.key)),
  ];
  const hours = hoursOf(staging.subjectId);
  const onGround = (key: string): void => {
    staging.chooseGround(key);
    const venue = own.venues.find((v) => OWN + v.id === key);
    if (venue?.latitude !== undefined) set("latitude", String(venue.latitude));
    if (venue?.longitude !== undefined) set("longitude", String(venue.longitude));
    if (venue) set("place", venue.name);
  };
  return (
    <>
      <Segmented
        label="Kind of outing"
        segments={KINDS.map((key) => ({ key, label: kindWords(key) }))}
        chosen={staging.kind}
        onChoose={staging.chooseKind}
      />
      <Picker label="Ground" items={grounds} chosen={staging.template} onChoose={onGround} />
      <Segmented
        label="Overhead"
        segments={OVERHEAD}
        chosen={staging.roofed ? "roof" : "open"}
        onChoose={(key) => staging.setRoofed(key === "roof")}
      />
      <Picker
        label="First subject"
        items={subjects}
        chosen={staging.subjectId}
        onChoose={staging.chooseSubject}
      />
      {hours && <Txt tone="ink2">{`About ${hoursWords(hours)}; ${monthsWords(hours)}.`}</Txt>}
      {staging.bare && (
        <Txt tone="ink2">Open ground with nothing laid out: draw a pitch or a course on Ground.</Txt>
      )}
    </>
  );
}

/** A place that is kept, or that an earlier outing was at; nothing before the first. */
function FromBefore({
  outings,
  onHere,
}: {
  readonly outings: readonly Outing[];
  readonly onHere: (here: Here) => void;
}) {
  const { places } = usePlaces();
  const known = useMemo(
    () => [
      ...places.map((place) => ({ place, isKept: true })),
      ...keptFrom(outings, places).map(({ place }) => ({ place, isKept: false })),
    ],
    [outings, places],
  );
  if (known.length === 0) return null;
  const latestAt = (place: Place): Outing | undefined =>
    outings
      .filter((o) => o.placeId === place.id || o.place === place.name)
      .toSorted((a, b) => (a.date > b.date ? -1 : 1))[0];
  return (
    <Picker
      label="A place from before"
      items={known.map(({ place }) => ({
        key: place.id,
        title: place.name,
        detail: anchorWords(place.ground.anchor),
      }))}
      chosen=""
      onChoose={(id) => {
        const chosen = known.find(({ place }) => place.id === id)!;
        onHere({ ...chosen, subjectId: latestAt(chosen.place)?.subjects[0]?.id });
      }}
    />
  );
}
