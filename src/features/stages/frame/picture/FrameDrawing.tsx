import { lookOf, showsFaces } from "@/answers/plan/things";
import { useId } from "react";
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import type { AssessInput, Assessment, FrameView, InFrame, SeenThing } from "@/core/judge";
import type { Size } from "@/ui/layout/use-size";
import { SURFACE_FILL } from "@/ui/theme/surfaces";
import { useTokens, type Tokens } from "@/ui/theme/theme";
import { percentWords } from "@/words";
import { stillFigureOf } from "@/answers/frame/figure-of";

interface Props {
  readonly size: Size;
  readonly view: FrameView;
  readonly input: AssessInput;
  readonly found: Assessment;
}

/** Room about a frame: an upright one has its figures beside it, a level one below it. */
const ROOM = {
  upright: { side: 76, top: 6, bottom: 22 },
  level: { side: 22, top: 6, bottom: 52 },
};

/** Px of height that a frame of an aspect wants in a width. */
export function wantedHeight(width: number, aspect: number): number {
  const { side, top, bottom } = aspect < 1 ? ROOM.upright : ROOM.level;
  return (width - 2 * side) / aspect + top + bottom;
}
/** Diameter of a face, and how far apart faces stand, metres. */
const FACE = 0.2;
const SEATS = 0.7;
const MOST_FACES = 400;

interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** The frame as large as the room allows. */
function boxOf(size: Size, aspect: number): Box {
  const { side, top, bottom } = aspect < 1 ? ROOM.upright : ROOM.level;
  const room = { width: size.width - 2 * side, height: size.height - top - bottom };
  const width = Math.max(40, Math.min(room.width, room.height * aspect));
  const height = width / aspect;
  return {
    left: (size.width - width) / 2,
    top: top + Math.max(0, (room.height - height) / 2),
    width,
    height,
  };
}

/** The view from the position, to scale: ground and sky, what stands behind, the subject, and the crop that is left. */
export function FrameDrawing({ size, view, input, found }: Props) {
  const tokens = useTokens();
  const clip = `frame-${useId().replace(/\W/g, "")}`;
  const box = boxOf(size, view.aspect);
  const { frame } = found.sighting;
  const behind = view.things.filter((t) => t.distance > view.subjectDistance);
  const before = view.things.filter((t) => t.distance <= view.subjectDistance);
  const y = (up: number): number => box.top + (0.5 - up) * box.height;
  const metre = view.metreUp * box.height;
  const foot = view.aloft ? y(0) : y(view.feet);
  const inBox = ({ across, up }: InFrame): string =>
    `${(box.left + (0.5 + across) * box.width).toFixed(1)} ${y(up).toFixed(1)}`;
  const placed = ([right, up]: readonly [number, number]): string =>
    `${(box.left + box.width / 2 + right * metre).toFixed(1)} ${(foot - up * metre).toFixed(1)}`;
  return (
    <Svg
      width={size.width}
      height={size.height}
      role="img"
      aria-label={`The frame: ${input.subject.name} fills ${percentWords(frame.fill)}, ${behind.map((t) => t.name).join(", ") || "nothing"} behind`}
    >
      <Defs>
        <ClipPath id={clip}>
          <Rect x={box.left} y={box.top} width={box.width} height={box.height} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#${clip})`}>
        <Rect x={box.left} y={box.top} width={box.width} height={box.height} fill={tokens.sheet} />
        <Ground box={box} top={y(view.horizon)} fill={tokens[SURFACE_FILL[view.surface]]} />
        {view.marks.map(({ kind, outline }, i) => (
          <Path
            key={i}
            d={`M${outline.map(inBox).join("L")}Z`}
            fill={kind === "line" ? tokens.sheet : tokens.shade}
            opacity={kind === "line" ? 0.9 : 0.12}
          />
        ))}
        {behind.map((thing) => (
          <Thing key={thing.id} thing={thing} box={box} opacity={1} />
        ))}
        {stillFigureOf({ input, found, frame: view }).map((piece, i) => {
          const isShadow = piece.look === "shadow";
          return (
            <Path
              key={i}
              d={`M${piece.outline.map(placed).join("L")}Z`}
              fillRule="evenodd"
              fill={isShadow ? tokens.shade : tokens.ink}
            />
          );
        })}
        {before.map((thing) => (
          <Thing key={thing.id} thing={thing} box={box} opacity={0.6} />
        ))}
        <Crop box={box} kept={frame.kept} />
      </G>
      <Rect
        x={box.left}
        y={box.top}
        width={box.width}
        height={box.height}
        fill="none"
        stroke={tokens.ink}
        strokeWidth={2.5}
      />
      <Measure box={box} view={view} aloft={view.aloft} input={input} found={found} />
    </Svg>
  );
}

