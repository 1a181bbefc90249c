import { useRouter } from "expo-router";
import BackIcon from "lucide-react-native/icons/chevron-left";
import { useState, type ReactNode } from "react";
import { Pressable, View } from "react-native";
import { timeWords, dateWords } from "@/words";
import { IconButton } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useLayout, type Layout } from "@/ui/layout/use-layout";
import { useTokens } from "@/ui/theme/theme";
import { AskButton } from "../../layout/AskButton";
import { ThemeSwitch } from "../../layout/ThemeSwitch";
import { useOuting } from "../../outing/use-outing";
import { OutingMenu } from "./OutingMenu";
import { SaveTrouble } from "./SaveTrouble";
import { StageKeys } from "./StageKeys";
import { StageNav } from "./StageNav";
import type { StageKey } from "./stages";
import { UndoButton } from "./UndoButton";

interface Props {
  readonly stage: StageKey;
  readonly children: ReactNode;
}

const ASIDE = { column: "w-[212px]", rail: "w-[148px]" } as const;

/** Head, stages and keys about a stage: a column at the left when there is room, the bottom edge on a phone. */
export function StageFrame({ stage, children }: Props) {
  const { nav } = useLayout();
  const [menu, setMenu] = useState(false);
  const head = <Head nav={nav} onMenu={() => setMenu(true)} />;
  const ways = <StageNav stage={stage} nav={nav} />;
  return (
    <View className={`flex-1 bg-paper ${nav === "bottom" ? "" : "flex-row"}`}>
      {nav === "bottom" ? (
        head
      ) : (
        <View className={`border-r border-line bg-sheet ${ASIDE[nav]}`}>
          {head}
          {ways}
        </View>
      )}
      <View role="main" className="min-h-0 min-w-0 flex-1">
        <SaveTrouble />
        {children}
      </View>
      {nav === "bottom" && ways}
      <OutingMenu open={menu} onClose={() => setMenu(false)} />
      <StageKeys stage={stage} />
    </View>
  );
}

const TITLE = {
  bottom: { box: "min-w-0 flex-1", size: 20, lines: 1 },
  rail: { box: "min-w-0 flex-1 pl-3", size: 16, lines: 1 },
  column: { box: "px-3 py-2", size: 20, lines: 3 },
} as const;

function Head({ nav, onMenu }: { nav: Layout["nav"]; onMenu: () => void }) {
  const name = useOuting((v) => v.outing.name);
  const when = useOuting(({ outing: o }) => `${dateWords(o.date)}, ${timeWords(o.starts)} · ${o.place}`);
  const router = useRouter();
  const { ink } = useTokens();
  const { box, size, lines } = TITLE[nav];
  const back = (
    <IconButton label="Back to outings" onPress={() => router.navigate("/outings")}>
      <BackIcon size={28} color={ink} />
    </IconButton>
  );
  const title = (
    <Pressable
      role="button"
      aria-label={`Outing: ${name}. Details and actions`}
      onPress={onMenu}
      className={`min-h-12 justify-center active:opacity-70 ${box}`}
    >
      <Txt size={size} weight={700} numberOfLines={lines} role="heading" aria-level={1}>
        {name}
      </Txt>
      {nav !== "rail" && (
        <Txt size={14} tone="ink2" numberOfLines={nav === "bottom" ? 1 : 2}>
          {when}
        </Txt>
      )}
    </Pressable>
  );
  if (nav === "bottom")
    return (
      <View role="banner" className="h-[52px] flex-row items-center">
        {back}
        {title}
        <UndoButton />
        <AskButton />
        <ThemeSwitch />
      </View>
    );
  return (
    <View role="banner" className={nav === "column" ? "p-2" : ""}>
      <View className="flex-row justify-between">
        {back}
        {nav === "column" && <UndoButton />}
        <AskButton />
        <ThemeSwitch />
      </View>
      {nav === "rail" ? (
        <View className="flex-row">
          {title}
          <UndoButton />
        </View>
      ) : (
        title
      )}
    </View>
  );
}
