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
export type LeftOut = "tags" | "frames" | "picture";

/** What lies beside a record, or that it could not be read. */
export async function besideRecord<T>(
  read: () => Promise<T | undefined>,
): Promise<{ readonly ok: true; readonly value: T | undefined } | { readonly ok: false }> {
  try {
    return { ok: true, value: await read() };
  } catch {
    return { ok: false };
  }
}
