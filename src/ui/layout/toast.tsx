import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from "react";
import { createPortal } from "react-dom";
import { View } from "react-native";
import { useLayout, type Layout } from "./use-layout";
import { Button } from "../controls/Button";
import { useUnderDialog } from "../controls/dialogs";
import { Txt } from "../controls/Txt";

export interface Toast {
  readonly words: string;
  /** Takes back what was just done. */
  readonly undo?: () => void;
  /** What that is called; "Undo" when left out. */
  readonly again?: string;
  /** Said on the screen that comes next, too. The others end with the screen that they were said on. */
  readonly follows?: boolean;
}

interface Toasts {
  readonly show: (toast: Toast) => void;
  /** Ends what does not follow to the next screen. */
  readonly leave: () => void;
}

const ToastContext = createContext<Toasts>({ show: () => undefined, leave: () => undefined });
export const useToast = (): Toasts["show"] => useContext(ToastContext).show;
export const useLeaveToast = (): Toasts["leave"] => useContext(ToastContext).leave;

const STAYS = 8000;

/** One short message at a time, where neither a title nor a setting stands; it offers to take back what was done. */
export function ToastProvider({ children }: { children: ReactNode }) {
  const [toast, setToast] = useState<Toast>();
  const hide = useCallback(() => setToast(undefined), []);
  const toasts = useMemo<Toasts>(
    () => ({ show: setToast, leave: () => setToast((old) => (old?.follows ? old : undefined)) }),
    [],
  );
  useEffect(() => {
    if (!toast) return undefined;
    const timer = setTimeout(hide, STAYS);
    return () => clearTimeout(timer);
  }, [toast, hide]);
  const under = useUnderDialog();
  const layer = useMemo(() => {
    if (!toast) return undefined;
    // A dialog lies over everything of the page: what is said while it is open lies beside it.
    const view = <ToastView toast={toast} onDone={hide} over={under} />;
    return under ? createPortal(view, document.body) : view;
  }, [toast, hide, under]);
  return (
    <ToastContext.Provider value={toasts}>
      {children}
      {layer}
    </ToastContext.Provider>
  );
}

/** Beneath the stages where they are a column; else over the foot of the screen, which is the course of the light. */
const STANDS: Readonly<Record<Layout["nav"], string>> = {
  bottom: "bottom-[68px] left-2 right-2 items-center",
  rail: "bottom-2 right-2 w-[45%] max-w-[404px]",
  column: "bottom-3 left-3 w-[188px]",
};

/** At the head of the screen, over a dialog. */
const OVER = "left-2 right-2 top-2 z-[10000] items-center";

interface ViewProps {
  readonly toast: Toast;
  readonly onDone: () => void;
  /** Whether a dialog is open, over which it stands. */
  readonly over: boolean;
}

function ToastView({ toast, onDone, over }: ViewProps) {
  const { nav } = useLayout();
  const undo = toast.undo;
  return (
    <View className={`pointer-events-none absolute ${over ? OVER : STANDS[nav]}`}>
      <View
        role="status"
        className={`pointer-events-auto min-h-12 w-full max-w-[480px] justify-between rounded-xl bg-ink px-4 ${nav === "column" && !over ? "" : "flex-row items-center"}`}
      >
        <Txt weight={600} className="shrink py-2 text-paper">
          {toast.words}
        </Txt>
        {undo ? (
          <Button
            label={toast.again ?? "Undo"}
            kind="plain"
            className="[&>*]:text-paper"
            onPress={() => {
              undo();
              onDone();
            }}
          />
        ) : null}
      </View>
    </View>
  );
}
