import { fileNameOf, readOutingFile, writeOutingFile, type OutingFile } from "@/data";

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

/**
 * Writes an outing's file, read back before it is handed over; what would not open again goes out as it is stored, which a
 * later version or a mending hand can open. False then.
 */
export async function downloadOutingFile({ outing, kit, preferences }: OutingFile): Promise<boolean> {
  const { carriedPicture } = await import("@/data/pictures");
  const { carriedTags } = await import("@/data/tags-in-file");
  const [picture, tagged] = [await carriedPicture(outing.id), await carriedTags(outing.id)];
  const writtenAt = new Date().toISOString();
  const text = writeOutingFile({
    outing,
    kit,
    preferences,
    writtenAt,
    ...(picture && { picture }),
    ...(tagged && { tagged }),
  });
  const isWhole = readOutingFile(text).ok;
  if (isWhole) downloadText(fileNameOf(outing, "outing.json"), text);
  else downloadText(`${outing.id}.stored.json`, JSON.stringify(outing, null, 2));
  return isWhole;
}
