import { readFile } from "./any-file";
import type { OnProgress } from "./everything-file";

/** Reads a text as the file that holds it. */
export const readText = (text: string, onProgress?: OnProgress) => readFile(new Blob([text]), onProgress);
