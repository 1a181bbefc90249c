import { useState } from "react";
import { View } from "react-native";
import { fileNameOf, type Outing } from "@/data";
import { listMarked } from "@/outing/people/refused";
import { placeName } from "@/outing/programme/event-places";
import { timedProgramme } from "@/outing/programme/event-times";
import { withEventsOf, type Whose } from "@/outing/programme/shared-out";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Leaving } from "../../../leaving/Leaving";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { downloadText } from "../../../store/file-transfer";

type Kind = "csv" | "ics";

const WHOSE = [
  { key: "all", label: "Everybody’s" },
  { key: "mine", label: "Mine" },
  { key: "second", label: "The second photographer’s" },
] as const;

/** The programme as files that other programs read. */
export function ProgrammeFiles() {
  const outing = useOuting((v) => v.outing);
  const { store } = useOpenOuting();
  const [kind, setKind] = useState<Kind>();
  const [whose, setWhose] = useState<Whose>("all");
  const shared = outing.programme?.some((e) => e.by === "second");
  const write = async (as: Kind, left: Outing): Promise<void> => {
    setKind(undefined);
    const { programmeCalendar, programmeCsv } = await import("@/outing/programme/programme-files");
    const name = fileNameOf(left, `${whose === "all" ? "" : `${whose}-`}programme.${as}`);
    const { programme = [], people } = left;
    const nameOf: Parameters<typeof programmeCsv>[1] = (place) => placeName(left.ground, place);
    const listed = (who: string): string => listMarked(who, people);
    if (as === "csv") return downloadText(name, programmeCsv(programme, nameOf, listed), "text/csv");
    const where = left.place === outing.place ? left.place : "";
    const events = timedProgramme(left).map((e) => ({ ...e, where: nameOf(e.place) || where }));
    const { now } = store.getState().view;
    downloadText(name, programmeCalendar(left.name, events, now, listed), "text/calendar");
  };
  return (
    <View className="flex-row flex-wrap gap-2">
      {shared && <Segmented label="Whose events" segments={WHOSE} chosen={whose} onChoose={setWhose} />}
      <Button label="As a table" kind="plain" onPress={() => setKind("csv")} />
      <Button label="As a calendar" kind="plain" onPress={() => setKind("ics")} />
      {kind && (
        <Leaving
          outing={withEventsOf(outing, shared ? whose : "all")}
          kind="programme"
          action="Write the file"
          onLeave={(_, left) => void write(kind, left)}
          onClose={() => setKind(undefined)}
        />
      )}
    </View>
  );
}
