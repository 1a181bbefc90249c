import { useRouter } from "expo-router";
import BackIcon from "lucide-react-native/icons/chevron-left";
import { useMemo, useState, type ReactNode } from "react";
import { Pressable, View } from "react-native";
import { IconButton } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useHotkeys } from "@/ui/layout/useHotkeys";
import { useWide } from "@/ui/layout/useWide";
import { useTokens } from "@/ui/theme/theme";
import { dateWords } from "@/words";
import { KeysDialog, type KeyList } from "../home/KeysDialog";
import { editChoice, takeShot } from "@/outing/edits";
import { OutingMenu } from "./OutingMenu";
import { useOuting } from "./outing-context";
import { SaveTrouble } from "./SaveTrouble";
import { StageNav } from "./StageNav";
import { STAGES, type StageKey } from "./stages";
import { ThemeSwitch } from "./ThemeSwitch";

interface Props {
  readonly stage: StageKey;
  readonly children: ReactNode;
}

/** Head, stages and keys about a stage: a column at the left when there is room, the bottom edge on a phone. */
export function StageFrame({ stage, children }: Props) {
  const wide = useWide();
  const [menu, setMenu] = useState(false);
  const keysOpen = useStageKeys(stage);
  const head = <Head wide={wide} onMenu={() => setMenu(true)} />;
  const dialogs = (
    <>
      <OutingMenu open={menu} onClose={() => setMenu(false)} />
      {keysOpen}
    </>
  );
  if (wide)
    return (
      <View className="flex-1 flex-row bg-paper">
        <View className="w-[212px] border-r border-line bg-sheet">
          {head}
          <StageNav stage={stage} wide />
        </View>
        <View role="main" className="min-w-0 flex-1">
          <SaveTrouble />
          {children}
        </View>
        {dialogs}
      </View>
    );
  return (
    <View className="flex-1 bg-paper">
      {head}
      <View role="main" className="min-h-0 flex-1">
        <SaveTrouble />
        {children}
      </View>
      <StageNav stage={stage} wide={false} />
      {dialogs}
    </View>
  );
}

function Head({ wide, onMenu }: { wide: boolean; onMenu: () => void }) {
  const { outing } = useOuting();
  const router = useRouter();
  const { ink } = useTokens();
  return (
    <View role="banner" className={wide ? "p-2" : "h-[52px] flex-row items-center"}>
      <View className={wide ? "flex-row justify-between" : ""}>
        <IconButton label="Back to outings" onPress={() => router.navigate("/outings")}>
          <BackIcon size={28} color={ink} />
        </IconButton>
        {wide && <ThemeSwitch />}
      </View>
      <Pressable
        role="button"
        aria-label={`Outing: ${outing.name}. Details and actions`}
        onPress={onMenu}
        className={`min-h-12 justify-center active:opacity-70 ${wide ? "px-3 py-2" : "min-w-0 flex-1"}`}
      >
        <Txt size={wide ? 20 : 18} weight={700} numberOfLines={wide ? 3 : 1} role="heading" aria-level={1}>
          {outing.name}
        </Txt>
        <Txt size={14} tone="ink2" numberOfLines={2}>
          {`${dateWords(outing.date)}, ${outing.starts} · ${outing.place}`}
        </Txt>
      </Pressable>
      {!wide && <ThemeSwitch />}
    </View>
  );
}

const KEYS_LISTED: KeyList = [
  ["← →", "five minutes earlier or later"],
  ["1 … 9", "take a promised shot"],
  ["A B C …", "stand at a position"],
  ["P G F", "Brief (the promises), Ground, Frame"],
  ["E R V", "Expose, Run, Review"],
  ["[ ]", "the stage before, the stage after"],
  ["?", "this list"],
];

/** The keys of every stage, and their list. */
function useStageKeys(stage: StageKey): ReactNode {
  const { outing, choice, window, at, lookAt, change } = useOuting();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const keys = useMemo(() => {
    const by = (minutes: number) => () =>
      lookAt(Math.min(window.until, Math.max(window.from, at + minutes * 60_000)), true);
    const shots = outing.shots.slice(0, 9).map((shot, i) => [String(i + 1), () => change(takeShot(shot.id))]);
    const places = outing.ground.positions
      .filter((p) => p.name.length === 1)
      .map((p) => [p.name.toLowerCase(), () => change(editChoice(choice.shotId, { positionId: p.id }))]);
    const go = (key: StageKey) => () => router.replace(`/outing/${outing.id}/${key}`);
    const stages = STAGES.map((s) => [s.hotkey, go(s.key)]);
    const here = STAGES.findIndex((s) => s.key === stage);
    const beside = [
      ["[", go(STAGES[Math.max(0, here - 1)]!.key)],
      ["]", go(STAGES[Math.min(STAGES.length - 1, here + 1)]!.key)],
    ];
    return Object.fromEntries([
      ...stages,
      ...places,
      ...beside,
      ...shots,
      ["ArrowLeft", by(-5)],
      ["ArrowRight", by(5)],
      ["?", () => setOpen(true)],
    ]) as Record<string, () => void>;
  }, [outing, choice, window, at, lookAt, change, router, stage]);
  useHotkeys(keys);
  return <KeysDialog keys={KEYS_LISTED} open={open} onClose={() => setOpen(false)} />;
}
