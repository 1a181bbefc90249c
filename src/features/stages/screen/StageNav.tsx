import { Link } from "expo-router";
import { Pressable, useWindowDimensions, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import type { Layout } from "@/ui/layout/use-layout";
import { useOuting } from "../../outing/use-outing";
import { STAGES, stageState, type StageKey } from "./stages";

interface Props {
  readonly stage: StageKey;
  readonly nav: Layout["nav"];
}

/** The stages as words: along the bottom edge on a phone, as a column with what is open on a wide screen. */
export function StageNav({ stage, nav }: Props) {
  return (
    <View
      role="navigation"
      aria-label="Stages"
      className={
        nav === "bottom" ? "h-16 flex-row border-t border-line bg-sheet" : nav === "rail" ? "" : "gap-1 py-2"
      }
    >
      {STAGES.map(({ key, name }) => (
        <Way key={key} stage={key} name={name} here={key === stage} nav={nav} />
      ))}
    </View>
  );
}

const BOXES: Readonly<Record<Layout["nav"], readonly [box: string, here: string, away: string]>> = {
  bottom: ["flex-auto items-center justify-center gap-1 border-t-4", "border-water", "border-transparent"],
  rail: [
    "min-h-12 flex-row items-center gap-2 border-l-[5px] px-2",
    "border-water bg-paper",
    "border-transparent",
  ],
  column: [
    "min-h-14 flex-row items-center gap-3 border-l-[5px] pl-4 pr-2",
    "border-water bg-paper",
    "border-transparent",
  ],
};

/** Px under which six names stand side by side only in smaller type. */
const NARROW = 380;

interface WayProps {
  readonly stage: StageKey;
  readonly name: string;
  readonly here: boolean;
  readonly nav: Layout["nav"];
}

function Way({ stage, name, here, nav }: WayProps) {
  const id = useOuting((v) => v.outing.id);
  const open = useOuting((v) => stageState(v, stage).open);
  const settled = useOuting((v) => stageState(v, stage).settled);
  const { width } = useWindowDimensions();
  const [box, at, away] = BOXES[nav];
  const mark = settled ? "border-moss bg-moss" : here ? "border-water bg-water" : "border-ink2";
  return (
    <Link href={`/outing/${id}/${stage}`} replace asChild>
      <Pressable
        role="link"
        aria-label={`${name}: ${open}`}
        aria-current={here ? "page" : undefined}
        className={`${box} ${here ? at : away}`}
      >
        <View className={`h-3 w-3 rounded-full border-2 ${mark}`} />
        <View className="min-w-0 shrink">
          <Txt
            weight={here ? 700 : 400}
            size={nav === "bottom" && width < NARROW ? 14 : 16}
            className={nav === "bottom" ? "text-center" : ""}
          >
            {name}
          </Txt>
          {nav === "column" && (
            <Txt size={14} tone="ink2">
              {open}
            </Txt>
          )}
        </View>
      </Pressable>
    </Link>
  );
}
