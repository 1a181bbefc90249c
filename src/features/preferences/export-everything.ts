import { namesOf, ONE_KINDS, type RecordOf } from "@/data";
import { everythingInFile, jsonFile, readsBackWhole } from "@/data/files";
import { besideRecord, downloadBlob, downloadText, type LeftOut } from "../store/file-transfer";
import { settled } from "../store/kept";
import { openBeside, openRepository } from "../store/open-repository";
import { leftOutWords } from "@/words/failures";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { noteWrittenOut } from "../store/storage";

/** What became of an export: the outings that could not be read, what beside them, or why nothing was written as a whole. */
export type Exported =
  | {
      readonly ok: true;
      readonly outings: number;
      readonly left: number;
      readonly leftOut: readonly LeftOut[];
    }
  | { readonly ok: false; readonly reason: "unreadable" | "not-whole" };

/**
 * Writes all that is kept into one file, read back before it counts as written. What cannot be read is never put into it as
 * if it were empty: it goes out beside it as it is stored.
 */
export async function exportEverything(): Promise<Exported> {
  const repository = await openRepository();
  await settled();
  const list = await repository.listOutings();
  const records: [string, unknown][] = [];
  let isWhole = true;
  for (const name of namesOf(ONE_KINDS)) {
    const read = await repository.read(name);
    if (read.ok) records.push([name, read.value]);
    else if (read.reason === "missing") records.push([name, ownBeginning()]);
    else {
      isWhole = false;
      downloadText(`${read.unreadable.id}.damaged.json`, read.unreadable.raw);
    }
  }
  if (!isWhole) return { ok: false, reason: "unreadable" };
  const { outings } = list;
  const writtenAt = new Date().toISOString();
  const { carriedTags, carriedFrames, keptPicture } = await openBeside();
  const tagged = await ofEach(outings, carriedTags);
  const framed = await ofEach(outings, carriedFrames);
  const pictures = await ofEach(outings, keptPicture);
  const told = everythingInFile({
    ...(Object.fromEntries(records) as unknown as RecordOf),
    outings,
    writtenAt,
    tagged: tagged.of,
    framed: framed.of,
    pictures: pictures.of,
  });
  const file = await jsonFile(told);
  if (!(await readsBackWhole(told, file))) return { ok: false, reason: "not-whole" };
  downloadBlob(`bright-perch.${writtenAt.slice(0, 10)}.everything.json`, file);
  noteWrittenOut();
  const leftOut: readonly LeftOut[] = [
    ...(tagged.missed ? ["tags" as const] : []),
    ...(framed.missed ? ["frames" as const] : []),
    ...(pictures.missed ? ["picture" as const] : []),
  ];
  return { ok: true, outings: outings.length, left: list.unreadable.length, leftOut };
}

/** What lies beside each of the outings, and whether some of it could not be read. */
async function ofEach<T>(
  outings: readonly { readonly id: string }[],
  read: (id: string) => Promise<T | undefined>,
) {
  const of: Record<string, T> = {};
  let missed = false;
  for (const { id } of outings) {
    const found = await besideRecord(() => read(id));
    if (!found.ok) missed = true;
    else if (found.value !== undefined) of[id] = found.value;
  }
  return { of, missed };
}

/** What became of it, in words. */
export function exportedWords(exported: Exported): string {
  if (!exported.ok)
    return exported.reason === "unreadable"
      ? "Kit, library or preferences cannot be read: what is stored was exported as it is. Repair it first."
      : "This cannot be exported whole. Export each outing by itself.";
  const lacks = leftOutWords(exported.leftOut);
  if (exported.left > 0)
    return `Exported, except ${exported.left} that cannot be read: export those under Outings${lacks}.`;
  return lacks === "" ? "Everything is in the file." : `Exported${lacks}.`;
}
