import { fileNameOf, type Outing } from "@/data";
import { jsonFile, outingInFile, readsBackWhole, type OutingFile } from "@/data/files";
import {
  asItLeaves,
  mindingNests,
  pictureLeaves,
  soundLeaves,
  tagsAsTheyLeave,
} from "@/outing/leaving/as-it-leaves";
import type { Leaving } from "@/outing/leaving/choice";
import type { Beside } from "@/answers/leaving/what-goes";
import { openBeside, openRepository } from "./open-repository";
import { besideRecord, downloadBlob, downloadText, type LeftOut } from "./file-transfer";
import { writtenAnew } from "./picture-anew";

/** What lies beside an outing's record for its file. */
type BesideFile = Pick<OutingFile, "picture" | "tagged">;

/** What lies beside an outing, as far as it leaves; all of it as it is where nothing was chosen. Rejects where it cannot be read. */
async function tagsFor(outing: Outing, leaving: Leaving | undefined): Promise<BesideFile["tagged"]> {
  const all = await (await openBeside()).carriedTags(outing.id);
  if (!all || !leaving) return all;
  const told = tagsAsTheyLeave(all.tags, outing, leaving);
  if (told.length === 0) return undefined;
  return { tags: told, sounds: soundLeaves(outing, leaving) ? all.sounds : [] };
}
const pictureFor = async (outing: Outing, leaving: Leaving | undefined): Promise<BesideFile["picture"]> =>
  !leaving || pictureLeaves(outing, leaving)
    ? (await openBeside()).carriedPicture(outing.id, leaving && writtenAnew)
    : undefined;

/** An outing that minds the nests which its place is known to have; rejects where the places cannot be read. */
async function minded(outing: Outing): Promise<Outing> {
  const places = await (await openRepository()).read("places");
  if (!places.ok) throw new Error("the places cannot be read, and with them what is not to be told of nests");
  return mindingNests(outing, places.value.sightings);
}

/** Counts of what lies beside an outing, for what is told before it leaves; none of what cannot be read. */
export async function besideOf(outing: Outing): Promise<(leaving: Leaving) => Beside> {
  const own = await besideRecord(async () => (await openBeside()).tags.of(outing.id));
  const sounds = await besideRecord(async () => (await openBeside()).tags.countSounds(outing.id));
  const picture = await besideRecord(async () => (await openBeside()).pictures.of(outing.id));
  return (leaving) => ({
    tags: tagsAsTheyLeave((own.ok && own.value) || [], outing, leaving).length,
    sounds: (soundLeaves(outing, leaving) && sounds.ok && sounds.value) || 0,
    picture: picture.ok && picture.value?.carried === true && pictureLeaves(outing, leaving),
  });
}

/**
 * Writes an outing's file as it was chosen to leave, and as it is where nothing was chosen: the rescue of what could not be kept. It is
 * read back and compared before it is handed over; what would not open again goes out as it is stored, which a later version or a
 * mending hand can open. Says what lies beside the record and could not be read.
 */
export async function downloadOutingFile(
  { outing: own, kit, preferences }: OutingFile,
  leaving?: Leaving,
): Promise<{ readonly isWhole: boolean; readonly leftOut: readonly LeftOut[] }> {
  const stored = leaving ? await minded(own) : own;
  const outing = leaving ? asItLeaves(stored, leaving) : stored;
  const picture = await besideRecord(() => pictureFor(stored, leaving));
  const tagged = await besideRecord(() => tagsFor(stored, leaving));
  const told = outingInFile({
    outing,
    kit,
    preferences,
    writtenAt: new Date().toISOString(),
    ...(picture.ok && picture.value && { picture: picture.value }),
    ...(tagged.ok && tagged.value && { tagged: tagged.value }),
  });
  const file = await jsonFile(told);
  const isWhole = await readsBackWhole(told, file);
  if (isWhole) downloadBlob(fileNameOf(outing, "outing.json"), file);
  else downloadText(fileNameOf(outing, "stored.json"), JSON.stringify(outing, null, 2));
  return {
    isWhole,
    leftOut: [...(tagged.ok ? [] : ["tags" as const]), ...(picture.ok ? [] : ["picture" as const])],
  };
}

/** An outing's file as a text, as it was chosen to leave, without pictures and sound: what a link carries. */
export async function outingText({ outing: own, ...rest }: OutingFile, leaving: Leaving): Promise<string> {
  const outing = asItLeaves(await minded(own), leaving);
  return JSON.stringify(outingInFile({ outing, ...rest, writtenAt: new Date().toISOString() }));
}
