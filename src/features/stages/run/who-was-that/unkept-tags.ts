import { tagSchema, type Tag } from "@/data";
import { base64Of, blobFrom } from "@/data/base64";

/** What could not be kept: it lives on the page alone until it is kept or carried away. */
export interface Unkept {
  readonly outingId: string;
  readonly tag: Tag;
  readonly sound?: Blob;
  /** The tag is kept, and its sound alone found no room. */
  readonly soundOnly: boolean;
  readonly reason: "storage-full" | "storage-failed";
}

type Written = Omit<Unkept, "sound"> & { readonly type?: string; readonly base64?: string };

const KEY = "bp/unkept-tags";

/** The last call wins: a sound takes a moment to be written as letters. */
let calls = 0;

/** Remembers in the tab what is not kept, over a reload; with what was spoken where there is room, else the tags alone. */
export async function rememberUnkept(unkept: readonly Unkept[]): Promise<void> {
  const call = ++calls;
  const whole = await Promise.all(
    unkept.map(async ({ sound, ...rest }): Promise<Written> =>
      sound ? { ...rest, type: sound.type, base64: await base64Of(sound) } : rest,
    ),
  );
  if (call !== calls) return;
  const bare = whole.filter((u) => !u.soundOnly).map(({ base64: _, ...rest }) => rest);
  try {
    if (unkept.length === 0) sessionStorage.removeItem(KEY);
    else if (!written(whole)) written(bare);
  } catch {
    // The tab asks before it is left.
  }
}

function written(list: readonly Written[]): boolean {
  try {
    sessionStorage.setItem(KEY, JSON.stringify(list));
    return true;
  } catch {
    return false;
  }
}

/** What the tab had not kept before it was loaded anew. */
export function recallUnkept(): Unkept[] {
  try {
    const list = JSON.parse(sessionStorage.getItem(KEY) ?? "[]") as readonly Written[];
    return list
      .filter(({ tag }) => tagSchema.safeParse(tag).success)
      .map(({ type, base64, ...rest }) =>
        base64 === undefined ? rest : { ...rest, sound: blobFrom(base64, type ?? "") },
      );
  } catch {
    return [];
  }
}
