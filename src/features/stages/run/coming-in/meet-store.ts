import { create } from "zustand";
import {
  editOfMeet,
  meetMessages,
  programmeForMeet,
  readMeetMessage,
  type MeetMessage,
  type MeetMessageName,
} from "@/outing/connected/meet";
import type { OpenOuting } from "../../../outing/outing-store";
import { served } from "../../../store/served";

interface Meet {
  readonly state: "off" | "joining" | "on" | "cut-off" | "over" | "failed" | "not-kept";
  /** Messages that were taken over, and how often the line was cut. */
  readonly heard: number;
  readonly cuts: number;
  /** What was said last of what changes the day. */
  readonly last?: MeetMessage;
  readonly join: (
    open: OpenOuting,
    how: { readonly speed: number; readonly seed: number; readonly drops: number },
  ) => Promise<void>;
  readonly leave: () => void;
}

/** Tried so many times, so many milliseconds apart, before a change counts as not kept. */
const TRIES = 3;
const BETWEEN = 400;

/**
 * A meet that is played to the open outing. Messages are taken over one after the other, each once it is kept, so that a line that
 * is cut loses none: the browser comes back by itself and names the last that it heard.
 */
export const useMeet = create<Meet>((set, get) => {
  let source: EventSource | undefined;
  let queue: Promise<unknown> = Promise.resolve();
  const end = (state: Meet["state"]): void => {
    source?.close();
    source = undefined;
    set({ state });
  };
  const take = async (open: OpenOuting, message: MeetMessage): Promise<void> => {
    if (message.name === "clock") open.lookAt(message.data.at, false);
    const edit = editOfMeet(message);
    if (edit && !(await kept(open, edit))) return end("not-kept");
    set({ heard: get().heard + 1, ...(edit && { last: message }) });
    if (message.name === "over") end("over");
  };
  const listen = (open: OpenOuting, id: string): void => {
    const mine = new EventSource(served(`/api/stand-ins/meet/${id}/events`));
    source = mine;
    let newest = 0;
    const onMessage = (name: MeetMessageName) => (event: MessageEvent<string>) => {
      const number = Number(event.lastEventId);
      // A line that comes back may say again what was said.
      if (number <= newest) return;
      newest = number;
      // Nothing comes after it: the line is left before its end would count as a cut.
      if (name === "over") mine.close();
      const message = readMeetMessage(name, event.data);
      if (message) queue = queue.then(() => (source === mine ? take(open, message) : undefined));
    };
    for (const name of Object.keys(meetMessages) as MeetMessageName[])
      mine.addEventListener(name, onMessage(name));
    mine.onopen = () => set({ state: "on" });
    mine.onerror = () => {
      if (source !== mine) return;
      if (mine.readyState === EventSource.CLOSED) queue = queue.then(() => source === mine && end("failed"));
      else set({ state: "cut-off", cuts: get().cuts + 1 });
    };
  };
  return {
    state: "off",
    heard: 0,
    cuts: 0,
    join: async (open, how) => {
      end("joining");
      set({ heard: 0, cuts: 0, last: undefined });
      try {
        const answer = await fetch(served("/api/stand-ins/meet"), {
          method: "POST",
          headers: { "Content-Type": "application/json" },
          body: JSON.stringify({ ...how, events: programmeForMeet(open.store.getState().view.outing) }),
        });
        if (!answer.ok) return end("failed");
        const { id } = (await answer.json()) as { id: string };
        listen(open, encodeURIComponent(String(id)));
      } catch {
        end("failed");
      }
    },
    leave: () => end("off"),
  };
});

async function kept(open: OpenOuting, edit: Parameters<OpenOuting["change"]>[0]): Promise<boolean> {
  if (await open.change(edit)) return true;
  for (let i = 1; i < TRIES; i++) {
    await new Promise((later) => setTimeout(later, BETWEEN));
    // What is on the screen has it already: it is written once more.
    open.retry();
    await new Promise((later) => setTimeout(later, BETWEEN));
    if (!open.store.getState().failure) return true;
  }
  return false;
}
