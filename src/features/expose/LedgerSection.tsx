import { View } from "react-native";
import type { Assessment, PricedWay } from "@/core/judge";
import type { LedgerLine } from "@/core/exposure";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import {
  apertureWords,
  clicksAsStops,
  evWords,
  isoWords,
  sacrificeWords,
  shutterWords,
  signedStops,
  stopsNoun,
  twoFigures,
  verdictWords,
} from "@/words";
import { editChoice, holdRails } from "../stage/edits";
import { useOuting } from "../stage/outing-context";

const HIDDEN_BELOW = 0.05;

/** Where the light comes from and where it is spent, in stops; the lines sum to nothing. */
export function LedgerSection({ found }: { found: Assessment }) {
  const { settings } = found.settings;
  const words: Record<LedgerLine["code"], string> = {
    light: `Light on the subject, ${evWords(found.light.ev.value)}`,
    shutter: `Shutter ${shutterWords(settings.shutter)}`,
    aperture: `Aperture ${apertureWords(settings.aperture)}`,
    iso: isoWords(settings.iso),
    lift: "Lifted later",
    filter: "Grey filter",
    short: "Missing still",
    over: "Too much: a neutral-density filter",
    rounding: "Left over by whole clicks",
  };
  return (
    <View>
      <Txt size={18} weight={700} role="heading" aria-level={3}>
        Stop ledger
      </Txt>
      {found.settings.ledger
        .filter((line) => line.code !== "rounding" || Math.abs(line.stops) > HIDDEN_BELOW)
        .map((line) => {
          const bad = line.code === "short" || line.code === "over";
          return (
            <View
              key={line.code}
              className="min-h-9 flex-row items-center justify-between border-b border-line"
            >
              <Txt tone={bad ? "bracken" : "ink"}>{words[line.code]}</Txt>
              <Txt weight={700} tone={bad ? "bracken" : "ink"}>
                {signedStops(line.stops)}
              </Txt>
            </View>
          );
        })}
    </View>
  );
}

/** What a way out costs, in words. */
function priceOf(way: PricedWay, found: Assessment): string {
  const { held, deliveredPixelUm } = found.motion;
  if (!way.within && way.clicks === 0) return way.kind === "lift" ? "you allow none" : "not on this lens";
  const part = way.within ? "" : `, gives ${clicksAsStops(way.clicks)} only`;
  if (way.kind === "lift")
    return `allowed ${clicksAsStops(way.allowance)}; noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "iso") return `past your ceiling; noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "aperture") return `depth gets shallower${part}`;
  return `${held.name} ${verdictWords(way.verdict)}, ${twoFigures(way.blurUm / deliveredPixelUm)} px`;
}

function nameOf(way: PricedWay): string {
  if (way.clicks === 0) return sacrificeWords(way.kind);
  if (way.kind === "lift") return `Lift by ${clicksAsStops(way.clicks)} later`;
  if (way.kind === "shutter") return shutterWords(way.settings.shutter);
  return way.kind === "aperture" ? apertureWords(way.settings.aperture) : isoWords(way.settings.iso);
}

/** When the light has gone: each way out with its price, in the user's order; a press takes it. */
export function WaysSection({ found }: { found: Assessment }) {
  const { shot, shoot, choice, assessments, change } = useOuting();
  const { missing, ways, taken } = found.settings;
  if (missing === 0) return null;
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
  const brighter = shoot.ground.positions.flatMap((p) => {
    const a = assessments.get(p.id);
    const gain = a?.ok ? a.light.ev.value - found.light.ev.value : 0;
    return p.id !== choice.positionId && gain > 0.16 ? [{ position: p, gain }] : [];
  });
  return (
    <View>
      <Txt size={18} weight={700} role="heading" aria-level={3} tone="bracken">
        {`${stopsNoun(missing)} missing. Ways out`}
      </Txt>
      {ways.map((way) => {
        const used = taken.find((t) => t.kind === way.kind);
        return (
          <Row
            key={way.kind}
            title={nameOf(way)}
            detail={priceOf(way, found)}
            value={used ? `takes ${stopsNoun(used.clicks)}` : way.within ? "would do" : "not enough"}
            valueTone={used ? "moss" : way.within ? "ink2" : "bracken"}
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
