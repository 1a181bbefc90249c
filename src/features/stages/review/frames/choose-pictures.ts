import type { Chosen } from "./reading";

type Named = Chosen["files"][number];

interface Picking {
  showDirectoryPicker?(options: { readonly mode: "read" | "readwrite" }): Promise<FileSystemDirectoryHandle>;
}

/** Whether the browser gives whole folders, which it can then write sidecars into. */
export const givesFolders = (): boolean => "showDirectoryPicker" in window;

/** Files of a folder and of those within it. */
async function within(folder: FileSystemDirectoryHandle, path = ""): Promise<Named[]> {
  const found: Named[] = [];
  const entries = (folder as unknown as { values(): AsyncIterable<FileSystemHandle> }).values();
  for await (const entry of entries) {
    const name = path + entry.name;
    if (entry.kind === "directory")
      found.push(...(await within(entry as FileSystemDirectoryHandle, `${name}/`)));
    else found.push({ name, file: await (entry as FileSystemFileHandle).getFile() });
  }
  return found;
}

/** Asks for a folder; nothing where that was let be. */
export async function chooseFolder(): Promise<Chosen | undefined> {
  try {
    const folder = await (window as Picking).showDirectoryPicker!({ mode: "read" });
    return { files: await within(folder), folder };
  } catch {
    return undefined;
  }
}

/** What a field for files gives: names with their folders where a folder was chosen. */
export const fromField = (files: FileList): Chosen => ({
  files: [...files].map((file) => ({ name: file.webkitRelativePath || file.name, file })),
});

/** Files of an entry that was dropped, folders walked through. */
async function ofEntry(entry: FileSystemEntry, path = ""): Promise<Named[]> {
  const name = path + entry.name;
  if (entry.isFile) {
    const file = await new Promise<File>((resolve, reject) =>
      (entry as FileSystemFileEntry).file(resolve, reject),
    );
    return [{ name, file }];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const found: Named[] = [];
  for (;;) {
    // A folder is given in parts, until an empty one.
    const part = await new Promise<FileSystemEntry[]>((resolve, reject) =>
      reader.readEntries(resolve, reject),
    );
    if (part.length === 0) return found;
    for (const one of part) found.push(...(await ofEntry(one, `${name}/`)));
  }
}

/** What was dropped: files, and folders with all that is in them. */
export async function fromDrop({ items, files }: DataTransfer): Promise<Chosen> {
  const entries = [...items].flatMap((item) => item.webkitGetAsEntry?.() ?? []);
  if (entries.length === 0) return fromField(files);
  const all = await Promise.all(entries.map((entry) => ofEntry(entry)));
  return { files: all.flat() };
}
