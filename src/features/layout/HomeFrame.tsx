import { Link, type Href } from "expo-router";
import { useLayoutEffect, useState, type ReactNode } from "react";
import { Pressable, ScrollView, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { useLayout } from "@/ui/layout/use-layout";
import { useUnsaved } from "../store/unsaved";
import { AskButton } from "./AskButton";
import { HOME_KEYS, KeysDialog } from "./KeysDialog";
import { Late } from "./Late";
import { ThemeSwitch } from "./ThemeSwitch";

/** What stands beside the outings, in the order in which it is needed. */
const PLACES = [
  { key: "outings", name: "Outings" },
  { key: "places", name: "Places" },
  { key: "practice", name: "Practice" },
  { key: "kit", name: "Kit" },
  { key: "library", name: "Library" },
  { key: "preferences", name: "Preferences" },
] as const;

const loadNotKept = async () => (await import("./NotKept")).NotKept;

export type Place = (typeof PLACES)[number]["key"];

interface Props {
  readonly place: Place;
  readonly title: string;
  readonly children: ReactNode;
  /** Stays above the thumb, below what scrolls. */
  readonly actions?: ReactNode;
}

/** Head and way about outside an outing: a column at the left when there is room, the bottom edge on a phone. */
export function HomeFrame({ place, title, children, actions }: Props) {
  const wide = useLayout().columns;
  // What stood here while the application came (public/index.html).
  useLayoutEffect(() => document.getElementById("start")?.remove(), []);
  const [keys, setKeys] = useState(false);
  const notKept = useUnsaved((s) => s.records.size > 0);
  useHotkeys({ "?": () => setKeys(true) });
  const body = (
    <View className="min-h-0 min-w-0 flex-1">
      <View
        role="banner"
        className="h-[68px] w-full max-w-[860px] flex-row items-center justify-between self-center pl-4 pr-2"
      >
        <Txt size={32} weight={700} role="heading" aria-level={1}>
          {title}
        </Txt>
        <View className="flex-row">
          <AskButton />
          <ThemeSwitch />
        </View>
      </View>
      {notKept && (
        <Late load={loadNotKept} waiting="One moment">
          {(NotKept) => <NotKept />}
        </Late>
      )}
      <ScrollView
        role="main"
        className="flex-1"
        contentContainerClassName="w-full max-w-[860px] self-center pb-6"
      >
        {children}
      </ScrollView>
      {actions ? <View className="w-full max-w-[860px] gap-2 self-center p-4">{actions}</View> : null}
    </View>
  );
  return (
    <View className={`flex-1 bg-paper ${wide ? "flex-row" : ""}`}>
      {wide && <Places here={place} wide />}
      {body}
      {!wide && <Places here={place} wide={false} />}
      <KeysDialog keys={HOME_KEYS} open={keys} onClose={() => setKeys(false)} />
    </View>
  );
}

function Places({ here, wide }: { here: Place; wide: boolean }) {
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        wide
          ? "w-[212px] gap-1 border-r border-line bg-sheet pt-[68px]"
          : "h-16 flex-row border-t border-line bg-sheet"
      }
    >
      {PLACES.map(({ key, name }) => (
        <Link key={key} href={`/${key}` as Href} replace asChild>
          <Pressable
            role="link"
            aria-label={name}
            aria-current={key === here ? "page" : undefined}
            className={
              wide
                ? `min-h-14 justify-center border-l-[5px] px-4 ${key === here ? "border-water bg-paper" : "border-transparent"}`
                : `flex-auto items-center justify-center border-t-4 px-0.5 ${key === here ? "border-water" : "border-transparent"}`
            }
          >
            <Txt size={wide ? 16 : 14} weight={key === here ? 700 : 400}>
              {name}
            </Txt>
          </Pressable>
        </Link>
      ))}
    </View>
  );
}
