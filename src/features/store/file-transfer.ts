import { outingFileName, writeOutingFile, type OutingFile } from "@/data";

/** Hands the browser a text as a file to keep. */
export function downloadText(name: string, text: string, type = "application/json"): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
  // The browser reads the blob after this turn.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

export const downloadOutingFile = (file: OutingFile): void =>
  downloadText(outingFileName(file.outing), writeOutingFile(file));
