import { useState } from "react";
import { View } from "react-native";
import { fileNameOf, type Outing } from "@/data";
import { textOfFile } from "@/data/files/text-of-file";
import { readGroundFile, type GroundRead } from "@/data/ground-files/read-ground";
import { toGeoJson } from "@/data/ground-files/to-geojson";
import { toGpx } from "@/data/ground-files/to-gpx";
import { groundFrom } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { FileButton } from "@/ui/controls/FileButton";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { Leaving } from "../../../leaving/Leaving";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { downloadText } from "../../../store/file-transfer";
import { SORT_WORDS } from "./describe";
import { PlanFiles } from "./PlanFiles";

interface ReadFile {
  readonly name: string;
  readonly found: GroundRead;
  /** The ground that it was read onto. */
  readonly onto: Outing["ground"];
}

/** The ground as files that other programs read, and theirs as things on this one. */
export function GroundFiles() {
  const { store } = useOpenOuting();
  const [read, setRead] = useState<ReadFile>();
  const [ending, setEnding] = useState<"geojson" | "gpx">();
  const outing = useOuting((v) => v.outing);
  const write = (left: Outing): void => {
    setEnding(undefined);
    const text = ending === "gpx" ? toGpx(left) : JSON.stringify(toGeoJson(left), null, 1);
    const type = ending === "gpx" ? "application/gpx+xml" : "application/geo+json";
    downloadText(fileNameOf(left, ending!), text, type);
  };
  const open = async (file: File): Promise<void> => {
    const text = await textOfFile(file);
    const { ground: onto } = store.getState().view.outing;
    setRead({ name: file.name, found: readGroundFile(text, onto), onto });
  };
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-2">
        <Button label="GeoJSON of everything" onPress={() => setEnding("geojson")} />
        <Button label="GPX of positions and tracks" onPress={() => setEnding("gpx")} />
      </View>
      {ending && (
        <Leaving
          outing={outing}
          kind="ground"
          action="Write the file"
          onLeave={(_, left) => write(left)}
          onClose={() => setEnding(undefined)}
        />
      )}
      <PlanFiles />
      <Txt size={14} tone="ink2">
        A GeoJSON, GPX or KML file is read onto this ground at its coordinates; what lies farther than 5 km is
        left out.
      </Txt>
      <View className="flex-row">
        <FileButton
          label="Read a file onto this ground"
          says="File of a ground"
          accept=".geojson,.json,.gpx,.kml"
          onFile={(file) => void open(file)}
        />
      </View>
      {read && <ReadDialog {...read} onClose={() => setRead(undefined)} />}
    </View>
  );
}

/** Lines of a report shown at most; the rest is counted. */
const MOST = 40;

/** What a file would do, feature by feature, before it is done. */
function ReadDialog({ name, found, onto, onClose }: ReadFile & { readonly onClose: () => void }) {
  const told = useToldChange();
  if (!found.ok)
    return (
      <Dialog title={`${name} cannot be read`} open onClose={onClose}>
        <Txt>{found.message}</Txt>
        <Txt tone="ink2">Nothing was changed.</Txt>
      </Dialog>
    );
  const taken = found.reports.filter((r) => r.sort !== undefined);
  const refused = found.reports.filter((r) => r.refused !== undefined);
  const bring = (): void => {
    void told(groundFrom(found.ground, onto), `${countWords(taken.length, "thing")} from ${name}`);
    onClose();
  };
  return (
    <Dialog title={`Read ${name}?`} open onClose={onClose}>
      <Txt weight={600}>
        {`${countWords(taken.length, "thing")} would be put on the ground${refused.length > 0 ? `, ${refused.length} left out` : ""}.`}
      </Txt>
      <View role="list" aria-label="What the file holds">
        {[...refused, ...taken].slice(0, MOST).map((r, i) => (
          <View key={i} role="listitem" className="border-b border-line py-1">
            <Txt tone={r.refused ? "bracken" : "ink"}>
              {r.refused ? `${r.name}: left out, ${r.refused}.` : `${r.name}: ${SORT_WORDS[r.sort!]}`}
            </Txt>
          </View>
        ))}
      </View>
      {found.reports.length > MOST && <Txt tone="ink2">{`and ${found.reports.length - MOST} more`}</Txt>}
      {taken.length > 0 && (
        <Button
          label={`Put ${countWords(taken.length, "thing")} on the ground`}
          kind="filled"
          onPress={bring}
        />
      )}
      <Button label="Cancel" kind="plain" onPress={onClose} />
    </Dialog>
  );
}
