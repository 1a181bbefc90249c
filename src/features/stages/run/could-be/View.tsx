import { useMemo } from "react";
import { couldBe, hourAt } from "@/outing/forecast/forecast";
import { Txt } from "@/ui/controls/Txt";
import { couldBeSentence, hourForecastWords } from "@/words/forecast";
import { useOuting } from "../../../outing/use-outing";

/** What to expect of the card if the forecast holds, and what it could be. */
export function CouldBe() {
  const outing = useOuting((v) => v.outing);
  const input = useOuting((v) => v.input);
  const at = useOuting((v) => v.at);
  const { forecast } = outing;
  const found = useMemo(() => couldBe({ outing, input, at }), [outing, input, at]);
  if (!forecast) return null;
  return (
    <>
      {found && <Txt weight={600}>{couldBeSentence(found)}</Txt>}
      <Txt tone="ink2">{`Forecast: ${hourForecastWords(hourAt(forecast, at))}.`}</Txt>
    </>
  );
}
