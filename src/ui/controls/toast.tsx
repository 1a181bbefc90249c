import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from "react";
import { View } from "react-native";
import { Button } from "./Button";
import { Txt } from "./Txt";

export interface Toast {
  readonly words: string;
  /** Takes back what was just done. */
  readonly undo?: () => void;
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

/** One short message at a time, at the top, out of the thumb's way; it offers to take back what was done. */
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
  const layer = useMemo(() => toast && <ToastView toast={toast} onDone={hide} />, [toast, hide]);
  return (
    <ToastContext.Provider value={toasts}>
      {children}
      {layer}
    </ToastContext.Provider>
  );
}

function ToastView({ toast, onDone }: { toast: Toast; onDone: () => void }) {
  const undo = toast.undo;
  return (
    <View className="pointer-events-none absolute left-0 right-0 top-[58px] items-center px-3">
      <View
        role="status"
        className="pointer-events-auto min-h-12 w-full max-w-[480px] flex-row items-center justify-between rounded-xl bg-ink pl-4"
      >
        <Txt weight={600} className="flex-1 py-2 text-paper">
          {toast.words}
        </Txt>
        {undo ? (
          <Button
            label="Undo"
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
