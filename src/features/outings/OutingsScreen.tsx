import { formatISO } from "date-fns/formatISO";
import { Link, useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { Pressable, View } from "react-native";
import { type Outing, type SaveFailure, type StoredKit, type Unreadable as UnreadableRecord } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { matching } from "@/ui/controls/matching";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { instantWords, savingFailure } from "@/words";
import { Guard } from "../layout/Guard";
import { HomeFrame } from "../layout/HomeFrame";
import { Late } from "../layout/Late";
import { TOURED, useTour } from "../layout/tour";
import { useUnsaved } from "../store/unsaved";
import { useMinuteClock } from "../outing/use-minute-clock";
import { useKit } from "../store/kit";
import { usePlaces } from "../store/places";
import { usePreferences } from "../store/preferences";
import { useOutings, useMendBroken } from "../store/outings";
import { useBeginning } from "../store/beginning";
import { monthOldWork } from "../store/storage";
import { NextOuting, Shelf } from "./outing-cards";
import { inOrder } from "./in-order";
import { OpenFile } from "./OpenFile";
import { Welcome } from "./Welcome";

/** Outings: every outing, the next one first with its promises and what is still open. */
export function OutingsScreen({ loadBegin }: Pick<PlanProps, "loadBegin">) {
  const router = useRouter();
  const { data, isPending } = useOutings();
  const { begun, begin } = useBeginning();
  const now = useMinuteClock();
  const [step, setStep] = useState<"kit" | "outing" | "deleted">();
  const [asked, setAsked] = useState<Outing>();
  // An outing needs a kit to be walked with: who has none yet says what they own first.
  const plan = (): void => setStep(begun === false ? "kit" : "outing");
  const close = (): void => setStep(undefined);
  const [trouble, setTrouble] = useState<SaveFailure>();
  const start = async (how: "demo" | "own", kit?: StoredKit): Promise<void> => {
    const started = await begin(how, kit);
    setTrouble(started.ok ? undefined : started.reason);
    if (how === "own") setStep(started.ok ? "outing" : undefined);
  };
  useHotkeys({ n: plan });
  const [search, setSearch] = useState("");
  const all = data?.outings ?? NONE;
  const outings = useMemo(() => found(all, search), [all, search]);
  const { next, later, past, away } = inOrder(outings, now);
  const empty = data && all.length === 0 && data.unreadable.length === 0;
  return (
    <HomeFrame
      place="outings"
      title="Outings"
      actions={
        <View className="flex-row gap-2">
          {!(empty && begun === false) && (
            <Button label="Plan an outing" kind="filled" className="h-14 flex-1" onPress={plan} />
          )}
          <OpenFile />
        </View>
      }
    >
      {isPending && <Message title="Loading your outings" />}
      <Unsaved />
      <InNoFile now={now} />
      {trouble && (
        <Message
          tone="danger"
          title={`This browser keeps nothing yet. ${savingFailure(trouble).title}`}
          body="Nothing was begun. Free some space, or allow this site to store data, then press again."
        />
      )}
      {empty && begun === false && (
        <Welcome onDemo={() => void start("demo")} onOwn={plan} onFirst={() => router.push("/first")} />
      )}
      {empty && begun && (
        <Message
          title="No outings yet"
          body="Plan an outing, or open an outing’s file from another device or from a friend."
        />
      )}
      {all.length > MANY && (
        <View className="flex-row px-4 pb-2">
          <TextField label="Search by name, place or sport" value={search} onChange={setSearch} />
        </View>
      )}
      {search !== "" && outings.length === 0 && (
        <Message title="No outing of that name" body="Try a shorter word." />
      )}
      {next && (
        <Guard name={next.name}>
          <NextOuting outing={next} onMore={setAsked} />
        </Guard>
      )}
      <WhatComesRound now={now} />
      <Shelf title="Coming up" outings={later} onMore={setAsked} />
      <Shelf title="Past" outings={past} onMore={setAsked} />
      <Shelf title="Archived" outings={away} onMore={setAsked} />
      {data?.unreadable.map((broken) => (
        <BrokenRecord key={broken.id} broken={broken} />
      ))}
      <Elsewhere onDeleted={begun ? () => setStep("deleted") : undefined} outings={all} />
      <Sheet step={step} onKit={(kit) => void start("own", kit)} onClose={close} />
      <PlanNew open={step === "outing"} onClose={close} outings={all} now={now} loadBegin={loadBegin} />
      {asked && (
        <Late load={loadMoreAbout} waiting="One moment">
          {(MoreAbout) => <MoreAbout outing={asked} onClose={() => setAsked(undefined)} />}
        </Late>
      )}
    </HomeFrame>
  );
}

const loadComingUp = async () => (await import("./comes-round")).ComingUp;

/** What of earlier years comes round at one's places: loaded where anything was ever seen. */
function WhatComesRound({ now }: { now: number }) {
  const { sightings } = usePlaces();
  if (sightings.length === 0) return null;
  return (
    <Late load={loadComingUp} waiting="">
      {(ComingUp) => <ComingUp today={formatISO(now, { representation: "date" })} />}
    </Late>
  );
}

/** Ways from the list to what stands beside the outings. */
interface ElsewhereProps {
  readonly onDeleted: (() => void) | undefined;
  readonly outings: readonly Outing[];
}

function Elsewhere({ onDeleted, outings }: ElsewhereProps) {
  const router = useRouter();
  const begin = useTour((s) => s.begin);
  return (
    <View className="flex-row flex-wrap px-4 pt-2">
      {onDeleted && (
        <Button
          label="What do I set? Four questions"
          kind="plain"
          className="-ml-4"
          onPress={() => router.push("/first")}
        />
      )}
      <Button
        label="Too dark? Where stops come from"
        kind="plain"
        className="-ml-4"
        onPress={() => router.push("/stops")}
      />
      {outings.some((o) => o.id === TOURED) && (
        <Button label="Tour, five minutes" kind="plain" className="-ml-4" onPress={begin} />
      )}
      {onDeleted && <Button label="Deleted outings" kind="plain" className="-ml-4" onPress={onDeleted} />}
    </View>
  );
}

interface SheetProps {
  readonly step: "kit" | "outing" | "deleted" | undefined;
  readonly onKit: (kit?: StoredKit) => void;
  readonly onClose: () => void;
}

/** What is laid over the list: the deleted outings, or what one owns before one plans. */
const Sheet = ({ step, onKit, onClose }: SheetProps) => (
  <>
    {step === "deleted" && (
      <Late load={loadDeleted} waiting="One moment">
        {(Deleted) => <Deleted onClose={onClose} />}
      </Late>
    )}
    {step === "kit" && (
      <Late load={loadFirstKit} waiting="One moment">
        {(FirstKit) => <FirstKit onChosen={onKit} onClose={onClose} />}
      </Late>
    )}
  </>
);

const NONE: readonly Outing[] = [];
/** Outings among which one searches rather than looks. */
const MANY = 20;

/** Outings that a search finds by name, place, sport or date. */
const found = (outings: readonly Outing[], search: string): readonly Outing[] =>
  matching(
    outings.map((outing) => ({
      key: outing.id,
      title: outing.name,
      detail: `${outing.place} ${outing.sport} ${outing.date}`,
      outing,
    })),
    search,
  ).map(({ outing }) => outing);

/** The outings that are on a screen of this tab alone, with the way to them. */
function Unsaved() {
  const names = useUnsaved((s) => s.outings);
  return [...names].map(([id, name]) => (
    <Message
      key={id}
      tone="danger"
      title={`${name} is not saved yet`}
      body="What you changed last is on its screen alone. Open it to save or export it."
    >
      <Link href={`/outing/${id}/brief`} asChild>
        <Pressable role="link" className="min-h-12 justify-center">
          <Txt weight={600} tone="water">{`Open ${name}`}</Txt>
        </Pressable>
      </Link>
    </Message>
  ));
}

/** A quiet word when a month's work stands in this browser alone. */
function InNoFile({ now }: { now: number }) {
  const since = monthOldWork(now);
  if (since === undefined) return null;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-x-3 px-4 pb-2">
      <Txt tone="ink2" className="min-w-0 shrink">
        {`What you did since ${instantWords(since)} stands in this browser alone.`}
      </Txt>
      <Link href="/preferences" asChild>
        <Pressable role="link" className="min-h-12 justify-center">
          <Txt weight={600} tone="water">
            Write it to a file
          </Txt>
        </Pressable>
      </Link>
    </View>
  );
}

