import { z } from "zod";
import { create } from "zustand";
import { meteredOf, settingsWritten, type Metered } from "@/answers/expose/picture-light";
import type { Settings } from "@/core/exposure";
import { blobFrom } from "@/data/base64";
import { useFramesIn } from "./frames-in-store";
import { pixelsOf } from "../../expose/when-right/picture-file";
import { served } from "../../../store/served";

/** A frame as the camera tells it; docs/stand-ins.md tells the protocol. */
const frameSchema = z.object({
  number: z.int().min(1),
  DateTimeOriginal: z.iso.datetime(),
  ExposureTime: z.number().min(1e-7).max(3600),
  FNumber: z.number().min(0.3).max(256),
  ISO: z.number().min(1).max(1e8),
  FocalLength: z.number().min(0.5).max(10_000),
  bufferFrames: z.int().min(0),
  cardMb: z.number().min(0),
  picture: z.base64().max(200_000),
});

/** The last frame that came in. */
export interface FrameIn {
  readonly settings: Settings;
  readonly focalLengthMm: number;
  /** How bright its middle is; absent where it cannot be read. */
  readonly metered: Metered | undefined;
  readonly picture: string;
  readonly bufferFrames: number;
  readonly cardMb: number;
  /** Seconds by which the camera's clock is ahead of the device's. */
  readonly clockAhead: number;
}

type InHand = ReturnType<Parameters<Camera["join"]>[0]["inHand"]>;

interface Camera {
  readonly state: "off" | "joining" | "on" | "cut-off" | "over" | "failed";
  readonly frame?: FrameIn;
  readonly join: (asked: {
    /** As a camera writes them: seconds, f-number, ISO speed. */
    readonly exposureTime: number;
    readonly fNumber: number;
    readonly iso: number;
    readonly focalLengthMm: number;
    readonly body: {
      readonly framesPerSecond?: number;
      readonly frameMb?: number;
      readonly bufferMb?: number;
    };
    /** The outing and the shot in hand as a frame comes in, and where it is taken from. */
    readonly inHand: () => {
      readonly outingId: string;
      readonly shotId: string;
      readonly positionId?: string;
    };
  }) => void;
  readonly leave: () => void;
}

/** A camera on a cable: the last frame, what it was set to, how far off it was, and how much room is left. */
export const useCamera = create<Camera>((set) => {
  let source: EventSource | undefined;
  const end = (state: Camera["state"]): void => {
    source?.close();
    source = undefined;
    set({ state });
  };
  const take = async (text: string, { outingId, ...hand }: InHand): Promise<void> => {
    const came = Date.now();
    const read = frameSchema.safeParse(parsed(text));
    if (!read.success) return;
    const { picture, bufferFrames, cardMb, ...exif } = read.data;
    useFramesIn.getState().add(outingId, { ...hand, came, taken: Date.parse(exif.DateTimeOriginal) });
    const pixels = await pixelsOf(blobFrom(picture, "image/png"));
    set({
      frame: {
        settings: settingsWritten(exif.ExposureTime, exif.FNumber, exif.ISO),
        focalLengthMm: exif.FocalLength,
        metered: pixels && meteredOf(pixels),
        picture: `data:image/png;base64,${picture}`,
        bufferFrames,
        cardMb,
        clockAhead: (Date.parse(exif.DateTimeOriginal) - came) / 1000,
      },
    });
  };
  return {
    state: "off",
    join: ({ exposureTime, fNumber, iso, focalLengthMm, body, inHand }) => {
      end("joining");
      const query = new URLSearchParams({
        exposureTime: String(exposureTime),
        fNumber: String(fNumber),
        iso: String(iso),
        focalLength: String(focalLengthMm),
        ...Object.fromEntries(
          Object.entries(body)
            .filter(([, value]) => value !== undefined)
            .map(([key, value]) => [key, String(value)]),
        ),
      });
      const mine = new EventSource(served(`/api/stand-ins/camera/events?${query}`));
      source = mine;
      mine.addEventListener("frame", (event: MessageEvent<string>) => void take(event.data, inHand()));
      mine.addEventListener("over", () => end("over"));
      mine.onopen = () => set({ state: "on" });
      mine.onerror = () => {
        if (source !== mine) return;
        if (mine.readyState === EventSource.CLOSED) end("failed");
        else set({ state: "cut-off" });
      };
    },
    leave: () => end("off"),
  };
});

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
