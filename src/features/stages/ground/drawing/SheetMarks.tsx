import { memo } from "react";
import { G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import type { Box } from "@/ui/plan/labels";
import type { PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { lengthUnit, metresFrom } from "@/words";

const LENGTHS = [1, 2, 5, 10, 20, 50, 100, 200, 500];
const WIDEST = 96;

/** What scale and north cover at most: no name is written over them. */
export const sheetMarkBoxes = ({ width, height }: PlanView): Box[] => [
  { left: width - WIDEST - 20, top: height - 36, width: WIDEST + 20, height: 36 },
  { left: width - 46, top: 4, width: 46, height: 64 },
];

/** Scale and north, which belong to the sheet and not to the ground. */
export const SheetMarks = memo(function SheetMarks({ view }: { view: PlanView }) {
  const { ink, paper } = useTokens();
  const pxPerUnit = metresFrom(1) * view.pxPerMetre;
  const units = LENGTHS.findLast((n) => n * pxPerUnit <= WIDEST) ?? 1;
  const length = units * pxPerUnit;
  const right = view.width - 14;
  const bottom = view.height - 12;
  return (
    <G>
      <Rect
        x={right - length - 6}
        y={bottom - 24}
        width={length + 12}
        height={32}
        rx={5}
        fill={paper}
        fillOpacity={0.85}
      />
      <SvgText
        x={right - length / 2}
        y={bottom - 8}
        fontSize={14}
        fontFamily="Text-600"
        fill={ink}
        textAnchor="middle"
      >
        {`${units} ${lengthUnit()}`}
      </SvgText>
      <Line x1={right - length} x2={right} y1={bottom} y2={bottom} stroke={ink} strokeWidth={3} />
      <G transform={`translate(${view.width - 26} 34)`}>
        <Rect x={-17} y={-26} width={34} height={56} rx={6} fill={paper} fillOpacity={0.85} />
        <G transform={`rotate(${-view.up})`}>
          <Path d="M0 -20L7 4L0 -1L-7 4Z" fill={ink} />
        </G>
        <SvgText y={24} fontSize={14} fontFamily="Text-700" fill={ink} textAnchor="middle">
          N
        </SvgText>
      </G>
    </G>
  );
});
