/**
 * Writes the small pictures of the demo's outing that is over, with Exif, and its frames and tags: what a camera with a wrong clock would have
 * brought home. Drawn by the application's own picture; who is in them, and how steady the hand was, is invented and seeded.
 */
import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import jpeg from "jpeg-js";
import piexif from "piexifjs";
import { displayBytes, pictureOf, renderPicture } from "../src/core/picture";
import { apertureFNumber, isoSpeed, shutterSeconds } from "../src/core/exposure";
import { withShutter } from "../src/core/judge";
import { readHeader } from "../src/data/pictures/read-header";
import type { BodyClock, Frame } from "../src/data/schema/frame";
import type { Tag } from "../src/data";
import { framesFrom, type PictureRead } from "../src/outing/frames/frames-from";
import { figureOf } from "../src/answers/frame/figure-of";
import { hockeyQuarterFinal } from "../demo/hockey-quarter-final";
import { evidenceOf } from "../src/answers/review/frames/evidence";
import { plannedShots } from "../src/answers/review/frames/planned";
import { clocksFound, frameBursts } from "../src/outing/frames/bursts";
import { judgedSeries } from "../src/outing/frames/judged";
import { matchedBursts } from "../src/outing/frames/matched";
import { learntFrom, switched } from "../src/outing/learnt/learnt";
import { smearModel } from "../src/answers/review/frames/smears";
import { looked } from "../test/outings";

const FOLDER = path.resolve(__dirname, "../public/demo");
const COUNTED = path.resolve(__dirname, "../demo/quarter-final-counted.json");
const FRAMES = path.resolve(__dirname, "../demo/quarter-final-frames.json");
/** Pixels across a picture; one that is panned takes longer to draw. */
const WIDTH = { still: 420, panned: 280 };
/** Seconds by which the two bodies' clocks are ahead. */
const AHEAD = { "Full-frame 24": 3600 + 47.3, "Crop 26": -211.6 } as const;
type BodyName = keyof typeof AHEAD;

/** A seeded die, the same on every machine (Park and Miller). */
let state = 20261003;
const roll = (): number => (state = (state * 16807) % 2147483647) / 2147483647;
const normal = (): number => Math.sqrt(-2 * Math.log(roll())) * Math.cos(2 * Math.PI * roll());

interface Burst {
  readonly shot: string;
  readonly body: BodyName;
  /** Minutes after the start. */
  readonly at: number;
  readonly frames: number;
  /** Clicks of the shutter beside the planned one. */
  readonly by: number;
  /** Share of its frames that are kept. */
  readonly kept: number;
  readonly tag?: readonly string[];
}

const BURSTS: readonly Burst[] = [
  { shot: "wingers-run", body: "Full-frame 24", at: 3.2, frames: 4, by: 0, kept: 0.5, tag: ["Ines Dahl"] },
  { shot: "drag-flick", body: "Full-frame 24", at: 7.6, frames: 4, by: 0, kept: 0.5, tag: ["Tova Brandt"] },
  { shot: "keepers-save", body: "Crop 26", at: 7.9, frames: 3, by: 0, kept: 0.34, tag: ["Runa Falk"] },
  { shot: "wingers-run", body: "Full-frame 24", at: 12.4, frames: 6, by: -6, kept: 0 },
  {
    shot: "wingers-run",
    body: "Full-frame 24",
    at: 20.1,
    frames: 4,
    by: 3,
    kept: 0.75,
    tag: ["Ines Dahl", "Mila Oster"],
  },
  { shot: "drag-flick", body: "Full-frame 24", at: 26.5, frames: 4, by: -3, kept: 0.25 },
  { shot: "winger-panned", body: "Full-frame 24", at: 30.2, frames: 4, by: 0, kept: 0.5, tag: ["Ines Dahl"] },
  { shot: "wingers-run", body: "Full-frame 24", at: 32.0, frames: 6, by: 3, kept: 0.84, tag: ["Ines Dahl"] },
  { shot: "wingers-run", body: "Full-frame 24", at: 49.4, frames: 6, by: -6, kept: 0 },
  { shot: "wingers-run", body: "Full-frame 24", at: 66.3, frames: 6, by: 3, kept: 1 },
  { shot: "wingers-run", body: "Full-frame 24", at: 46.8, frames: 6, by: -6, kept: 0 },
  { shot: "winger-panned", body: "Full-frame 24", at: 52.7, frames: 4, by: 0, kept: 0.25 },
  { shot: "drag-flick", body: "Full-frame 24", at: 56.3, frames: 4, by: 0, kept: 0.75, tag: ["Tova Brandt"] },
  { shot: "keepers-save", body: "Crop 26", at: 64.4, frames: 3, by: 0, kept: 0.67, tag: ["Runa Falk"] },
  { shot: "wingers-run", body: "Full-frame 24", at: 70.9, frames: 6, by: 3, kept: 1, tag: ["Ines Dahl"] },
  { shot: "winger-panned", body: "Full-frame 24", at: 74.1, frames: 4, by: 0, kept: 0.5 },
  { shot: "coach-after-a-goal", body: "Full-frame 24", at: 82.5, frames: 2, by: 0, kept: 0 },
  { shot: "coach-after-a-goal", body: "Full-frame 24", at: 86.2, frames: 2, by: 0, kept: 0 },
];

