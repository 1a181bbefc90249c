import { View } from "react-native";
import type { Explained } from "@/answers/explain/explain";
import { ledger } from "@/answers/expose/ledger";
import type { LedgerLine } from "@/core/exposure";
import type { OutingView } from "@/outing/outing-view";
import { StackedBar } from "@/ui/charts/StackedBar";
import { FactLine } from "@/ui/controls/FactLine";
import { apertureWords, evWords, isoWords, shutterWords, signedClicks, stopsNoun } from "@/words";
import { SumFact } from "../../reasons/SumFact";
import { Yours } from "../../reasons/Yours";
import { useTokens } from "@/ui/theme/theme";
import { useFound, useOuting } from "../../../outing/use-outing";

/** What is left when all is added up. */
export const ledgerAnswer = (view: OutingView): string => {
  const answer = ledger(view);
  return answer ? balanceWords(answer.balance) : "";
};

const balanceWords = (balance: number): string =>
  balance === 0
    ? "correct exposure"
    : `${stopsNoun(Math.abs(balance))} too ${balance < 0 ? "dark" : "bright"}`;

/** What each line opens to; the push in post is the owner's own. */
const OPENS: Readonly<Record<LedgerLine["code"], Explained | undefined>> = {
  light: "ev",
  "close-up": "closeUpLoss",
  netting: "nettingLoss",
  glass: "glassLoss",
  shutter: "shutter",
  aperture: "aperture",
  iso: "iso",
  filter: "filter",
  lift: undefined,
};

/** What each line is called in the drawing. */
const SHORT: Readonly<Record<LedgerLine["code"], string>> = {
  light: "light",
  "close-up": "close-up",
  netting: "netting",
  glass: "glass",
  shutter: "shutter",
  aperture: "aperture",
  iso: "ISO",
  lift: "post",
  filter: "filter",
};

/** What gives light over what spends it, to one scale: they end together where the exposure is right. */
function Balance({ lines }: { lines: readonly LedgerLine[] }) {
  const tokens = useTokens();
  const sumOf = (some: readonly LedgerLine[]): number =>
    some.reduce((sum, { clicks }) => sum + Math.abs(clicks), 0);
  const sides = [
    { label: "Gives", of: lines.filter(({ clicks }) => clicks > 0), colours: [tokens.sunFill, tokens.sun] },
    { label: "Spends", of: lines.filter(({ clicks }) => clicks < 0), colours: [tokens.water, tokens.ink2] },
  ].filter(({ of }) => of.length > 0);
  const longest = Math.max(...sides.map(({ of }) => sumOf(of)));
  return (
    <View className="gap-1 pb-2">
      {sides.map(({ label, of, colours }) => (
        <View key={label} style={{ width: `${(100 * sumOf(of)) / longest}%` }}>
          <StackedBar
            label={label}
            parts={of.map(({ code, clicks }, i) => ({
              key: code,
              colour: colours[i % colours.length]!,
              words: SHORT[code],
              share: Math.abs(clicks) / sumOf(of),
              figure: signedClicks(clicks),
            }))}
          />
        </View>
      ))}
    </View>
  );
}

/** Where the light comes from and where it is spent, in thirds of a stop; the lines add up to what is left. */
export function Ledger() {
  const answer = useOuting(ledger);
  const settings = useFound((found) => found.settings.settings);
  const ev = useFound((found) => found.light.ev);
  const words: Record<LedgerLine["code"], string> = {
    light: `Light on the subject, ${evWords(ev)}`,
    "close-up": "Lost by focusing so close",
    netting: "Lost in the netting",
    glass: "Lost in the glass",
    shutter: `Shutter ${shutterWords(settings.shutter)}`,
    aperture: `Aperture ${apertureWords(settings.aperture)}`,
    iso: isoWords(settings.iso),
    lift: "Pushed in post",
    filter: "Neutral-density filter",
  };
  if (!answer) return null;
  const { lines, balance } = answer;
  const verdict = balance === 0 ? "Correct exposure" : balance < 0 ? "Too dark by" : "Too bright by";
  return (
    <View role="group" aria-label="Lines of the ledger">
      <Balance lines={lines} />
      {lines.map(({ code, clicks }) => (
        <SumFact key={code} of={OPENS[code]} name={words[code]} value={signedClicks(clicks)} />
      ))}
      <FactLine
        name={verdict}
        value={balance === 0 ? "0" : stopsNoun(Math.abs(balance))}
        tone={balance === 0 ? "moss" : "bracken"}
      />
      <Yours of="iso" />
      <Yours of="lift" />
    </View>
  );
}
