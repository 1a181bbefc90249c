import { base64Of, blobFrom } from "./base64";
import type { TagsInFile } from "./schema/tag";
import { tags } from "./tags";

/** What is kept beside an outing's record for its file; nothing where there is none, or it cannot be read. */
export async function carriedTags(outingId: string): Promise<TagsInFile | undefined> {
  const own = await tags.of(outingId).catch(() => []);
  if (own.length === 0) return undefined;
  const sounds: TagsInFile["sounds"] = [];
  for (const { id, kind } of own) {
    const sound = kind === "voice" ? await tags.soundOf(outingId, id).catch(() => undefined) : undefined;
    if (sound) sounds.push({ tagId: id, type: sound.type, base64: await base64Of(sound) });
  }
  return { tags: own, sounds };
}

/** Puts the tags of a file beside those that are here; one that is here already stays as it is. */
export async function bringTags(outingId: string, { tags: brought, sounds }: TagsInFile): Promise<void> {
  const here = new Set((await tags.of(outingId)).map((t) => t.id));
  for (const tag of brought) {
    if (here.has(tag.id)) continue;
    const sound = sounds.find((s) => s.tagId === tag.id);
    await tags.add(outingId, tag, sound && blobFrom(sound.base64, sound.type));
  }
}
