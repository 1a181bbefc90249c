import { useQueryClient } from "@tanstack/react-query";
import type { RecordName, Unreadable as Stored } from "@/data";
import { openRepository } from "../store/open-repository";
import { Late } from "./Late";

const TITLES: Readonly<Record<RecordName, string>> = {
  kit: "Your kit cannot be read",
  library: "Your own library cannot be read",
  preferences: "Your preferences cannot be read",
  places: "Your places cannot be read",
  practice: "What you practised cannot be read",
};
const REMOVE: Readonly<Record<RecordName, string>> = {
  kit: "Begin with a generic bag",
  library: "Begin an empty library",
  preferences: "Begin with what ships",
  places: "Begin with no places",
  practice: "Begin with no runs",
};

const loadUnreadable = async () => (await import("./Unreadable")).Unreadable;

/** Kit, library or preferences as they are stored and cannot be read, with what can be done about it. */
export function UnreadableRecord({ name, stored }: { name: RecordName; stored: Stored }) {
  const client = useQueryClient();
  const and = async <T,>(work: Promise<T>): Promise<T> => {
    const done = await work;
    await client.invalidateQueries({ queryKey: [name] });
    return done;
  };
  return (
    <Late load={loadUnreadable} waiting="One moment">
      {(Unreadable) => (
        <Unreadable
          kind={name}
          title={TITLES[name]}
          stored={stored}
          removeLabel={REMOVE[name]}
          onKeep={async (repaired) => and((await openRepository()).saveTogether({ [name]: repaired }))}
          onRemove={async () => and((await openRepository()).removeRecord(name))}
        />
      )}
    </Late>
  );
}
