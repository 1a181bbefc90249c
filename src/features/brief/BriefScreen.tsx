import GripIcon from "lucide-react-native/icons/grip-vertical";
import { useRef, useState, type ReactNode } from "react";
import { ScrollView, View } from "react-native";
import { bagOf, bagWeight, choiceOf, type StoredShot } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useReorder } from "@/ui/controls/useReorder";
import { useWide } from "@/ui/layout/useWide";
import { useTokens } from "@/ui/theme/theme";
import {
  accessSentence,
  cautionName,
  cautionSentence,
  coordinatesWords,
  countWords,
  dateWords,
  shotSentence,
  timeWords,
  weightWords,
} from "@/words";
import { GroundSketch } from "../outings/GroundSketch";
import { AtDesk } from "../shell/lazy-desk";
import { moveShot, takeShot } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";
import { StageFrame } from "../stage/StageFrame";
import { BagEditor } from "./BagEditor";
import { CautionEditor } from "./CautionEditor";

type Editing = "when" | "where" | "access" | "bag" | "cautions" | { readonly shotId: string } | "new-shot";

/** Brief: what was promised, of whom, when, and who lets one stand where. */
export function BriefScreen() {
  const wide = useWide();
  const { outing } = useOuting();
  const [editing, setEditing] = useState<Editing>();
  const facts = <Facts onEdit={setEditing} />;
  const cautions = <Cautions onEdit={() => setEditing("cautions")} />;
  const promised = <Promised onEdit={setEditing} />;
  return (
    <StageFrame stage="brief">
      {wide ? (
        <View className="min-h-0 flex-1 flex-row">
          <ScrollView className="flex-1" contentContainerClassName="gap-6 p-6">
            {promised}
            <View className="items-center pt-4">
              <GroundSketch outing={outing} scale={2.6} />
            </View>
          </ScrollView>
          <View className="w-[412px] border-l border-line bg-sheet">
            <ScrollView className="flex-1" contentContainerClassName="gap-6 p-5">
              {facts}
              {cautions}
            </ScrollView>
          </View>
        </View>
      ) : (
        <ScrollView className="flex-1" contentContainerClassName="gap-6 px-4 pb-8 pt-1">
          {facts}
          {promised}
          {cautions}
        </ScrollView>
      )}
      <Editor editing={editing} onClose={() => setEditing(undefined)} />
    </StageFrame>
  );
}

/** When, where, by whose leave, with what: a sentence each, a press opens its editor. */
function Facts({ onEdit }: { onEdit: (editing: Editing) => void }) {
  const { outing, kit } = useOuting();
  const { anchor } = outing.ground;
  const access = accessSentence(outing.access);
  const bag = bagOf(outing, kit);
  const { grams } = bagWeight(bag);
  return (
    <View>
      <Sentence says="When" onPress={() => onEdit("when")}>
        {`${dateWords(outing.date)} ${outing.date.slice(0, 4)}, ${timeWords(outing.from)} to ${timeWords(outing.until)}; it starts at ${timeWords(outing.starts)}.`}
      </Sentence>
      <Sentence says="Where" onPress={() => onEdit("where")}>
        {`${outing.place}, ${coordinatesWords(anchor.latitude, anchor.longitude)}, ${outing.zone.replaceAll("_", " ")} time.`}
      </Sentence>
      <Sentence says="Access" onPress={() => onEdit("access")} open={!access.settled}>
        {access.words}
      </Sentence>
      <Sentence says="Bag" onPress={() => onEdit("bag")}>
        {`${countWords(bag.bodies.length, "body", "bodies")}, ${countWords(bag.lenses.length, "lens", "lenses")}, ${countWords(bag.cards.length, "card", "cards")}${grams > 0 ? `: ${weightWords(grams)}` : ""}.`}
      </Sentence>
    </View>
  );
}

interface SentenceProps {
  readonly says: string;
  readonly onPress: () => void;
  readonly children: string;
  /** Still to be settled. */
  readonly open?: boolean;
}

function Sentence({ says, onPress, children, open }: SentenceProps) {
  return (
    <Row
      title={children}
      value="Change"
      valueTone={open ? "bracken" : "water"}
      says={`${says}: ${children} Change`}
      plain
      onPress={onPress}
    />
  );
}

const MOST_SAID = 3;