function Ground({ box, top, fill }: { box: Box; top: number; fill: string }) {
  const from = Math.max(box.top, Math.min(box.top + box.height, top));
  return <Rect x={box.left} y={from} width={box.width} height={box.top + box.height - from} fill={fill} />;
}

/** What grows is moss, what is thin is ink, what is built the rest. */
const FILLS: Readonly<Record<ReturnType<typeof lookOf>, keyof Tokens>> = {
  built: "built",
  crowd: "built",
  leaves: "moss",
  bank: "turf",
  netting: "ink2",
  glass: "ink2",
  thin: "ink2",
};

/** Something that stands there: its silhouette with an edge as soft as its blur disc, and faces where people sit. */
function Thing({ thing, box, opacity }: { thing: SeenThing; box: Box; opacity: number }) {
  const tokens = useTokens();
  const at = (p: SeenThing["outline"][number]): string =>
    `${(box.left + (0.5 + p.across) * box.width).toFixed(1)} ${(box.top + (0.5 - p.up) * box.height).toFixed(1)}`;
  const d = `M${thing.outline.map(at).join("L")}Z`;
  const soft = Math.min(box.width / 3, thing.disc * box.width);
  const fill = tokens[FILLS[lookOf(thing.kind)]];
  return (
    <G opacity={opacity}>
      <Path
        d={d}
        fill={fill}
        fillOpacity={0.3}
        stroke={fill}
        strokeOpacity={0.3}
        strokeWidth={soft}
        strokeLinejoin="round"
      />
      <Path d={d} fill={fill} fillOpacity={0.62} />
      {showsFaces(thing.kind) && <Faces thing={thing} box={box} soft={soft} />}
    </G>
  );
}

/** Spectators at their size, each as soft as the disc makes it. */
function Faces({ thing, box, soft }: { thing: SeenThing; box: Box; soft: number }) {
  const { ink2, sheet } = useTokens();
  const metre = thing.metre * box.width;
  const seat = SEATS * metre;
  const acrossAll = thing.outline.map((p) => box.left + (0.5 + p.across) * box.width);
  const upAll = thing.outline.map((p) => box.top + (0.5 - p.up) * box.height);
  const [left, right] = [
    Math.max(box.left, Math.min(...acrossAll)),
    Math.min(box.left + box.width, Math.max(...acrossAll)),
  ];
  const [top, bottom] = [
    Math.max(box.top, Math.min(...upAll)),
    Math.min(box.top + box.height, Math.max(...upAll)),
  ];
  const columns = Math.floor((right - left) / seat);
  const rows = Math.floor((bottom - top) / seat);
  if (columns < 1 || rows < 1 || columns * rows > MOST_FACES || seat < 4) return null;
  const sharp = (FACE * metre) / (FACE * metre + soft);
  return (
    <G>
      {Array.from({ length: columns * rows }, (_, i) => {
        const [column, row] = [i % columns, Math.floor(i / columns)];
        return (
          <Circle
            key={i}
            cx={left + (column + 0.5 + (row % 2 ? 0.25 : -0.25)) * seat}
            cy={top + (row + 0.6) * seat}
            r={(FACE * metre + soft) / 2}
            fill={(column * 7 + row * 3) % 4 === 0 ? sheet : ink2}
            fillOpacity={0.15 + 0.7 * sharp}
          />
        );
      })}
    </G>
  );
}

