import { useState } from "react";
import { Image, View } from "react-native";
import { newId, type Place } from "@/data";
import { base64Of } from "@/data/base64";
import { Button } from "@/ui/controls/Button";
import { FileButton } from "@/ui/controls/FileButton";
import { Txt } from "@/ui/controls/Txt";
import { useEditPlace } from "../store/places";
import { scaledCopy } from "../store/picture-anew";

const MOST = 12;
/** Pixels of the longer side. */
const SIDE = 320;

/** Small pictures of a place: drawn anew, so that nothing of their files comes along. */
export function PlacePictures({ place }: { place: Place }) {
  const edit = useEditPlace(place.id);
  const [trouble, setTrouble] = useState(false);
  const add = async (file: File): Promise<void> => {
    const small = await scaledCopy(file, SIDE, { quality: 0.75, smoothing: "high" });
    const jpeg = small && (await base64Of(small));
    setTrouble(jpeg === undefined);
    if (jpeg)
      await edit((p) => ({
        ...p,
        pictures: [...p.pictures, { id: newId(), name: file.name.slice(0, 200), jpeg }],
      }));
  };
  return (
    <View className="gap-2">
      <View role="list" aria-label={`Pictures of ${place.name}`} className="flex-row flex-wrap gap-2">
        {place.pictures.map(({ id, name, jpeg }) => (
          <View key={id} role="listitem" className="w-[156px] gap-1">
            <Image
              source={{ uri: `data:image/jpeg;base64,${jpeg}` }}
              accessibilityLabel={name}
              style={{ width: 156, height: 104 }}
              resizeMode="cover"
            />
            <Button
              label="Remove"
              says={`Remove the picture ${name}`}
              kind="plain"
              onPress={() =>
                void edit((p) => ({ ...p, pictures: p.pictures.filter((one) => one.id !== id) }))
              }
            />
          </View>
        ))}
      </View>
      {place.pictures.length < MOST && (
        <View className="flex-row">
          <FileButton
            label="Add a picture"
            says="A picture of the place"
            accept="image/*"
            onFile={(file) => void add(file)}
          />
        </View>
      )}
      {trouble && <Txt tone="bracken">This browser cannot draw that picture. Choose a JPEG.</Txt>}
    </View>
  );
}