const home = looked(hockeyQuarterFinal);
const { starts } = home.view.window;

const two = (n: number): string => String(n).padStart(2, "0");

/** What a camera would write, whose clock is ahead so many seconds. */
function exifOf(
  at: number,
  body: BodyName,
  mm: number,
  seconds: number,
  fNumber: number,
  iso: number,
): string {
  const shown = new Date(at + 1000 * AHEAD[body] + 3_600_000);
  const date = `${shown.getUTCFullYear()}:${two(shown.getUTCMonth() + 1)}:${two(shown.getUTCDate())}`;
  const time = `${two(shown.getUTCHours())}:${two(shown.getUTCMinutes())}:${two(shown.getUTCSeconds())}`;
  const { ImageIFD, ExifIFD } = piexif;
  return piexif.dump({
    "0th": { [ImageIFD.Model]: body },
    Exif: {
      [ExifIFD.DateTimeOriginal]: `${date} ${time}`,
      [ExifIFD.SubSecTimeOriginal]: two(Math.floor(shown.getUTCMilliseconds() / 10)),
      [ExifIFD.ExposureTime]: [1, Math.round(1 / seconds)],
      [ExifIFD.FNumber]: [Math.round(fNumber * 10), 10],
      [ExifIFD.ISOSpeedRatings]: Math.round(iso),
      [ExifIFD.FocalLength]: [Math.round(mm), 1],
    },
    GPS: {},
  });
}

/** A picture of a shot as a JPEG; what a hand did to it this time is drawn by a shutter that smears as much. */
function picture(burst: Burst, offClicks: number): { binary: string; exif: (at: number) => string } {
  const of = home
    .shot(burst.shot)
    .from(positionOf(burst.shot))
    .at(starts + burst.at * 60_000);
  const { input, found, frame: view } = of;
  if (!input || !found || !view) throw new Error(`no picture of ${burst.shot}`);
  const shutter = found.settings.settings.shutter + burst.by;
  const figure = figureOf(of);
  const isPanned = input.shot.technique === "panned";
  const made = renderPicture(
    pictureOf({
      input,
      found,
      view,
      figure,
      shutter: shutter + offClicks,
      width: isPanned ? WIDTH.panned : WIDTH.still,
    }),
  );
  const { data } = jpeg.encode({ data: displayBytes(made), width: made.width, height: made.height }, 62);
  const settings = withShutter(found, shutter);
  const mm = found.sighting.frame.focalLengthMm;
  return {
    binary: Buffer.from(data).toString("binary"),
    exif: (at) =>
      exifOf(
        at,
        burst.body,
        mm,
        shutterSeconds(settings.shutter),
        apertureFNumber(settings.aperture),
        isoSpeed(settings.iso),
      ),
  };
}

function positionOf(shotId: string): string {
  return hockeyQuarterFinal.choices.find((c) => c.shotId === shotId)?.positionId ?? "b";
}

