import type { TagsInFile } from "../schema/tag";
import type { BroughtTag, Tags } from "./tags";

/** What is kept beside an outing's record for its file; nothing where there is none. Rejects where it cannot be read. */
export async function carriedTags(tags: Tags, outingId: string): Promise<TagsInFile | undefined> {
  const own = await tags.of(outingId);
  if (own.length === 0) return undefined;
  const sounds: TagsInFile["sounds"] = [];
  for (const { id, kind } of own) {
    const sound = kind === "voice" ? await tags.soundOf(outingId, id) : undefined;
    if (sound) sounds.push({ tagId: id, type: sound.type, file: sound });
  }
  return { tags: own, sounds };
}

/** Of the tags of a file those that are not here yet, for the outing that they come to. Rejects where what is here cannot be read. */
export async function tagsToBring(
  tags: Tags,
  outingId: string,
  { tags: brought, sounds }: TagsInFile,
): Promise<BroughtTag[]> {
  const here = new Set((await tags.of(outingId)).map((t) => t.id));
  return brought
    .filter((tag) => !here.has(tag.id))
    .map((tag) => {
      const sound = sounds.find((s) => s.tagId === tag.id);
      return { outingId, tag, ...(sound && { sound: sound.file }) };
    });
}
