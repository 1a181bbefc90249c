import { useEffect, useState } from "react";
import { base64Of } from "@/data/base64";
import type { Frame } from "@/data/schema/frame";
import { openSmallPictures, type SmallPictures } from "@/data/beside/small-pictures";
import { useOuting } from "../../../outing/use-outing";
import { useFilesAtHand } from "./files-at-hand";
import { isShipped, makeSmall } from "./look-at";

let small: SmallPictures | undefined;
const smallPictures = (): SmallPictures => (small ??= openSmallPictures());

/** Addresses of small pictures that the page holds, the ones that were shown last. */
const MOST = 400;
const shown = new Map<string, string>();

function addressOf(key: string, picture: Blob): string {
  const address = URL.createObjectURL(picture);
  shown.set(key, address);
  for (const [old, url] of shown) {
    if (shown.size <= MOST) break;
    URL.revokeObjectURL(url);
    shown.delete(old);
  }
  return address;
}

/** The small picture of a frame as base64, made where it is not kept; nothing where there is no picture to look at. */
export async function smallBase64(
  outingId: string,
  frame: Frame,
  files: ReadonlyMap<string, File>,
): Promise<string | undefined> {
  const kept = await smallPictures().get(outingId, frame.id);
  const picture =
    kept ?? (await new Promise<Blob | undefined>((resolve) => void makeSmall(frame, files, resolve)));
  return picture && base64Of(picture);
}

/** The small picture of a frame, made when it is first seen; "none" where there is no picture to look at. */
export function useSmall(frame: Frame): string | "none" | undefined {
  const outingId = useOuting((v) => v.outing.id);
  const files = useFilesAtHand((s) => s.files);
  const key = `${outingId}/${frame.id}`;
  const [found, setFound] = useState<{ key: string; address: string | "none" }>();
  useEffect(() => {
    if (shown.has(key)) return;
    let isWanted = true;
    let end = (): void => undefined;
    const show = (picture: Blob | undefined): void => {
      if (isWanted) setFound({ key, address: picture ? addressOf(key, picture) : "none" });
    };
    void smallPictures()
      .get(outingId, frame.id)
      .then((kept) => {
        if (!isWanted) return;
        if (kept || (files.size === 0 && !isShipped(frame))) return show(kept);
        end = makeSmall(frame, files, (made) => {
          show(made);
          if (made) void smallPictures().keep(outingId, frame.id, made);
        });
      });
    return () => {
      isWanted = false;
      end();
    };
  }, [key, outingId, frame, files]);
  return shown.get(key) ?? (found?.key === key ? found.address : undefined);
}
