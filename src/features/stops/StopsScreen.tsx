import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { z } from "zod";
import {
  apertureMark,
  apertureNearest,
  equalExposures,
  findStops,
  isoMark,
  isoNearest,
  SCALE,
  shutterNearest,
  stopsTogether,
  whyDark,
  type FindStopsInput,
  type WayExposed,
} from "@/core/exposure";
import { placeGains } from "@/core/light";
import { Txt } from "@/ui/controls/Txt";
import {
  clicksWords,
  settingsWords,
  signedStops,
  stopSourceName,
  stopSourceWords,
  stopsLeftWords,
  whyDarkSentence,
} from "@/words";
import { HomeFrame } from "../layout/HomeFrame";
import { RecordForm } from "../forms/RecordForm";
import type { FieldSpec } from "../forms/field-spec";

const WAYS: readonly { readonly key: WayExposed; readonly label: string }[] = [
  { key: "manual", label: "All by hand" },
  { key: "auto-iso", label: "ISO by itself" },
  { key: "aperture-priority", label: "Shutter by itself" },
  { key: "shutter-priority", label: "Aperture by itself" },
];

const SPECS: readonly FieldSpec[] = [
  { kind: "shutter", key: "exposure", label: "Shutter" },
  { kind: "number", key: "fNumber", label: "Aperture, f/", min: 1, max: 64, decimals: 1 },
  { kind: "number", key: "iso", label: "ISO", min: 25, max: 819200, decimals: 0 },
  { kind: "choice", key: "way", label: "The camera chose", choices: WAYS },
  {
    kind: "number",
    key: "clicks",
    label: "Clicks too dark",
    hint: "A click is a third of a stop: 9 are three stops.",
    min: 1,
    max: 30,
    decimals: 0,
  },
  { kind: "shutter", key: "slowest", label: "Slowest shutter that still holds the movement" },
  { kind: "number", key: "widest", label: "Widest aperture of the lens, f/", min: 1, max: 64, decimals: 1 },
  { kind: "number", key: "ceiling", label: "Highest ISO you accept", min: 25, max: 819200, decimals: 0 },
  { kind: "number", key: "lift", label: "Clicks you lift afterwards", min: 0, max: 12, decimals: 0 },
];

const seconds = z
  .number()
  .min(1 / 32000)
  .max(32);
const schema = z.object({
  exposure: seconds,
  fNumber: z.number(),
  iso: z.number(),
  way: z.enum(["manual", "aperture-priority", "shutter-priority", "auto-iso"]),
  clicks: z.int(),
  slowest: seconds,
  widest: z.number(),
  ceiling: z.number(),
  lift: z.int(),
});
type Asked = z.infer<typeof schema>;

/** A frame of an evening match, three stops dark (common practice, no source). */
const BEGINNING: Asked = {
  exposure: 1 / 800,
  fNumber: apertureMark(apertureNearest(2.8)),
  iso: isoMark(isoNearest(2000)),
  way: "manual",
  clicks: 9,
  slowest: 1 / 500,
  widest: apertureMark(apertureNearest(2.8)),
  ceiling: isoMark(isoNearest(5000)),
  lift: 0,
};

const inputOf = (asked: Asked): FindStopsInput => ({
  settings: {
    shutter: shutterNearest(asked.exposure),
    aperture: apertureNearest(asked.fNumber),
    iso: isoNearest(asked.iso),
  },
  clicks: asked.clicks,
  slowestShutter: shutterNearest(asked.slowest),
  widestAperture: apertureNearest(asked.widest),
  isoCeiling: isoNearest(asked.ceiling),
  liftClicks: asked.lift,
});

/** What was used and how dark it came out: why, where the missing stops can come from, and what another place gives. */
export function StopsScreen() {
  const router = useRouter();
  const [asked, setAsked] = useState<Asked>(BEGINNING);
  const input = inputOf(asked);
  return (
    <HomeFrame place="outings" title="Too dark?">
      <View className="gap-6 px-4">
        <Verdict input={input} way={asked.way} />
        <RecordForm
          specs={SPECS}
          record={asked}
          schema={schema}
          save="Where do the stops come from?"
          onCancel={() => router.replace("/outings")}
          onSave={setAsked}
        />
        <Sources input={input} />
      </View>
    </HomeFrame>
  );
}

