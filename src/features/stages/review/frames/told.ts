import type { Frame } from "@/data/schema/frame";

/** Frames with what a person told of all of them, beside what was told before. */
export const framesTold = (frames: readonly Frame[], told: NonNullable<Frame["told"]>): Frame[] =>
  frames.map((frame) => ({ ...frame, told: { ...frame.told, ...told } }));
