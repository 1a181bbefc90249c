import { fileNameOf, type Outing } from "@/data";
import { sidecarWith, type Sidecar } from "@/data/pictures/sidecar";
import { captionFor, type Caption, type CaptionWays } from "@/outing/captions/caption";
import { seriesNames, type FrameOf } from "@/outing/frames/deliver";
import { sidecarBeside, sidecarName } from "@/outing/frames/sidecars";
import { downloadBlob } from "../../../store/file-transfer";
import type { SidecarFile } from "./files-at-hand";
import { scaledCopy } from "../../../store/picture-anew";
import { pictureOf } from "./look-at";

/** What became of what went out: how many, and what stayed with why. */
export interface WentOut {
  readonly pictures: number;
  readonly sidecars: number;
  /** Sidecars that could not be read: left alone. */
  readonly leftAlone: readonly string[];
  /** Frames without a picture to look at. */
  readonly without: readonly string[];
  /** Frames with somebody in them who refused. */
  readonly flagged: readonly string[];
}

interface Going {
  readonly outing: Outing;
  readonly frames: readonly FrameOf[];
  readonly ways: CaptionWays;
  readonly files: ReadonlyMap<string, File>;
  readonly sidecars: readonly SidecarFile[];
}

interface Made {
  readonly name: string;
  readonly text: string;
}

/** What stands in a sidecar now: from its folder where there is one, since it may have been written to after it was chosen. */
async function standingIn(
  folder: FileSystemDirectoryHandle | undefined,
  name: string,
  chosen: File | undefined,
): Promise<string | undefined> {
  const path = name.split("/");
  let at = folder;
  for (const part of path.slice(0, -1)) at = await at?.getDirectoryHandle(part).catch(() => undefined);
  const handle = await at?.getFileHandle(path.at(-1)!).catch(() => undefined);
  return handle ? (await handle.getFile()).text() : chosen?.text();
}

/** Sidecars of frames beside their pictures, what stands of them kept; those that cannot be read; frames with somebody who refused. */
async function sidecarsOf(
  { outing, frames, ways, sidecars }: Going,
  folder: FileSystemDirectoryHandle | undefined,
): Promise<{ made: Made[]; leftAlone: string[]; flagged: string[] }> {
  const made: Made[] = [];
  const leftAlone: string[] = [];
  const flagged: string[] = [];
  for (const { frame, burst } of frames) {
    const { sidecar, isRefused } = captionFor(outing, frame, burst, ways);
    const picture = frame.files[0]!.name;
    if (isRefused) flagged.push(picture);
    const chosen = sidecarBeside(picture, sidecars);
    const name = chosen?.name ?? sidecarName(picture);
    // A file that was changed since it was chosen cannot be read any more: it is left alone too.
    const standing = await standingIn(folder, name, chosen?.file).then(
      (text) => ({ text }),
      () => undefined,
    );
    const written = standing && sidecarWith(sidecar, standing.text);
    if (written?.ok) made.push({ name, text: written.text });
    else leftAlone.push(name);
  }
  return { made, leftAlone, flagged };
}

interface Writing extends FileSystemDirectoryHandle {
  requestPermission?(options: { readonly mode: "readwrite" }): Promise<PermissionState>;
}

/** Whether a folder may be written to; asks for it. */
async function mayWrite(folder: FileSystemDirectoryHandle | undefined): Promise<boolean> {
  if (!folder) return false;
  const state = await (folder as Writing)
    .requestPermission?.({ mode: "readwrite" })
    .catch(() => "denied" as const);
  return state === "granted";
}

async function writeInto(folder: FileSystemDirectoryHandle, { name, text }: Made): Promise<void> {
  const path = name.split("/");
  let at = folder;
  for (const part of path.slice(0, -1)) at = await at.getDirectoryHandle(part);
  const file = await at.getFileHandle(path.at(-1)!, { create: true });
  const stream = await file.createWritable();
  await stream.write(text);
  // What was written is swapped in as a whole when it is closed: nothing is half-written.
  await stream.close();
}

