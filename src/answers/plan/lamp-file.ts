import { readLampFile } from "@/core/light";

/** What a lamp's file says of its light, or why it cannot be read. */
export const lampOf = (text: string) => readLampFile(text);
