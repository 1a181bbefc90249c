import { useState } from "react";
import { View } from "react-native";
import { pictureTells, rightByThis } from "@/answers/expose/picture-light";
import { fillings } from "@/answers/library/meter-sees";
import type { Body } from "@/core/optics";
import { useToast } from "@/ui/layout/toast";
import { useChangeKit } from "../../../store/kit";
import { instantOf, windowOf } from "@/data";
import { Button } from "@/ui/controls/Button";
import { FileButton } from "@/ui/controls/FileButton";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { pictureSaysWords, settingsWords } from "@/words";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import type { LightTold } from "./light-told";
import { readPicture, type PictureTold } from "./picture-file";

const FAILURES = {
  "no-picture":
    "This file is no picture that this browser can open. Choose a JPEG as the camera wrote it; a raw file will not do.",
  "no-settings":
    "The picture does not carry its settings: they were taken out on the way. Choose the file as the camera wrote it, or type the settings.",
} as const;
const FILLS = fillings().map(({ id, name }) => ({ key: id, title: name }));

interface Props {
  readonly onTold: (told: LightTold | undefined) => void;
}

/** A test shot's own file: its settings, and how bright its middle came out; a person confirms it. */
export function PictureFile({ onTold }: Props) {
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const rig = useOuting((v) => v.rig);
  const { lookAt } = useOpenOuting();
  const [name, setName] = useState("");
  const [failure, setFailure] = useState<keyof typeof FAILURES>();
  const [picture, setPicture] = useState<PictureTold>();
  const [fills, setFills] = useState("middle");
  const tell = (told: PictureTold, middle: string): void => {
    const says = pictureTells({ rig }, told, middle);
    const { settings } = told;
    onTold(
      says.kind === "off"
        ? { words: settingsWords(settings), settings, offClicks: Math.round(3 * says.stops) }
        : undefined,
    );
  };
  const read = async (file: File): Promise<void> => {
    const answer = await readPicture(file);
    setName(file.name);
    setFailure(answer.ok ? undefined : answer.reason);
    setPicture(answer.ok ? answer.told : undefined);
    if (answer.ok) tell(answer.told, fills);
    else onTold(undefined);
  };
  const taken = picture?.taken && instantOf(picture.taken.date, picture.taken.time, outing.timeZone).at;
  const { from, until } = windowOf(outing);
  const within = taken !== undefined && taken >= from && taken <= until;
  return (
    <View className="gap-3">
      <FileButton
        label={name ? "Another picture" : "Choose a picture"}
        says="A picture as the camera wrote it"
        accept="image/jpeg,.jpg,.jpeg"
        onFile={(file) => void read(file)}
      />
      {failure && <Txt tone="bracken" role="alert">{`${name}: ${FAILURES[failure]}`}</Txt>}
      {picture && (
        <>
          <Picker
            label="Its middle is filled by"
            items={FILLS}
            chosen={fills}
            onChoose={(key) => {
              setFills(key);
              tell(picture, key);
            }}
          />
          <Txt>
            {`${name}: ${settingsWords(picture.settings)}. ${pictureSaysWords(pictureTells({ rig }, picture, fills))}`}
          </Txt>
          {rig && <IsRight body={rig.body} median={rightByThis(picture, fills)} />}
          {within && taken !== at && (
            <Button
              label={`Taken at ${wallOf({ outing }, taken)} by its clock: look at that minute`}
              kind="plain"
              onPress={() => lookAt(taken, true)}
            />
          )}
          {!within && (
            <Txt size={14} tone="ink2">
              {`Its clock ${taken === undefined ? "says nothing" : "lies outside this outing"}: it counts for the moment in hand, ${wallOf({ outing }, at)}.`}
            </Txt>
          )}
        </>
      )}
    </View>
  );
}

/** A picture that its owner calls right tells how bright the pictures of that body are when they are. */
function IsRight({ body, median }: { body: Body; median: number }) {
  const kit = useOuting((v) => v.kit);
  const { change, takeBack } = useChangeKit();
  const toast = useToast();
  const remember = async (): Promise<void> => {
    const bodies = kit.bodies.map((b) => (b.id === body.id ? { ...b, rightMedian: median } : b));
    const next = { ...kit, bodies };
    if (await change(next))
      toast({ words: `Pictures of the ${body.name} are read by this one.`, undo: () => takeBack(kit, next) });
  };
  return (
    <Button
      label={`It came out right: read the ${body.name} by it`}
      kind="plain"
      onPress={() => void remember()}
    />
  );
}
