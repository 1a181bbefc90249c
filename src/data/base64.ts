/** The bytes of a file as letters, and back: how files go along within files. */
export async function base64Of(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let binary = "";
  // In pieces: a call takes only so many arguments.
  for (let i = 0; i < bytes.length; i += 0x8000)
    binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(binary);
}

export const blobFrom = (base64: string, type: string): Blob =>
  new Blob([Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0))], { type });
