import { z } from "zod";
import { blobFrom } from "../base64";

/** Bytes as they stand in a file: as letters, or read out of it already. */
export const bytesWithin = (most: number) =>
  z.union([
    z.base64().max(Math.ceil(most / 3) * 4),
    z.instanceof(Blob).refine(({ size }) => size <= most, `at most ${most} bytes`),
  ]);

type Lettered = { readonly type: string; readonly base64: string | Blob };

/** The same with its bytes as a file of its type. */
export const withBytes = <T extends Lettered>(schema: z.ZodType<T>) =>
  schema.transform(({ base64, ...rest }) => ({
    ...rest,
    file: typeof base64 === "string" ? blobFrom(base64, rest.type) : base64.slice(0, base64.size, rest.type),
  }));
