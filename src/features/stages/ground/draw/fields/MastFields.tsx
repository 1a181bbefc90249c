import { View } from "react-native";
import { lampOf } from "@/answers/plan/lamp-file";
import { freeId } from "@/data";
import { textOfFile } from "@/data/files/text-of-file";
import { addLampFile } from "@/outing/edits";
import { FileButton } from "@/ui/controls/FileButton";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Picker } from "@/ui/controls/Picker";
import { useToast } from "@/ui/layout/toast";
import { lampFileFaultWords } from "@/words";
import { useCommit, useOpenOuting, useOuting } from "../../../../outing/use-outing";
import { useEdit, type FieldsProps } from "./Common";

const NO_FILE = "none";

/** Lamps at a place: how high, how strong, or by the file that their maker measured. */
export function MastFields({ at, thing }: FieldsProps<"mast">) {
  const edit = useEdit(at);
  const files = useOuting((v) => v.outing.ground.lampFiles);
  const centre = useOuting((v) => v.outing.ground.venue.centre);
  const items = [
    { key: NO_FILE, title: "None: by the class of the lamps, or the candela above" },
    ...(files ?? []).map((f) => ({ key: f.id, title: f.name })),
  ];
  const { file } = thing;
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Height"
          value={thing.height}
          min={0.5}
          max={100}
          onChange={(height) => edit({ height })}
        />
        <NumberField
          label="Toward play (0 where unknown)"
          unit="cd"
          decimals={0}
          value={thing.candela ?? 0}
          min={0}
          max={1e8}
          onChange={(candela) => edit({ candela: candela < 1 ? undefined : candela })}
        />
      </View>
      <Picker
        label="Measured lamp (LM-63)"
        items={items}
        chosen={file?.id ?? NO_FILE}
        onChoose={(id) => edit({ file: id === NO_FILE ? undefined : { id, aim: file?.aim ?? centre } })}
      />
      <BringLampFile />
      {file && (
        <View className="flex-row flex-wrap gap-3">
          {(["x", "y"] as const).map((axis) => (
            <LengthField
              key={axis}
              label={`Aimed at, ${axis === "x" ? "east" : "north"}`}
              value={file.aim[axis]}
              min={-5000}
              max={5000}
              onChange={(value) => edit({ file: { ...file, aim: { ...file.aim, [axis]: value } } })}
            />
          ))}
        </View>
      )}
    </View>
  );
}

/** Reads a photometric file; what cannot be read is said with its line, and nothing is kept. */
function BringLampFile() {
  const { store } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  const read = async (file: File): Promise<void> => {
    const text = await textOfFile(file);
    const found = lampOf(text);
    if (!found.ok) {
      toast({ words: `${file.name}: ${lampFileFaultWords(found)}` });
      return;
    }
    const name = file.name.slice(0, 80);
    const taken = store.getState().view.outing.ground.lampFiles ?? [];
    commit(addLampFile({ id: freeId("lamp-file", taken), name, text }));
    toast({ words: `${name} is read. Choose it above.` });
  };
  return (
    <View>
      <FileButton
        label="Read a lamp file"
        says="Lamp file"
        accept=".ies,.txt"
        onFile={(file) => void read(file)}
      />
    </View>
  );
}
