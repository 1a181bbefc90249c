import { useMemo, useState } from "react";
import { View } from "react-native";
import { idFromName, type StoredKit } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Picker } from "@/ui/controls/Picker";
import { Row } from "@/ui/controls/Row";
import { useToast } from "@/ui/layout/toast";
import { Txt } from "@/ui/controls/Txt";
import { weightWords } from "@/words";
import { RecordForm } from "../forms/RecordForm";
import { WhileRoom } from "../forms/WhileRoom";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { useChangeKit, useKit } from "../store/kit";
import { SHELVES, type Shelf, type ShelfKey, type Thing } from "./shelves";

interface Editing<K extends ShelfKey> {
  readonly shelf: Shelf<K>;
  /** Left out for a further thing. */
  readonly thing?: Thing<K>;
}

/** Kit: what the photographer owns; every figure of the application comes from these. */
export function KitScreen() {
  const { data } = useKit();
  const missing = data && !data.ok && data.reason === "missing";
  return (
    <HomeFrame place="kit" title="Kit">
      {data?.ok && <Shelves kit={data.value} />}
      {missing && <Shelves kit={ownBeginning()} />}
      {data && !data.ok && data.reason === "unreadable" && (
        <UnreadableRecord name="kit" stored={data.unreadable} />
      )}
    </HomeFrame>
  );
}

function Shelves({ kit }: { kit: StoredKit }) {
  const [editing, setEditing] = useState<Editing<ShelfKey>>();
  const { change, takeBack } = useChangeKit();
  return (
    <View className="gap-6 px-4">
      <Txt tone="ink2">Tap anything to edit it. Every outing uses this kit.</Txt>
      {(Object.keys(SHELVES) as ShelfKey[]).map((key) => (
        <ShelfList key={key} shelf={SHELVES[key] as Shelf<ShelfKey>} kit={kit} onEdit={setEditing} />
      ))}
      <RecordHistory name="kit" />
      {editing && (
        <ThingEditor
          {...editing}
          kit={kit}
          change={change}
          takeBack={takeBack}
          onClose={() => setEditing(undefined)}
        />
      )}
    </View>
  );
}

interface ShelfProps {
  readonly shelf: Shelf<ShelfKey>;
  readonly kit: StoredKit;
  readonly onEdit: (editing: Editing<ShelfKey>) => void;
}

function ShelfList({ shelf, kit, onEdit }: ShelfProps) {
  return (
    <View role="region" aria-label={shelf.title}>
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        {shelf.title}
      </Txt>
      {kit[shelf.key].map((thing) => (
        <Row
          key={thing.id}
          title={thing.name}
          detail={shelf.detail(thing)}
          value={thing.weightG ? weightWords(thing.weightG) : undefined}
          onPress={() => onEdit({ shelf, thing })}
        />
      ))}
      <View className="flex-row pt-2">
        <WhileRoom things={shelf.key} count={kit[shelf.key].length}>
          <Button
            label={`Add a ${shelf.one}`}
            kind="plain"
            className="-ml-4"
            onPress={() => onEdit({ shelf })}
          />
        </WhileRoom>
      </View>
    </View>
  );
}

interface EditorProps extends Editing<ShelfKey> {
  readonly kit: StoredKit;
  readonly change: (kit: StoredKit) => Promise<boolean>;
  readonly takeBack: (before: StoredKit, after: StoredKit) => void;
  readonly onClose: () => void;
}

/** A shelf's things with one put in or written over. */
const withThing = (kit: StoredKit, key: ShelfKey, thing: Thing<ShelfKey>): StoredKit => {
  const shelf: readonly Thing<ShelfKey>[] = kit[key];
  const there = shelf.some((t) => t.id === thing.id);
  return { ...kit, [key]: there ? shelf.map((t) => (t.id === thing.id ? thing : t)) : [...shelf, thing] };
};

function ThingEditor({ shelf, thing, kit, change, takeBack, onClose }: EditorProps) {
  const [begin, setBegin] = useState(shelf.begins[0]!.id);
  const toast = useToast();
  const record = useMemo(
    () => thing ?? shelf.begins.find((b) => b.id === begin) ?? shelf.begins[0]!,
    [thing, shelf, begin],
  );
  const specs = useMemo(() => shelf.specs(record), [shelf, record]);
  const onSave = async (kept: Thing<ShelfKey>): Promise<void> => {
    const id = thing ? thing.id : idFromName(kept.name, kit[shelf.key], shelf.one);
    // Where it could not be kept the screen has it, and says so.
    await change(withThing(kit, shelf.key, { ...kept, id }));
    onClose();
  };
  const onRemove = async (): Promise<void> => {
    const rest = { ...kit, [shelf.key]: kit[shelf.key].filter((t) => t.id !== thing!.id) };
    const isKept = await change(rest);
    onClose();
    if (isKept) toast({ words: `${thing!.name} deleted`, undo: () => takeBack(kit, rest) });
  };
  const isLast = kit[shelf.key].length === 1;
  const needed =
    shelf.key === "lenses"
      ? isLast && kit.bodies.some((b) => !b.builtIn)
      : isLast && ["bodies", "supports"].includes(shelf.key);
  return (
    <Dialog title={thing ? thing.name : `New ${shelf.one}`} open onClose={onClose}>
      <RecordForm
        key={record.id}
        specs={specs}
        record={record}
        schema={shelf.schema}
        save="Save"
        onCancel={onClose}
        onSave={onSave}
        before={() =>
          thing ? null : (
            <Picker
              label="Start from"
              items={shelf.begins.map((b) => ({ key: b.id, title: b.name, detail: shelf.detail(b) }))}
              chosen={begin}
              onChoose={setBegin}
            />
          )
        }
        more={
          thing &&
          (needed ? (
            <Txt tone="ink2">{`You need at least one ${shelf.one}.`}</Txt>
          ) : (
            <Button label={`Delete ${shelf.one}`} kind="danger" onPress={() => void onRemove()} />
          ))
        }
      />
    </Dialog>
  );
}
