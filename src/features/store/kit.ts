import { useQuery } from "@tanstack/react-query";
import type { StoredKit } from "@/data";
import { useKeptChange } from "./kept";
import { openRepository } from "./open-repository";

const KIT_KEY = ["kit"];

export const useKit = () =>
  useQuery({ queryKey: KIT_KEY, queryFn: async () => (await openRepository()).readKit() });

export const useChangeKit = () =>
  useKeptChange<StoredKit>({
    key: KIT_KEY,
    read: (repository) => repository.readKit(),
    save: (repository, kit) => repository.saveKit(kit),
  });
