import { useState } from "react";
import { textOfFile } from "@/data/files/text-of-file";
import { View } from "react-native";
import {
  hourAt,
  planWithForecast,
  readForecast,
  setForecast,
  type ForecastRead,
} from "@/outing/forecast/forecast";
import { Button } from "@/ui/controls/Button";
import { FileButton } from "@/ui/controls/FileButton";
import { Txt } from "@/ui/controls/Txt";
import { forecastFault, hourForecastWords } from "@/words/forecast";
import { useToldChange } from "../../../outing/use-told-change";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { ForecastDrawing } from "./ForecastDrawing";
import { served } from "../../../store/served";

/** To the half degree, some fifty kilometres. */
const toHalf = (degrees: number): number => Math.round(2 * degrees) / 2;

/** Cloud, rain, wind and temperature as somebody else expects them, as a band of members: from a file or the stand-in. */
export function ForecastPanel() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const commit = useCommit();
  const told = useToldChange();
  const [refused, setRefused] = useState<string>();
  const take = async (read: ForecastRead): Promise<void> => {
    setRefused(read.ok ? undefined : forecastFault(read.reason, read.where));
    if (read.ok) await commit(setForecast(read.forecast));
  };
  const ask = async (): Promise<void> => {
    const { window } = store.getState().view;
    // A forecast is as good for the whole neighbourhood: where exactly one goes is nobody's business.
    const latitude = toHalf(outing.ground.anchor.latitude);
    const longitude = toHalf(outing.ground.anchor.longitude);
    const query = new URLSearchParams(
      Object.entries({ latitude, longitude, from: window.from, until: window.until }).map(([k, v]) => [
        k,
        String(v),
      ]),
    );
    const answer = await fetch(served(`/api/stand-ins/forecast?${query}`)).catch(() => undefined);
    if (!answer?.ok)
      return setRefused(
        "The server has no forecast switched on. Start it with STAND_INS=forecast, or choose a file.",
      );
    await take(readForecast(await answer.text(), outing, window));
  };
  const plan = (): void => void told(planWithForecast, "Planned with the middle of the forecast");
  const { forecast } = outing;
  return (
    <View className="gap-3">
      {forecast ? (
        <>
          <ForecastDrawing forecast={forecast} />
          <Txt>{`At ${wallOf({ outing }, at)}: ${hourForecastWords(hourAt(forecast, at))}.`}</Txt>
          <Button label="Plan with the middle of it" onPress={() => void plan()} />
          <Button label="Put it away" kind="plain" onPress={() => void commit(setForecast(undefined))} />
        </>
      ) : (
        <Txt tone="ink2">
          A forecast shows the light as a band on the strip, and what the card could come to.
        </Txt>
      )}
      <View className="flex-row gap-2">
        <FileButton
          label="Choose a file"
          says="A forecast as a file"
          accept=".json,application/json"
          onFile={(file) =>
            void textOfFile(file).then((text) =>
              take(readForecast(text, outing, store.getState().view.window)),
            )
          }
        />
        <Button label="Ask the stand-in" className="flex-1" onPress={() => void ask()} />
      </View>
      {refused && (
        <Txt tone="bracken" role="alert">
          {refused}
        </Txt>
      )}
    </View>
  );
}
