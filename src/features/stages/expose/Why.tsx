import { useFound } from "../../outing/use-outing";
import { Judgements } from "../reasons/Judgements";
import { Reasons } from "../reasons/Reasons";

/** The reasons behind shutter, aperture and ISO. */
export function Why() {
  const { shutter, aperture, iso } = useFound((found) => found.settings.because);
  return (
    <>
      <Reasons title="Shutter" because={shutter.because} />
      <Reasons title="Aperture" because={aperture.because} />
      <Reasons title="ISO" because={iso.because} />
    </>
  );
}

/** What speaks against the picture, before anything is set. */
export function WatchOut() {
  return <Judgements items={useFound((found) => found.judgement)} />;
}
