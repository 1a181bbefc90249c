import { useQuery } from "@tanstack/react-query";
import { fileMarks, type FileMarks } from "./storage";

/** What the browser tells of the room that this application takes. */
export interface StorageUse extends FileMarks {
  /** Bytes, 0 or more; not told by every browser. */
  readonly used: number | undefined;
  readonly quota: number | undefined;
  /** Whether the browser promised not to clear it away by itself. */
  readonly persisted: boolean;
}

export const useStorageUse = () =>
  useQuery({
    queryKey: ["storage"],
    staleTime: 0,
    queryFn: async (): Promise<StorageUse> => {
      const [estimate, persisted] = await Promise.all([
        navigator.storage?.estimate?.().catch(() => undefined),
        navigator.storage?.persisted?.().catch(() => false),
      ]);
      return { ...fileMarks(), used: estimate?.usage, quota: estimate?.quota, persisted: persisted ?? false };
    },
  });
