import { View } from "react-native";
import type { Assessment, PricedWay } from "@/core/judge";
import { ledgerBalance, type LedgerLine } from "@/core/exposure";
import { Row } from "@/ui/controls/Row";
import { Txt, type Tone } from "@/ui/controls/Txt";
import {
  apertureWords,
  clicksAsStops,
  signedClicks,
  evWords,
  isoWords,
  sacrificeWords,
  shutterWords,
  signedStops,
  stopsNoun,
  twoFigures,
  verdictWords,
} from "@/words";
import { editChoice, holdRails } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";

/** Where the light comes from and where it is spent, in thirds of a stop; the lines add up to what is left. */
export function LedgerSection({ found }: { found: Assessment }) {
  const { settings, ledger, missing } = found.settings;
  const words: Record<LedgerLine["code"], string> = {
    light: `Light on the subject, ${evWords(found.light.ev.value)}`,
    "close-up": "Lost by focusing so close",
    shutter: `Shutter ${shutterWords(settings.shutter)}`,
    aperture: `Aperture ${apertureWords(settings.aperture)}`,
    iso: isoWords(settings.iso),
    lift: "Pushed in post",
    filter: "Neutral-density filter",
  };
  const balance = ledgerBalance(ledger);
  const verdict = balance === 0 ? "Correct exposure" : missing > 0 ? "Too dark by" : "Too bright by";
  return (
    <View>
      <Txt size={18} weight={700} role="heading" aria-level={3}>
        Stop ledger
      </Txt>
      <View role="table" aria-label="Stop ledger">
        {ledger.map(({ code, clicks }) => (
          <LedgerRow key={code} words={words[code]} value={signedClicks(clicks)} />
        ))}
        <LedgerRow
          words={verdict}
          value={balance === 0 ? "0" : stopsNoun(Math.abs(balance))}
          tone={balance === 0 ? "moss" : "bracken"}
        />
      </View>
    </View>
  );
}

function LedgerRow({ words, value, tone = "ink" }: { words: string; value: string; tone?: Tone }) {
  return (
    <View role="row" className="min-h-9 flex-row items-center justify-between border-b border-line">
      <View role="cell">
        <Txt tone={tone}>{words}</Txt>
      </View>
      <View role="cell">
        <Txt weight={700} tone={tone}>
          {value}
        </Txt>
      </View>
    </View>
  );
}

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
export function WaysSection({ found }: { found: Assessment }) {
  const { shot, outing, choice, assessments, change } = useOuting();
  const { short, missing, ways, taken } = found.settings;
  if (short === 0) return null;
  const take = (way: PricedWay): void => {
    if (way.kind === "shutter") change(holdRails(shot.id, { ...choice.held, shutter: way.settings.shutter }));
    if (way.kind === "aperture")
      change(holdRails(shot.id, { ...choice.held, aperture: way.settings.aperture }));
    if (way.kind === "iso") {
      const { shutter, aperture, iso } = way.settings;
      change(holdRails(shot.id, { shutter, aperture, iso }));
    }
    if (way.kind === "lift") change(holdRails(shot.id, {}));
  };
  const brighter = outing.ground.positions.flatMap((p) => {
    const a = assessments.get(p.id);
    const gain = a?.ok ? a.light.ev.value - found.light.ev.value : 0;
    return p.id !== choice.positionId && gain > 0.16 ? [{ position: p, gain }] : [];
  });
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
      {brighter.map(({ position, gain }) => (
        <Row
          key={position.id}
          title={`Go to ${position.name}`}
          value={`${signedStops(gain)} stops of light`}
          onPress={() => change(editChoice(shot.id, { positionId: position.id }))}
        />
      ))}
    </View>
  );
}
