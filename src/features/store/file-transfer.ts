import { fileNameOf, readsBackWhole, writeOutingFile, type OutingFile } from "@/data";
import { hasDatabase } from "@/data/has-database";

/** Hands the browser a text as a file to keep. */
export const downloadText = (name: string, text: string, type = "application/json"): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands the browser a file to keep. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
  // The browser reads the blob after this turn.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** What lies beside a record and could not be read for its file. */
export type LeftOut = "tags" | "picture";

/** What is asked of a database beside the records, or that it could not be read; a browser that has none of them keeps nothing there. */
export async function besideRecord<T>(
  read: () => Promise<T | undefined>,
): Promise<{ readonly ok: true; readonly value: T | undefined } | { readonly ok: false }> {
  if (!hasDatabase()) return { ok: true, value: undefined };
  try {
    return { ok: true, value: await read() };
  } catch {
    return { ok: false };
  }
}

/**
 * Writes an outing's file, read back and compared before it is handed over; what would not open again as it is goes out as it is stored,
 * which a later version or a mending hand can open. Says what lies beside the record and could not be read.
 */
export async function downloadOutingFile({
  outing,
  kit,
  preferences,
}: OutingFile): Promise<{ readonly isWhole: boolean; readonly leftOut: readonly LeftOut[] }> {
  const { carriedPicture } = await import("@/data/pictures");
  const { carriedTags } = await import("@/data/tags-in-file");
  const picture = await besideRecord(() => carriedPicture(outing.id));
  const tagged = await besideRecord(() => carriedTags(outing.id));
  const text = writeOutingFile({
    outing,
    kit,
    preferences,
    writtenAt: new Date().toISOString(),
    ...(picture.ok && picture.value && { picture: picture.value }),
    ...(tagged.ok && tagged.value && { tagged: tagged.value }),
  });
  const isWhole = await readsBackWhole(text);
  if (isWhole) downloadText(fileNameOf(outing, "outing.json"), text);
  else downloadText(fileNameOf(outing, "stored.json"), JSON.stringify(outing, null, 2));
  return {
    isWhole,
    leftOut: [...(tagged.ok ? [] : ["tags" as const]), ...(picture.ok ? [] : ["picture" as const])],
  };
}
