import { Link } from "expo-router";
import { Pressable, View } from "react-native";
import { comingUp } from "@/answers/places/year";
import { Txt } from "@/ui/controls/Txt";
import { comingWords } from "@/words/place-kept";
import { usePlaces } from "../store/places";

interface Props {
  /** YYYY-MM-DD. */
  readonly today: string;
  /** Of one place alone. */
  readonly placeId?: string;
}

/** Said at once at most. */
const MOST = 6;

/** What of earlier years comes round about today. */
export function ComingUp({ today, placeId }: Props) {
  const all = comingUp(usePlaces(), today).filter((c) => !placeId || c.place.id === placeId);
  if (all.length === 0) return null;
  return (
    <View role="region" aria-label="Comes round" className={placeId ? "" : "px-4 pt-3"}>
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        Comes round
      </Txt>
      {all.slice(0, MOST).map((one) => (
        <View key={one.sighting.id} className="gap-1 border-b border-line py-2">
          <Txt>{comingWords(one)}</Txt>
          {!placeId && (
            <Link href={`/place/${one.place.id}`} asChild>
              <Pressable role="link" className="min-h-12 justify-center">
                <Txt weight={600} tone="water">{`Open ${one.place.name}`}</Txt>
              </Pressable>
            </Link>
          )}
        </View>
      ))}
    </View>
  );
}
