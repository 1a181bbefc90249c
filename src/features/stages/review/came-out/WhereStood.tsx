import { View } from "react-native";
import { Circle, G, Text as SvgText } from "react-native-svg";
import type { CameOut } from "@/answers/review/frames/came-out";
import { useSize } from "@/ui/layout/use-size";
import { toScreen } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { GroundSketch } from "../../../outing/GroundSketch";
import { useOuting } from "../../../outing/use-outing";

const HEIGHT = 200;
/** Px of the circle where most frames were taken. */
const LARGEST = 20;

/** The ground with a circle at each position: its area the frames that were taken there, its filled part the kept ones. */
export function WhereStood({ stood }: { stood: CameOut["stood"] }) {
  const outing = useOuting((v) => v.outing);
  const { water, ink, paper } = useTokens();
  const [size, onLayout] = useSize();
  const most = Math.max(...stood.map((s) => s.taken));
  const nameOf = (id: string): string => outing.ground.positions.find((p) => p.id === id)?.name ?? "";
  const said = stood.map((s) => `${nameOf(s.key)}: ${s.kept} of ${s.taken} kept`).join(", ");
  return (
    <View onLayout={onLayout} role="img" aria-label={said} style={{ height: HEIGHT }}>
      {size && (
        <GroundSketch
          outing={outing}
          size={{ width: size.width, height: HEIGHT }}
          over={(view) =>
            stood.map(({ key, taken, kept }) => {
              const position = outing.ground.positions.find((p) => p.id === key);
              if (!position) return null;
              const r = Math.max(8, LARGEST * Math.sqrt(taken / most));
              const on = toScreen(view, position.at);
              const x = Math.min(size.width - r, Math.max(r, on.left));
              const y = Math.min(HEIGHT - r, Math.max(r, on.top));
              const isLeft = x < size.width / 2;
              return (
                <G key={key}>
                  <Circle cx={x} cy={y} r={r} fill={paper} stroke={water} strokeWidth={2} />
                  <Circle cx={x} cy={y} r={r * Math.sqrt(kept / taken)} fill={water} />
                  <SvgText
                    x={isLeft ? x - r - 4 : x + r + 4}
                    y={y + 5}
                    textAnchor={isLeft ? "end" : "start"}
                    fontSize={14}
                    fontFamily="Text-600"
                    fill={ink}
                  >
                    {`${position.name} ${kept} of ${taken}`}
                  </SvgText>
                </G>
              );
            })
          }
        />
      )}
    </View>
  );
}