function Cautions({ onEdit }: { onEdit: () => void }) {
  const { outing } = useOuting();
  const said = outing.cautions.slice(0, MOST_SAID);
  const more = outing.cautions.length - said.length;
  return (
    <View className="gap-1 border-l-4 border-bracken pl-3" role="region" aria-label="Cautions">
      {said.map((code) => (
        <Txt key={code}>
          <Txt weight={700}>{`${cautionName(code)}. `}</Txt>
          {cautionSentence(code)}
        </Txt>
      ))}
      {said.length === 0 && <Txt>No cautions chosen for this outing.</Txt>}
      <View className="flex-row">
        <Button
          label={more > 0 ? `${more} more. Choose cautions` : "Choose cautions"}
          kind="plain"
          className="-ml-4"
          onPress={onEdit}
        />
      </View>
    </View>
  );
}

/** The promised shots as sentences, in the order of the day; grips and arrow keys change it. */
function Promised({ onEdit }: { onEdit: (editing: Editing) => void }) {
  const { outing, change } = useOuting();
  const list = useRef<View>(null);
  const rows = (): Element[] => [
    ...((list.current as unknown as Element | null)?.querySelectorAll(":scope > [role=listitem]") ?? []),
  ];
  const { grip, drag } = useReorder(rows, (from, to) => change(moveShot(from, to)));
  const wanted = outing.shots.reduce((n, s) => n + s.wanted, 0);
  return (
    <View>
      <View className="flex-row items-baseline justify-between">
        <Txt size={20} weight={700} role="heading" aria-level={2}>
          Promised
        </Txt>
        <Txt tone="ink2">{`${countWords(outing.shots.length, "shot", "shots")}, ${countWords(wanted, "picture", "pictures")}`}</Txt>
      </View>
      <View ref={list} role="list" aria-label="Promised shots">
        {outing.shots.map((shot, i) => (
          <PromisedRow
            key={shot.id}
            shot={shot}
            mark={drag?.to === i && drag.from !== i ? (drag.from < i ? "below" : "above") : undefined}
            held={drag?.from === i}
            onPress={() => {
              change(takeShot(shot.id));
              onEdit({ shotId: shot.id });
            }}
          >
            <Grip {...grip(i, `Move ${shot.name}: drag, or arrow up and down`)} />
          </PromisedRow>
        ))}
      </View>
      <View className="flex-row pt-3">
        <Button label="Add a shot" className="flex-1" onPress={() => onEdit("new-shot")} />
      </View>
    </View>
  );
}

function Grip(props: ReturnType<ReturnType<typeof useReorder>["grip"]>) {
  const { ink2 } = useTokens();
  return (
    <View {...props} className="-ml-3 h-14 w-11 items-center justify-center">
      <GripIcon size={22} color={ink2} />
    </View>
  );
}

interface RowProps {
  readonly shot: StoredShot;
  readonly mark: "above" | "below" | undefined;
  readonly held: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

function PromisedRow({ shot, mark, held, onPress, children }: RowProps) {
  const { outing } = useOuting();
  const place = outing.ground.positions.find((p) => p.id === choiceOf(outing, shot.id)?.positionId);
  const subject = outing.subjects.find((s) => s.id === shot.subjectId);
  const edge =
    mark === "above" ? "border-t-4 border-water" : mark === "below" ? "border-b-4 border-water" : "";
  return (
    <View role="listitem" className={`flex-row items-center ${edge} ${held ? "opacity-50" : ""}`}>
      {children}
      <View className="min-w-0 flex-1">
        <Row
          title={shot.name}
          detail={shotSentence(shot, subject?.name ?? "")}
          value={place ? place.name : "no position yet"}
          valueTone={place ? "water" : "bracken"}
          onPress={onPress}
        />
      </View>
    </View>
  );
}

/** The one editor that is open. */
function Editor({ editing, onClose }: { editing: Editing | undefined; onClose: () => void }) {
  const state = useOuting();
  if (!editing) return null;
  if (editing === "bag") return <BagEditor onClose={onClose} />;
  if (editing === "cautions") return <CautionEditor onClose={onClose} />;
  const title = TITLES[typeof editing === "string" ? editing : "shot"];
  return (
    <Dialog title={title} open onClose={onClose}>
      <AtDesk>
        {(desk) => {
          if (editing === "when") return <desk.WhenForm state={state} onClose={onClose} />;
          if (editing === "where") return <desk.PlaceForm state={state} onClose={onClose} />;
          if (editing === "access") return <desk.AccessForm state={state} onClose={onClose} />;
          return (
            <desk.ShotForm
              state={state}
              shotId={editing === "new-shot" ? undefined : editing.shotId}
              onClose={onClose}
            />
          );
        }}
      </AtDesk>
    </Dialog>
  );
}

const TITLES = {
  when: "When",
  where: "Name and place",
  access: "Who lets you in",
  shot: "The shot",
  "new-shot": "New shot",
} as const;