const loadMoreAbout = async () => (await import("./MoreAbout")).MoreAbout;

interface PlanProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly outings: readonly Outing[];
  readonly now: number;
  readonly loadBegin: () => Promise<typeof import("../forms/begin")>;
}

const loadDeleted = async () => (await import("./Deleted")).Deleted;
const loadFirstKit = async () => (await import("./FirstKit")).FirstKit;
const loadPlanOuting = async () => (await import("./PlanOuting")).PlanOuting;

function PlanNew({ open, now, ...rest }: PlanProps) {
  const kit = useKit();
  const preferences = usePreferences();
  const today = formatISO(now, { representation: "date" });
  if (!open) return null;
  return (
    <Late load={loadPlanOuting} waiting="One moment">
      {(PlanOuting) => (
        <PlanOuting
          {...rest}
          open
          kit={kit.data?.ok ? kit.data.value : undefined}
          preferences={preferences}
          today={today}
        />
      )}
    </Late>
  );
}

const loadUnreadable = async () => (await import("../layout/Unreadable")).Unreadable;

/** A stored outing that cannot be read: it stays, and can be repaired, carried away as it is, or deleted. */
function BrokenRecord({ broken }: { broken: UnreadableRecord }) {
  const { keep, remove } = useMendBroken();
  return (
    <Late load={loadUnreadable} waiting="One moment">
      {(Unreadable) => (
        <Unreadable
          kind="outing"
          title={`“${broken.id}” cannot be read`}
          stored={broken}
          onKeep={(outing) => keep({ ...outing, id: broken.id })}
          onRemove={() => remove(broken.id)}
        />
      )}
    </Late>
  );
}
