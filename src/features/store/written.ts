import type { QueryClient } from "@tanstack/react-query";
import { OUTING_PREFIX } from "@/data";

/** Hears the keys that were written, and whether in another tab. */
type Listener = (keys: readonly string[], isElsewhere: boolean) => void;

const listeners = new Set<Listener>();
const channel = typeof BroadcastChannel === "undefined" ? undefined : new BroadcastChannel("bp/written");
channel?.addEventListener("message", ({ data }: MessageEvent<readonly string[]>) => hear(data, true));

const hear: Listener = (...said) => listeners.forEach((listen) => listen(...said));

/** Tells this tab and the others that records were written. */
export const tellWritten = (keys: readonly string[]): void => {
  channel?.postMessage(keys);
  hear(keys, false);
};

/** Hears of every write, here or in another tab; gives back what ends it. */
export function onWritten(listen: Listener): () => void {
  listeners.add(listen);
  return () => void listeners.delete(listen);
}

/** The key under which an outing is told of. */
export const recordKey = (id: string): string => OUTING_PREFIX + id;

/** Reads again what another tab, or another part of this one, has written. */
export const followWrites = (client: QueryClient): (() => void) =>
  onWritten((keys) => {
    for (const key of keys) {
      const name = key.slice("bp/".length);
      if (key.startsWith(OUTING_PREFIX))
        void client.invalidateQueries({ queryKey: ["outing", key.slice(OUTING_PREFIX.length)] });
      else void client.invalidateQueries({ queryKey: [name] });
    }
    if (keys.some((key) => key.startsWith(OUTING_PREFIX)))
      void client.invalidateQueries({ queryKey: ["outings"] });
  });