/** Writes sidecars into the folder of the pictures where it may, else into a zip. Pictures are not touched. */
export async function writeSidecars(
  going: Going,
  folder: FileSystemDirectoryHandle | undefined,
): Promise<WentOut> {
  const into = (await mayWrite(folder)) ? folder : undefined;
  const { made, leftAlone, flagged } = await sidecarsOf(going, into);
  if (into) for (const one of made) await writeInto(into, one);
  else if (made.length > 0) {
    const { downloadZip } = await import("client-zip");
    const zip = await downloadZip(made.map(({ name, text }) => ({ name, input: text }))).blob();
    downloadBlob(fileNameOf(going.outing, "sidecars.zip"), zip);
  }
  return { pictures: 0, sidecars: made.length, leftAlone, without: [], flagged };
}

const HEADS = ["file", "original", "taken", "headline", "caption", "people", "event", "for", "note"];

/** The rows of what is delivered, for the table that goes along. */
function rowOf(
  name: string,
  { frame, burst }: FrameOf,
  { sidecar, isRefused }: Caption,
  whom: string,
): string[] {
  return [
    name,
    frame.files[0]!.name,
    new Date(burst.from + (frame.taken - burst.frames[0]!.taken)).toISOString(),
    sidecar.title,
    sidecar.description,
    sidecar.persons.join("; "),
    sidecar.event,
    whom,
    isRefused ? "somebody in it refused to be shown" : "",
  ];
}

/**
 * Copies at the size of a delivery, each with its sidecar, and one table of all, as one zip that is made while it is written. `told` hears
 * how many are done.
 */
export async function deliverCopies(
  going: Going,
  {
    longEdgePx,
    whom,
    ending,
  }: { readonly longEdgePx: number; readonly whom: string; readonly ending: string },
  told: (done: number) => void,
): Promise<WentOut> {
  const { outing, frames, ways, files } = going;
  const names = seriesNames(outing, frames);
  const without: string[] = [];
  const flagged: string[] = [];
  const rows: string[][] = [HEADS];
  let pictures = 0;
  async function* parts(): AsyncGenerator<{ name: string; input: Blob | string }> {
    let done = 0;
    for (const one of frames) {
      const { frame, burst } = one;
      const caption = captionFor(outing, frame, burst, ways);
      if (caption.isRefused) flagged.push(frame.files[0]!.name);
      const picture = await pictureOf(frame, files);
      const copy = picture && (await scaledCopy(picture, longEdgePx, { quality: 0.9, smoothing: "high" }));
      told(++done);
      if (!copy) {
        without.push(frame.files[0]!.name);
        continue;
      }
      pictures++;
      const name = names.get(frame.id)!;
      rows.push(rowOf(`${name}.jpg`, one, caption, whom));
      yield { name: `${name}.jpg`, input: copy };
      const written = sidecarWith(caption.sidecar satisfies Sidecar);
      if (written.ok) yield { name: `${name}.xmp`, input: written.text };
    }
    const { csvOf } = await import("@/outing/programme/programme-files");
    yield { name: "delivery.csv", input: csvOf(rows) };
  }
  const { downloadZip } = await import("client-zip");
  const zip = await downloadZip(parts()).blob();
  if (pictures > 0) downloadBlob(fileNameOf(outing, `${ending}.zip`), zip);
  return { pictures, sidecars: pictures, leftAlone: [], without, flagged };
}

/** The list of what goes to whom, as a table. */
export async function deliveryList(
  going: Going,
  whomOf: (frame: FrameOf["frame"]) => readonly string[],
): Promise<void> {
  const { csvOf } = await import("@/outing/programme/programme-files");
  const names = seriesNames(going.outing, going.frames);
  const rows = going.frames
    .flatMap((one) =>
      whomOf(one.frame).map((whom) =>
        rowOf(
          names.get(one.frame.id)!,
          one,
          captionFor(going.outing, one.frame, one.burst, going.ways),
          whom,
        ),
      ),
    )
    .toSorted((a, b) => (a[7]! < b[7]! ? -1 : a[7]! > b[7]! ? 1 : 0));
  downloadBlob(
    fileNameOf(going.outing, "delivery.csv"),
    new Blob([csvOf([HEADS, ...rows])], { type: "text/csv" }),
  );
}
