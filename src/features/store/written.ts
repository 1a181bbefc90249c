import type { QueryClient } from "@tanstack/react-query";
import { OUTING_PREFIX } from "@/data";

type Listener = (keys: readonly string[]) => void;

const listeners = new Set<Listener>();
const channel = typeof BroadcastChannel === "undefined" ? undefined : new BroadcastChannel("bp/written");
channel?.addEventListener("message", ({ data }: MessageEvent<readonly string[]>) => hear(data));

const hear: Listener = (keys) => listeners.forEach((listen) => listen(keys));

/** Tells this tab and the others that records were written. */
export const tellWritten: Listener = (keys) => {
  channel?.postMessage(keys);
  hear(keys);
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