/** Corner marks of what a crop to the wished fill leaves. */
function Crop({ box, kept }: { box: Box; kept: number }) {
  const { water } = useTokens();
  if (kept > 0.995) return null;
  const [w, h] = [(box.width * kept) / 2, (box.height * kept) / 2];
  const [cx, cy] = [box.left + box.width / 2, box.top + box.height / 2];
  const arm = Math.min(18, w / 2, h / 2);
  const corner = (sx: number, sy: number): string =>
    `M${cx + sx * w} ${cy + sy * (h - arm)}V${cy + sy * h}H${cx + sx * (w - arm)}`;
  return (
    <Path
      d={[corner(1, 1), corner(-1, 1), corner(1, -1), corner(-1, -1)].join("")}
      fill="none"
      stroke={water}
      strokeWidth={3}
    />
  );
}

interface MeasureProps {
  readonly box: Box;
  readonly view: FrameView;
  readonly aloft: boolean;
  readonly input: AssessInput;
  readonly found: Assessment;
}

/** The upper and lower end of the wished part, in shares of the frame from its middle; within the frame. */
function partEnds({ view, aloft, input, found }: Omit<MeasureProps, "box">): readonly [number, number] {
  const { fill } = found.sighting.frame;
  const top = aloft ? fill / 2 : view.feet + input.subject.height * view.metreUp;
  const within = (share: number): number => Math.max(-0.5, Math.min(0.5, share));
  return [within(top), within(top - fill)];
}

/** How much of the side it fills, drawn along that side, and the pixels that fall on it. */
function Measure({ box, view, aloft, input, found }: MeasureProps) {
  const { water, bracken, ink } = useTokens();
  const { frame } = found.sighting;
  const along = input.shot.along ?? "height";
  const broken = frame.fill > 1;
  const [cx, cy] = [box.left + box.width / 2, box.top + box.height / 2];
  const half = (Math.min(1, frame.fill) * box.width) / 2;
  const under = box.top + box.height + 9;
  const [top, bottom] = partEnds({ view, aloft, input, found });
  const line =
    along === "height"
      ? { x1: box.left - 9, x2: box.left - 9, y1: cy - top * box.height, y2: cy - bottom * box.height }
      : { x1: cx - half, x2: cx + half, y1: under, y2: under };
  const upright = box.width < box.height;
  const right = box.left + box.width;
  const fill = upright
    ? { x: box.left - 18, y: cy, anchor: "end" as const }
    : { x: box.left, y: box.top + box.height + 30, anchor: "start" as const };
  const pixels = upright
    ? { x: right + 10, y: cy, anchor: "start" as const }
    : { x: right, y: box.top + box.height + 30, anchor: "end" as const };
  return (
    <G>
      <Line {...line} stroke={broken ? bracken : water} strokeWidth={4} />
      <Figure
        {...fill}
        value={broken ? "does not fit" : percentWords(frame.fill)}
        unit={`of ${along}`}
        colour={broken ? bracken : ink}
        stacked={upright}
      />
      <Figure
        {...pixels}
        value={String(frame.partPx)}
        unit={`px ${along === "height" ? "tall" : "wide"}`}
        colour={ink}
        stacked={upright}
      />
    </G>
  );
}

interface FigureProps {
  readonly x: number;
  readonly y: number;
  readonly anchor: "start" | "end";
  readonly value: string;
  readonly unit: string;
  readonly colour: string;
  /** The unit under the value instead of behind it. */
  readonly stacked: boolean;
}

function Figure({ x, y, anchor, value, unit, colour, stacked }: FigureProps) {
  const { ink2 } = useTokens();
  const common = { x, textAnchor: anchor };
  if (!stacked)
    return (
      <SvgText {...common} y={y + 6} fontSize={16} fontFamily="Text-700" fill={colour}>
        {`${value} ${unit}`}
      </SvgText>
    );
  return (
    <G>
      <SvgText {...common} y={y + 6} fontSize={16} fontFamily="Text-700" fill={colour}>
        {value}
      </SvgText>
      <SvgText {...common} y={y + 24} fontSize={14} fontFamily="Text-400" fill={ink2}>
        {unit}
      </SvgText>
    </G>
  );
}
