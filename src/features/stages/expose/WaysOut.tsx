import { View } from "react-native";
import type { Settings } from "@/core/exposure";
import type { Assessment, PricedWay } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import {
  apertureWords,
  clicksAsStops,
  isoWords,
  sacrificeWords,
  shutterWords,
  signedStops,
  stopsNoun,
  twoFigures,
  verdictWords,
} from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOpenOuting, useOuting } from "../../outing/use-outing";

/** Whether the light is short of what the shot asks. */
export const isShort = ({ found }: OutingView): boolean => (found?.settings.short ?? 0) > 0;

/** What a way out costs, in words. */
function priceOf(way: PricedWay, found: Assessment): string {
  const { held, deliveredPixelUm } = found.motion;
  if (way.clicks === 0)
    return {
      lift: "you allow none",
      aperture: "wide open already",
      shutter: "locked",
      iso: "no higher ISO to go to",
    }[way.kind];
  const part = way.left > 0 ? `; ${stopsNoun(way.left)} still missing` : "";
  if (way.kind === "lift") return `noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "iso") return `past your ceiling; noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "aperture") return `less depth${part}`;
  return `${held.name} ${verdictWords(way.verdict)}, ${twoFigures(way.blurUm / deliveredPixelUm)} px${part}`;
}

function nameOf(way: PricedWay): string {
  if (way.clicks === 0) return sacrificeWords(way.kind);
  if (way.kind === "lift") return `Push by ${clicksAsStops(way.clicks)} in post`;
  if (way.kind === "shutter") return shutterWords(way.settings.shutter);
  return way.kind === "aperture" ? apertureWords(way.settings.aperture) : isoWords(way.settings.iso);
}

/** When the light has gone: each way out with its price, in the user's order; a press takes it. */
export function WaysOut() {
  const found = useFound((f) => f);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  const { short, missing, ways, taken } = found.settings;
  const lock = (locked: Partial<Settings>): void => void commit(lockRails(choice.shotId, locked));
  const take = ({ kind, settings }: PricedWay): void => {
    if (kind === "shutter") lock({ ...choice.locked, shutter: settings.shutter });
    if (kind === "aperture") lock({ ...choice.locked, aperture: settings.aperture });
    if (kind === "iso") lock(settings);
    if (kind === "lift") lock({});
  };
  return (
    <View>
      <Txt size={18} weight={700} role="heading" aria-level={3} tone={missing > 0 ? "bracken" : "ink"}>
        {missing > 0
          ? `${stopsNoun(missing)} still missing. Ways out`
          : `${stopsNoun(short)} short. Ways out`}
      </Txt>
      {ways.map((way) => {
        const used = taken.find((t) => t.kind === way.kind);
        return (
          <Row
            key={way.kind}
            title={nameOf(way)}
            detail={priceOf(way, found)}
            value={used ? `used: ${stopsNoun(used.clicks)}` : way.left === 0 ? "enough" : "not enough"}
            valueTone={used ? "moss" : way.left === 0 ? "ink2" : "bracken"}
            onPress={() => take(way)}
          />
        );
      })}
      <Brighter />
    </View>
  );
}

/** Stops of light below which going elsewhere is not worth the walk: half a click. */
const WORTH_GOING = 1 / 6;

/** The positions with more light on the subject. */
function Brighter() {
  const view = useOuting((v) => v);
  const { standAt } = useOpenOuting();
  const here = view.found!.light.ev.value;
  return view.outing.ground.positions.map((position) => {
    const there = view.from(position.id);
    const gain = there?.ok ? there.light.ev.value - here : 0;
    if (position.id === view.position?.id || gain < WORTH_GOING) return null;
    return (
      <Row
        key={position.id}
        title={`Go to ${position.name}`}
        value={`${signedStops(gain)} stops of light`}
        onPress={() => standAt(position.id)}
      />
    );
  });
}