/** What to set now, what remains, and why it came out dark. */
function Verdict({ input, way }: { input: FindStopsInput; way: WayExposed }) {
  const { settings, left } = stopsTogether(input);
  return (
    <View className="gap-1" aria-live="polite">
      <Txt
        size={14}
        tone="ink2"
      >{`From ${settingsWords(input.settings)}, ${clicksWords(input.clicks)} too dark, to`}</Txt>
      <Txt size={24} weight={700}>
        {settingsWords(settings)}
      </Txt>
      <Txt weight={600} tone={left > 0 ? "bracken" : "ink"}>
        {stopsLeftWords(left)}
      </Txt>
      <Txt>{whyDarkSentence(whyDark(way, input))}</Txt>
    </View>
  );
}

/** Where the missing stops can come from, rail by rail, and elsewhere. */
function Sources({ input }: { input: FindStopsInput }) {
  const together = stopsTogether(input);
  const alone = findStops(input);
  return (
    <View className="gap-4">
      <Lines
        title="In practice, one after the other"
        lines={together.taken.map((s) => [stopSourceName(s.rail), stopSourceWords(s, s.clicks + 1)])}
        none="None of them has anything left to give."
      />
      <Lines
        title="Each alone, up to its limit"
        lines={alone.map((s) => [stopSourceName(s.rail), stopSourceWords(s, input.clicks)])}
        none="None of them has anything left to give."
      />
      <Elsewhere />
      <SameExposure input={input} settings={together.settings} />
    </View>
  );
}

interface LinesProps {
  readonly title: string;
  readonly lines: readonly (readonly [name: string, words: string])[];
  readonly none?: string;
}

function Lines({ title, lines, none }: LinesProps) {
  return (
    <View className="gap-1">
      <Txt weight={700}>{title}</Txt>
      {lines.length === 0 && none && <Txt tone="ink2">{none}</Txt>}
      <View role="list" aria-label={title}>
        {lines.map(([name, words]) => (
          <View key={name} role="listitem" className="flex-row gap-3 border-b border-line py-2">
            <Txt weight={600} className="w-[38%] max-w-[200px]">
              {name}
            </Txt>
            <Txt className="min-w-0 flex-1">{words}</Txt>
          </View>
        ))}
      </View>
    </View>
  );
}

/** Degrees above the horizon of the sun that is spoken of. */
const MIDDLE_SUN = 40;

/** What another place gives without touching the camera. */
function Elsewhere() {
  const gains = placeGains(MIDDLE_SUN);
  return (
    <Lines
      title="Another place, in clear weather"
      lines={[
        ["The sun behind you", `${signedStops(gains.frontForBack)} stops against shooting into it`],
        ["Half way round", `${signedStops(gains.frontForSide)} stops from side light to front light`],
        ["Out of the shade", `${signedStops(gains.sunForShade)} stops from shade into the sun`],
      ]}
    />
  );
}

/** Exposures that are listed at most on either side of the one in hand. */
const ABOUT = 3;

/** The same brightness by other shutters, with the ISO that follows. */
function SameExposure({ input, settings }: { input: FindStopsInput; settings: FindStopsInput["settings"] }) {
  const all = equalExposures(settings, {
    fastestShutter: SCALE.shutter.last,
    isoFloor: SCALE.iso.first,
    isoCeiling: Math.max(settings.iso, input.isoCeiling),
  });
  const at = all.findIndex((s) => s.shutter === settings.shutter);
  const shown = all.slice(Math.max(0, at - ABOUT), at + ABOUT + 1);
  return (
    <Lines
      title="The same brightness by other shutters"
      lines={shown.map((s) => {
        const by = s.shutter - settings.shutter;
        const name = by === 0 ? "This one" : by < 0 ? "Slower, cleaner" : "Faster, noisier";
        return [`${name}${by === 0 ? "" : `, ${Math.abs(by)}`}`, settingsWords(s)];
      })}
    />
  );
}