async function write(): Promise<void> {
  rmSync(FOLDER, { recursive: true, force: true });
  mkdirSync(FOLDER, { recursive: true });
  const read: PictureRead[] = [];
  const marks = new Map<string, { mark: Frame["mark"]; shot: string; isTold: boolean }>();
  const tags: Tag[] = [];
  let number = 4101;
  for (const burst of BURSTS) {
    const from = starts + burst.at * 60_000 + Math.round(20_000 * roll());
    const keeps = Math.round(burst.kept * burst.frames);
    for (let i = 0; i < burst.frames; i++) {
      const at = from + i * 110;
      const isKept = i < keeps;
      const name = `demo/B${number++}.JPG`;
      const { binary, exif } = picture(
        burst,
        isKept ? 0 : burst.shot === "winger-panned" ? -1 : -3 - (i % 2),
      );
      const bytes = Buffer.from(piexif.insert(exif(at), binary), "binary");
      writeFileSync(path.resolve(__dirname, "../public", name), bytes);
      const header = await readHeader(new Uint8Array(bytes).buffer, name, {
        timeZone: hockeyQuarterFinal.timeZone,
        keepsPlace: false,
      });
      if (!header.ok) throw new Error(`${name}: ${header.reason}`);
      read.push({ name, size: bytes.length, header: header.header });
      marks.set(name, {
        mark: isKept ? "keep" : i === keeps ? "perhaps" : "away",
        shot: burst.shot,
        // What was taken otherwise than planned was put right by hand.
        isTold: burst.by !== 0 || burst.shot === "coach-after-a-goal",
      });
    }
    const event = hockeyQuarterFinal.programme!.findLast((e) => {
      const [h, m] = e.at.split(":").map(Number) as [number, number];
      return starts + ((h - 14) * 60 + m) * 60_000 <= from;
    });
    if (burst.tag)
      tags.push({
        id: `t${tags.length + 1}`,
        at: Math.round(from + burst.frames * 110 + 4000 + 12_000 * roll()),
        kind: "person",
        names: [...burst.tag],
        shotId: burst.shot,
        ...(event && { eventId: event.id }),
      });
  }
  let id = 0;
  const { frames } = framesFrom(read, [], () => `q${String(++id).padStart(3, "0")}`);
  const told = frames.map((frame): Frame => {
    const { mark, shot, isTold } = marks.get(frame.files[0]!.name)!;
    const smear = shot === "winger-panned" ? smearOf(frame, shot) : undefined;
    return {
      ...frame,
      ...(mark && { mark }),
      ...(smear && { smear }),
      ...(isTold && { told: { shotId: shot } }),
    };
  });
  const photographed: BodyClock = {
    body: "Crop 26",
    ahead: Math.round(AHEAD["Crop 26"]),
    error: 0.5,
    drift: 0,
    at: starts,
    by: "picture",
  };
  const found = clocksFound(hockeyQuarterFinal, told, [photographed], tags);
  const clocks = [...found, photographed];
  writeFileSync(FRAMES, `${JSON.stringify({ tags, framed: { frames: told, clocks } })}\n`);
  const bursts = matchedBursts(hockeyQuarterFinal, frameBursts(told, clocks), tags, plannedShots(home.view));
  const log = judgedSeries(bursts);
  const evidence = evidenceOf(home.view, bursts);
  const all = learntFrom([{ ...hockeyQuarterFinal, log, evidence }]);
  const learnt = switched({}, "pan", all, true);
  writeFileSync(COUNTED, `${JSON.stringify({ log, evidence, learnt })}\n`);
  console.log(`${clocks.length} clocks, ${bursts.length} bursts, ${JSON.stringify(learnt)}`);
  console.log(`${told.length} frames, ${tags.length} tags`);
}

/** The smear of a pan by a hand whose turn is off by 3.4 % on the whole. */
function smearOf(frame: Frame, shotId: string): Frame["smear"] {
  const of = home.shot(shotId).from(positionOf(shotId)).view;
  const model = smearModel(of, shotId, frame);
  if (!model) throw new Error("no model of the pan");
  const longPx = 6000;
  const um = Math.hypot(0.034 * model.streakUm * normal(), model.restUm);
  return { px: Math.round(10 * ((um * longPx) / model.sensorUm)) / 10, longPx };
}

void write();
