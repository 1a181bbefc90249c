import { useQuery } from "@tanstack/react-query";
import { EMPTY_LIBRARY, type Library } from "@/data";
import { useKeptChange } from "./kept";
import { openRepository } from "./open-repository";

const LIBRARY_KEY = ["library"];

/** The user's own part of the library; `undefined` while it is read, and when it cannot be. */
export function useOwnLibrary(): { readonly own: Library | undefined; readonly unreadable: boolean } {
  const { data } = useQuery({
    queryKey: LIBRARY_KEY,
    queryFn: async () => (await openRepository()).readLibrary(),
  });
  return { own: data?.ok ? data.value : undefined, unreadable: data?.ok === false };
}

export const useChangeLibrary = () =>
  useKeptChange<Library>({
    key: LIBRARY_KEY,
    read: (repository) => repository.readLibrary(),
    save: (repository, library) => repository.saveLibrary(library),
  });

/** The own subjects, where nothing but choosing is asked. */
export const useOwnSubjects = (): Library["subjects"] => (useOwnLibrary().own ?? EMPTY_LIBRARY).subjects;
