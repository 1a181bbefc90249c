const QUALITY = 0.92;

/**
 * The same picture drawn and written again: what its camera and other programs noted in the file (place, serial, name) does not come
 * along. Rejects where the browser cannot read it.
 */
export async function writtenAnew(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file);
  const canvas = document.createElement("canvas");
  canvas.width = bitmap.width;
  canvas.height = bitmap.height;
  canvas.getContext("2d")!.drawImage(bitmap, 0, 0);
  bitmap.close();
  // A moving picture stands still; every browser writes the other kinds.
  const type = file.type === "image/jpeg" ? file.type : "image/png";
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no picture"))), type, QUALITY);
  });
}
