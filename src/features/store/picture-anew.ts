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

/** A JPEG of a picture, its longer side so many px at most; nothing where it cannot be drawn, and nothing of its file but what is drawn. */
export async function scaledCopy(
  picture: Blob,
  longEdgePx: number,
  { quality, smoothing }: { readonly quality: number; readonly smoothing: ImageSmoothingQuality },
): Promise<Blob | undefined> {
  try {
    const whole = await createImageBitmap(picture);
    const by = Math.min(1, longEdgePx / Math.max(whole.width, whole.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(whole.width * by));
    canvas.height = Math.max(1, Math.round(whole.height * by));
    const context = canvas.getContext("2d")!;
    context.imageSmoothingQuality = smoothing;
    context.drawImage(whole, 0, 0, canvas.width, canvas.height);
    whole.close();
    return await new Promise<Blob | undefined>((resolve) =>
      canvas.toBlob((blob) => resolve(blob ?? undefined), "image/jpeg", quality),
    );
  } catch {
    return undefined;
  }
}
