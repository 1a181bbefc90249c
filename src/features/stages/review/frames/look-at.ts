import type { Frame } from "@/data/schema/frame";
import { scaledCopy } from "../../../store/picture-anew";
import { served } from "../../../store/served";
import { filesOfFrame, isDrawn } from "./files-at-hand";

/** Pixels of the longer side of a small picture. */
const SMALL = 240;

/** A picture that the browser draws, never a thumbnail: a JPEG as it is, or one within a raw file. */
export async function pictureOf(frame: Frame, atHand: ReadonlyMap<string, File>): Promise<Blob | undefined> {
  const files = filesOfFrame(frame, atHand);
  if (files.length === 0) return shipped(frame);
  for (const file of files) {
    if (isDrawn(file.name)) return file;
    const { jpegWithin } = await import("@/data/pictures/jpeg-within");
    const found = (await jpegWithin(file).catch(() => undefined)) ?? (await drawnAnyway(file));
    if (found) return found;
  }
  return undefined;
}

/** Pictures of the demo lie on the server, as a folder does on a card. */
const SHIPPED = "demo/";
export const isShipped = ({ files: [file] }: Frame): boolean => file!.name.startsWith(SHIPPED);

async function shipped(frame: Frame): Promise<Blob | undefined> {
  if (!isShipped(frame)) return undefined;
  const answer = await fetch(served(`/${frame.files[0]!.name}`)).catch(() => undefined);
  return answer?.ok ? answer.blob() : undefined;
}

/** Some browsers draw more than others. */
async function drawnAnyway(file: File): Promise<Blob | undefined> {
  if (!/\.hei[cf]$/i.test(file.name)) return undefined;
  try {
    (await createImageBitmap(file)).close();
    return file;
  } catch {
    return undefined;
  }
}

/** The pixels of a part of a picture. */
export function pixelsIn(
  picture: ImageBitmap,
  { left, top, width, height }: Readonly<Record<"left" | "top" | "width" | "height", number>>,
): ImageData {
  const canvas = document.createElement("canvas");
  Object.assign(canvas, { width, height });
  const context = canvas.getContext("2d", { willReadFrequently: true })!;
  context.drawImage(picture, -left, -top);
  return context.getImageData(0, 0, width, height);
}

/** Small pictures that are made at the same time: the hand that scrolls comes first. */
const AT_ONCE = 2;
let running = 0;
const waiting: { readonly run: () => Promise<void>; isWanted: boolean }[] = [];

function next(): void {
  while (running < AT_ONCE && waiting.length > 0) {
    // What came into view last is what is looked at.
    const one = waiting.pop()!;
    if (!one.isWanted) continue;
    running++;
    void one.run().finally(() => {
      running--;
      next();
    });
  }
}

/** Makes a small picture in its turn; what comes back ends the wish. */
export function makeSmall(
  frame: Frame,
  atHand: ReadonlyMap<string, File>,
  done: (small: Blob | undefined) => void,
): () => void {
  const one = {
    isWanted: true,
    run: async () => {
      const picture = await pictureOf(frame, atHand);
      const small = picture && (await scaledCopy(picture, SMALL, { quality: 0.7, smoothing: "low" }));
      if (one.isWanted) done(small);
    },
  };
  waiting.push(one);
  next();
  return () => {
    one.isWanted = false;
  };
}
