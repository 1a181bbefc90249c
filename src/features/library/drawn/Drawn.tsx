import { shippedLight } from "@/answers/library/light";
import { EMPTY_LIBRARY } from "@/data";
import { useOwnLibrary } from "../../store/library";
import type { LibraryRow, SectionKey } from "../sections";
import { LightDrawn } from "./LightDrawn";
import { StartDrawn } from "./StartDrawn";
import { SubjectDrawn } from "./SubjectDrawn";
import { TradePlaceDrawn } from "./TradePlaceDrawn";
import { VenueDrawn } from "./VenueDrawn";

interface Props {
  readonly section: SectionKey;
  readonly row: Pick<LibraryRow, "id" | "own">;
}

/** An entry of the library as its section draws it. It computes, so it comes when the first one is opened. */
export function Drawn({ section, row: { id, own } }: Props) {
  const library = useOwnLibrary().own ?? EMPTY_LIBRARY;
  switch (section) {
    case "subjects":
      return <SubjectDrawn id={id} />;
    case "venues": {
      const template = own ? library.venues.find((v) => v.id === id)?.template : id;
      return template === undefined ? null : <VenueDrawn template={template} />;
    }
    case "lightLevels": {
      const level = (own ? library.lightLevels : shippedLight.levels).find((l) => l.id === id);
      return level ? <LightDrawn level={level} /> : null;
    }
    case "startingSettings": {
      const start = (own ? library.startingSettings : shippedLight.startingSettings).find((s) => s.id === id);
      return start ? <StartDrawn start={start} /> : null;
    }
    case "tradePlaces":
      return <TradePlaceDrawn id={id} />;
  }
}
