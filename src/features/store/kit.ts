import { useQuery } from "@tanstack/react-query";
import type { StoredKit } from "@/data";
import { useKeptChange } from "./kept";
import { openRepository } from "./open-repository";

const KIT_KEY = ["kit"];

export const useKit = () =>
  useQuery({ queryKey: KIT_KEY, queryFn: async () => (await openRepository()).readKit() });

export const useChangeKit = () =>
  useKeptChange(KIT_KEY, async (kit: StoredKit) => (await openRepository()).saveKit(kit));
