import { useEffect } from "react";

const nameOf = ({ key, ctrlKey, metaKey, shiftKey }: KeyboardEvent): string =>
  ctrlKey || metaKey ? `mod+${shiftKey ? "shift+" : ""}${key.toLowerCase()}` : key;

/** Keys while no field has the focus, with Control or Command as "mod+z"; the owner lists them under `?`. */
export function useHotkeys(keys: Readonly<Record<string, () => void>>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement | null;
      if (event.altKey) return;
      if (target?.closest("input, textarea, [role=slider], [role=dialog]")) return;
      const run = keys[nameOf(event)];
      if (!run) return;
      event.preventDefault();
      run();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [keys]);
}
