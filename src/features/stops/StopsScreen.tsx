import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { z } from "zod";
import {
  TOO_DARK_EXAMPLE,
  tooDark,
  tooDarkFrom,
  type StopsFound,
  type TooDark,
} from "@/answers/stops/too-dark";
import type { WayExposed } from "@/core/exposure";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import {
  blurredSentence,
  clicksWords,
  forwardWords,
  settingsWords,
  signedStops,
  stopSourceName,
  stopSourceWords,
  stopsLeftWords,
  whyDarkSentence,
} from "@/words";
import { HomeFrame } from "../layout/HomeFrame";
import { RecordForm } from "../forms/RecordForm";
import { useKit } from "../store/kit";
import type { FieldSpec } from "../forms/field-spec";

const WAYS: readonly { readonly key: WayExposed; readonly label: string }[] = [
  { key: "manual", label: "All by hand" },
  { key: "auto-iso", label: "ISO by itself" },
  { key: "aperture-priority", label: "Shutter by itself" },
  { key: "shutter-priority", label: "Aperture by itself" },
  { key: "full-auto", label: "Everything" },
  { key: "sport-program", label: "A sport program" },
];

const PLACES = [
  { key: "outdoors", label: "Out of doors" },
  { key: "indoors", label: "Under a roof" },
];

const SPECS: readonly FieldSpec[] = [
  { kind: "shutter", key: "exposure", label: "Shutter" },
  { kind: "number", key: "fNumber", label: "Aperture, f/", min: 1, max: 64, decimals: 1 },
  { kind: "number", key: "iso", label: "ISO", min: 25, max: 819200, decimals: 0 },
  { kind: "choice", key: "way", label: "The camera chose", choices: WAYS },
  { kind: "choice", key: "where", label: "Where it was", choices: PLACES },
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
  { kind: "number", key: "lift", label: "Clicks you push in post", min: 0, max: 12, decimals: 0 },
];

const seconds = z
  .number()
  .min(1 / 32000)
  .max(32);
const schema = z.object({
  exposure: seconds,
  fNumber: z.number(),
  iso: z.number(),
  way: z.enum(["manual", "aperture-priority", "shutter-priority", "auto-iso", "full-auto", "sport-program"]),
  where: z.enum(["outdoors", "indoors"]),
  clicks: z.int(),
  slowest: seconds,
  widest: z.number(),
  ceiling: z.number(),
  lift: z.int(),
});

/** What was used and how dark it came out: why, where the missing stops can come from, and what else helps. */
export function StopsScreen() {
  const router = useRouter();
  const kit = useKit();
  const [told, setTold] = useState<TooDark>();
  const [example, setExample] = useState(false);
  const owned = kit.data?.ok ? kit.data.value : undefined;
  const begun = useMemo(() => told ?? tooDarkFrom(owned), [told, owned]);
  const found = told && tooDark(told);
  const show = (): void => {
    setExample(true);
    setTold(TOO_DARK_EXAMPLE);
  };
  return (
    <HomeFrame place="outings" title="Too dark?">
      <View className="gap-6 px-4">
        {found ? (
          <Verdict found={found} />
        ) : (
          <View className="gap-3">
            <Txt>
              What was set, and how dark it came out: then this says why, and where the light can come from.
            </Txt>
            <Button label="Show me an example" onPress={show} />
          </View>
        )}
        {!kit.isPending && (
          <RecordForm
            key={example ? "example" : "own"}
            specs={SPECS}
            record={begun}
            schema={schema}
            save="Where do the stops come from?"
            onCancel={() => router.replace("/outings")}
            onSave={setTold}
          />
        )}
        {found && <Sources found={found} />}
      </View>
    </HomeFrame>
  );
}

/** What to set now, what remains, and why it came out dark. */
function Verdict({ found }: { found: StopsFound }) {
  const { used, blurred, clicks, settings, left, why } = found;
  return (
    <View className="gap-1" aria-live="polite">
      <Txt size={14} tone="ink2">{`From ${settingsWords(used)}, ${clicksWords(clicks)} too dark, to`}</Txt>
      <Txt size={20} weight={700}>
        {settingsWords(settings)}
      </Txt>
      {blurred > 0 && (
        <Txt weight={600} tone="bracken">
          {blurredSentence(blurred)}
        </Txt>
      )}
      <Txt weight={600} tone={left > 0 ? "bracken" : "ink"}>
        {stopsLeftWords(left)}
      </Txt>
      <Txt>{whyDarkSentence(why)}</Txt>
    </View>
  );
}

/** Where the missing stops can come from, rail by rail, and elsewhere. */
function Sources({ found }: { found: StopsFound }) {
  const { inTurn, alone, elsewhere, forward, alike, settings, clicks, blurred } = found;
  return (
    <View className="gap-4">
      {forward.length > 0 && (
        <View className="gap-1" role="group" aria-label="What else helps">
          <Txt weight={700}>What else helps</Txt>
          {forward.map((way) => (
            <Txt key={way}>{forwardWords(way)}</Txt>
          ))}
        </View>
      )}
      <Lines
        title="In practice, one after the other"
        lines={inTurn.map((s) => [stopSourceName(s.rail), stopSourceWords(s, s.clicks + 1)])}
        none="None of them has anything left to give."
      />
      <Lines
        title="Each alone, up to its limit"
        lines={alone.map((s) => [stopSourceName(s.rail), stopSourceWords(s, clicks + blurred)])}
        none="None of them has anything left to give."
      />
      {elsewhere && (
        <Lines
          title="Another place, in clear weather"
          lines={[
            ["The sun behind you", `${signedStops(elsewhere.frontForBack)} stops against shooting into it`],
            ["Half way round", `${signedStops(elsewhere.frontForSide)} stops from side light to front light`],
            ["Out of the shade", `${signedStops(elsewhere.sunForShade)} stops from shade into the sun`],
          ]}
        />
      )}
      <Lines
        title="The same brightness by other shutters"
        lines={alike.map((s) => {
          const by = s.shutter - settings.shutter;
          const name = by === 0 ? "This one" : by < 0 ? "Slower, cleaner" : "Faster, noisier";
          return [`${name}${by === 0 ? "" : `, ${Math.abs(by)}`}`, settingsWords(s)];
        })}
      />
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
