import { memo } from "react";
import { G, Rect, Text as SvgText } from "react-native-svg";
import { standingThing } from "@/answers/plan/things";
import type { Ground, Point, Spot } from "@/core/ground";
import { placeLabels, type Box } from "@/ui/plan/labels";
import { toScreen, type PlanView, type ScreenPoint } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { metresWords, signedClicks } from "@/words";
import { sheetMarkBoxes } from "./SheetMarks";
import { TAG } from "./Tag";
import { hasRoomForName, nameBox } from "./Things";

/** A label beside the tag of a position that is written before the names, in bold and in the colour of the way. */
export interface FirstLabel {
  readonly id: string;
  readonly at: Point;
  readonly words: string;
}

interface Props {
  readonly view: PlanView;
  readonly ground: Ground;
  readonly first?: readonly FirstLabel[];
  /** The spot of the shot in hand. */
  readonly spotId: string;
}

const TYPE = 14;
const FIRST = "first ";
const NONE: readonly FirstLabel[] = [];

/** Px that a thing must be long for its name: what is smaller is named nearer by. */
const SEEN = 22;

/** Px of the longer side of what an outline covers on the screen. */
function extentOf(view: PlanView, outline: readonly Point[]): number {
  const seen = outline.map((p) => toScreen(view, p));
  const span = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);
  return Math.max(span(seen.map((p) => p.left)), span(seen.map((p) => p.top)));
}

function middleOf(view: PlanView, outline: readonly Point[]): ScreenPoint {
  const sum = outline.reduce((s, p) => ({ x: s.x + p.x, y: s.y + p.y }), { x: 0, y: 0 });
  return toScreen(view, { x: sum.x / outline.length, y: sum.y / outline.length });
}

/** The middle of a tag whose point marks a place. */
function besideTag(view: PlanView, at: Point): ScreenPoint {
  const { left, top } = toScreen(view, at);
  return { left, top: top - TAG.height + TAG.body / 2 };
}

/** Of things that are called the same, as the pieces of a fence, the one nearest to the middle of what is seen. */
function oneOfEach<T extends { readonly words: string; readonly at: ScreenPoint }>(
  labels: readonly T[],
  { width, height }: PlanView,
): T[] {
  const off = ({ at }: T): number => Math.hypot(at.left - width / 2, at.top - height / 2);
  const nearest = new Map<string, T>();
  for (const label of labels) {
    const other = nearest.get(label.words);
    if (!other || off(label) < off(other)) nearest.set(label.words, label);
  }
  return [...nearest.values()];
}

/** Names beside spots, the one in hand first, and beside what is too thin to be written on; none covers a tag, a ball or another name. */
export const SpotLabels = memo(function SpotLabels({ view, ground, first = NONE, spotId }: Props) {
  const { ink, paper, sun } = useTokens();
  const inHand = (s: Spot): boolean => s.id === spotId;
  const spots = [...ground.spots].sort((a, b) => Number(inHand(b)) - Number(inHand(a)));
  const at = (s: Spot) => toScreen(view, s.at);
  const boxAbout = (left: number, top: number, half: number): Box => ({
    left: left - half,
    top: top - half,
    width: 2 * half,
    height: 2 * half,
  });
  const taken: Box[] = [
    ...sheetMarkBoxes(view),
    ...ground.positions.map((p) => {
      const { left, top } = toScreen(view, p.at);
      return { left: left - TAG.width / 2, top: top - TAG.height, width: TAG.width, height: TAG.height };
    }),
    ...ground.spots.map((s) => boxAbout(at(s).left, at(s).top, 8)),
    ...ground.obstacles.flatMap((o) => nameBox(view, o) ?? []),
  ];
  const frame: Box = { left: 4, top: 4, width: view.width - 8, height: view.height - 8 };
  const beside = oneOfEach(
    ground.obstacles
      .filter((o) => !hasRoomForName(view, o) && extentOf(view, standingThing(o).covers) >= SEEN)
      .map((o) => ({
        id: `obstacle ${o.id}`,
        at: middleOf(view, standingThing(o).covers),
        words: `${o.name}, ${metresWords(standingThing(o).top)}`,
        clear: 4,
      })),
    view,
  );
  const marked = ground.areas.filter((a) => a.kind !== "surface");
  const wishes = [
    ...first.map((f) => ({
      ...f,
      id: FIRST + f.id,
      at: besideTag(view, f.at),
      clear: TAG.width / 2 + 3,
      must: true,
    })),
    ...spots.map((s) => ({ id: s.id, at: at(s), words: s.name, clear: inHand(s) ? 14 : 10 })),
    ...beside,
    ...marked.map((a) => ({ id: `area ${a.id}`, at: middleOf(view, a.outline), words: a.name, clear: -9 })),
    ...ground.zones.flatMap((z) =>
      z.outline
        ? [
            {
              id: `zone ${z.id}`,
              at: middleOf(view, z.outline),
              words: `${z.name} ${signedClicks(z.offsetClicks)}`,
              clear: -9,
            },
          ]
        : [],
    ),
  ];
  return placeLabels(wishes, taken, frame, TYPE).map((label) => (
    <G key={label.id}>
      <Rect
        x={label.left}
        y={label.top}
        width={label.width}
        height={label.height}
        rx={4}
        fill={paper}
        fillOpacity={0.82}
      />
      <SvgText
        x={label.left + label.width / 2}
        y={label.top + TYPE}
        fontSize={TYPE}
        fontFamily={label.id === spotId || label.id.startsWith(FIRST) ? "Text-700" : "Text-400"}
        fill={label.id.startsWith(FIRST) ? sun : ink}
        textAnchor="middle"
      >
        {label.words}
      </SvgText>
    </G>
  ));
});
