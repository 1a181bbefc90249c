import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { KeysDialog, type KeyList } from "../../layout/KeysDialog";
import { useOpenOuting, useOuting } from "../../outing/use-outing";
import { useNext } from "../shot/use-next";
import { STAGES, type StageKey } from "./stages";

const KEYS_LISTED: KeyList = [
  ["← →", "five minutes earlier or later"],
  ["1 … 9", "take a promised shot"],
  [", .", "the shot before, the shot after"],
  ["A B C …", "stand at a position"],
  ["P G F", "Brief (the promises), Ground, Frame"],
  ["E R V", "Expose, Run, Review"],
  ["[ ]", "the stage before, the stage after"],
  ["/", "ask anything"],
  ["Ctrl Z", "undo; with Shift, redo"],
  ["?", "this list"],
];

const MINUTE = 60_000;

/** The keys of every stage, and their list. */
export function StageKeys({ stage }: { stage: StageKey }) {
  const shots = useOuting((v) => v.outing.shots);
  const positions = useOuting((v) => v.outing.ground.positions);
  const id = useOuting((v) => v.outing.id);
  const { store, lookAt, takeShot, standAt, undo, redo } = useOpenOuting();
  const next = useNext();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const keys = useMemo(() => {
    const by = (minutes: number) => () => {
      const { window, at } = store.getState().view;
      lookAt(Math.min(window.until, Math.max(window.from, at + minutes * MINUTE)), true);
    };
    const go = (key: StageKey) => () => router.replace(`/outing/${id}/${key}`);
    const here = STAGES.findIndex((s) => s.key === stage);
    return Object.fromEntries<() => void>([
      ...STAGES.map((s) => [s.hotkey, go(s.key)] as const),
      ...positions
        .filter((p) => p.name.length === 1)
        .map((p) => [p.name.toLowerCase(), () => standAt(p.id)] as const),
      ["[", go(STAGES[Math.max(0, here - 1)]!.key)],
      ["]", go(STAGES[Math.min(STAGES.length - 1, here + 1)]!.key)],
      ...shots.slice(0, 9).map((shot, i) => [String(i + 1), () => takeShot(shot.id)] as const),
      [",", () => next.shot(-1)],
      [".", () => next.shot(1)],
      ["ArrowLeft", by(-5)],
      ["ArrowRight", by(5)],
      ["mod+z", () => void undo()],
      ["mod+shift+z", () => void redo()],
      ["mod+y", () => void redo()],
      ["?", () => setOpen(true)],
    ]);
  }, [shots, positions, id, store, lookAt, takeShot, standAt, undo, redo, router, stage, next]);
  useHotkeys(keys);
  return <KeysDialog keys={KEYS_LISTED} open={open} onClose={() => setOpen(false)} />;
}
