import { View } from "react-native";
import { CheckRow } from "@/ui/controls/CheckRow";
import { LAYERS, type Layer } from "../drawing/layers";
import { useDrawing } from "./use-drawing";

const LAYER_WORDS: Readonly<Record<Layer, string>> = {
  venue: "The venue’s lines and parts",
  obstacles: "What stands there",
  areas: "Areas",
  zones: "Light zones",
  tracks: "Tracks",
  light: "Shadows, lamps and light",
  names: "Names",
};

/** What is on the plan while one draws, and whether lines draw to each other. */
export function Shown() {
  const hidden = useDrawing((s) => s.hidden);
  const show = useDrawing((s) => s.show);
  const snaps = useDrawing((s) => s.snaps);
  const setSnaps = useDrawing((s) => s.setSnaps);
  return (
    <View>
      <CheckRow
        title="Snap to corners, lines and right angles"
        detail="hold Alt to place a corner freely"
        checked={snaps}
        onChange={setSnaps}
      />
      {LAYERS.map((layer) => (
        <CheckRow
          key={layer}
          title={LAYER_WORDS[layer]}
          checked={!hidden.includes(layer)}
          onChange={(shown) => show(layer, shown)}
        />
      ))}
    </View>
  );
}
