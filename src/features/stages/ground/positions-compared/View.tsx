import {
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type Column,
  type ColumnDef,
  type SortingState,
} from "@tanstack/react-table";
import { memo, useMemo, useState, type ReactNode } from "react";
import { Pressable, ScrollView, View } from "react-native";
import { Yours } from "../../reasons/Yours";
import { walks, type WalkTo } from "@/answers/ground/positions-compared";
import { officialAt } from "@/answers/plan/venue";
import type { Explained } from "@/answers/explain/explain";
import type { Position } from "@/core/ground";
import { useShallow } from "zustand/react/shallow";
import type { Assessment, Softness } from "@/core/judge";
import { SortMark } from "@/ui/controls/SortMark";
import { Txt } from "@/ui/controls/Txt";
import {
  apertureWords,
  backgroundWords,
  evWords,
  faceWords,
  isoNumberWords,
  lightSideWords,
  metresWords,
  minutesWords,
  percentWords,
  shutterWords,
  softnessWords,
} from "@/words";
import { crossingsWords, noWalkWords } from "@/words/programme";
import { AskSum } from "../../reasons/AskSum";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { bestNow, CompareReasons } from "./CompareReasons";
import { FrameThumb } from "./FrameThumb";

/** A position with what it is sorted by; nothing while there is no picture from it. */
interface Compared {
  readonly position: Position;
  readonly value: number | undefined;
}

interface Line {
  readonly name: string;
  readonly words: (a: Assessment) => string;
  readonly bad?: (a: Assessment) => boolean;
  /** What the positions are sorted by, and whether little or much of it comes first. */
  readonly by?: (a: Assessment) => number;
  readonly first?: "little" | "much";
  /** The figure that it opens to. */
  readonly opens?: Explained;
}

const has = (code: string) => (a: Assessment) => a.judgement.some((j) => j.code === code);

/** Named after the side that the framing asks for. */
const FILLED = "Fill";

const SOFTEST_LAST: readonly Softness[] = ["busy", "soft", "smooth", "plain"];

const LINES: readonly Line[] = [
  {
    name: "Distance",
    opens: "distance",
    words: (a) => metresWords(a.sighting.distance),
    bad: has("blocked"),
    by: (a) => a.sighting.distance,
  },
  { name: "Light", words: (a) => lightSideWords(a.light).value, bad: has("sun-in-frame") },
  {
    name: "On the subject",
    opens: "ev",
    words: (a) => evWords(a.light.ev),
    by: (a) => a.light.ev,
    first: "much",
  },
  {
    name: FILLED,
    opens: "fill",
    words: (a) => percentWords(a.sighting.fill),
    bad: has("out-of-reach"),
    by: (a) => a.sighting.fill,
    first: "much",
  },
  {
    name: "Shutter",
    opens: "shutter",
    words: (a) => shutterWords(a.settings.settings.shutter),
    bad: has("motion-not-held"),
    by: (a) => a.settings.settings.shutter,
    first: "much",
  },
  {
    name: "Aperture",
    opens: "aperture",
    words: (a) => apertureWords(a.settings.settings.aperture),
    by: (a) => a.settings.settings.aperture,
  },
  {
    name: "ISO",
    opens: "iso",
    words: (a) => isoNumberWords(a.settings.settings.iso),
    bad: has("light-short"),
    by: (a) => a.settings.settings.iso,
  },
  { name: "Behind", opens: "beyond", words: (a) => backgroundWords(a.sighting.background) },
  {
    name: "Softness",
    opens: "softness",
    words: (a) => softnessWords(a.sighting.background),
    bad: has("background-busy"),
    by: (a) => SOFTEST_LAST.indexOf(a.sighting.background.softness),
    first: "much",
  },
  {
    name: "Face",
    opens: "faceTurn",
    words: (a) => faceWords(a.sighting.face),
    bad: has("seen-from-behind"),
    by: (a) => a.sighting.faceTurn,
  },
];

const COLUMNS: ColumnDef<Compared>[] = LINES.map(({ name, by, first }) => ({
  id: name,
  accessorKey: "value",
  enableSorting: by !== undefined,
  sortDescFirst: first === "much",
  sortUndefined: "last",
}));

/** Minutes from the chosen position to another one, round what stands in the way. */
function walkTo(walk: WalkTo): string {
  if (walk === "here") return "–";
  return typeof walk === "string" ? noWalkWords(walk) : minutesWords(walk.seconds);
}

/** The positions side by side for the shot in hand, each headed by its frame; a press on a heading stands there, one on a line sorts them by it. */
export function CompareTable() {
  const positions = useOuting((v) => v.outing.ground.positions);
  const along = useOuting((v) => v.shot.along ?? "height");
  const found = useOuting(walks);
  const best = useOuting(bestNow);
  const official = useOuting((v) => officialAt(v.outing.ground.venue));
  const [sorting, setSorting] = useState<SortingState>([]);
  const by = LINES.find((line) => line.name === sorting[0]?.id)?.by;
  const values = useOuting(
    useShallow((v) =>
      positions.map((p) => {
        const found = by && v.from(p.id);
        return found?.ok ? by?.(found) : undefined;
      }),
    ),
  );
  const data = useMemo(
    () => positions.map((position, i) => ({ position, value: values[i] })),
    [positions, values],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- no compiler memoises here; the table is read while it is drawn
  const table = useReactTable({
    data,
    columns: COLUMNS,
    getRowId: ({ position }) => position.id,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const compared = table.getRowModel().rows.map((row) => row.original.position);
  return (
    <View className="gap-4">
      <ScrollView horizontal contentContainerClassName="grow">
        <View role="table" aria-label="Positions compared" className="min-w-full grow">
          <View role="row" className="flex-row items-end border-b border-line">
            <RowHead words="From" />
            {compared.map((p) => (
              <PositionHead key={p.id} position={p} isBest={p.id === best} />
            ))}
          </View>
          {LINES.map((line) => (
            <TableRow
              key={line.name}
              name={line.name === FILLED ? `Of the ${along}` : line.name}
              sorter={table.getColumn(line.name)}
            >
              {compared.map((p) => (
                <Found key={p.id} positionId={p.id} line={line} />
              ))}
            </TableRow>
          ))}
          <TableRow name="Walk there">
            {compared.map((p) => (
              <WalkCell key={p.id} positionId={p.id} walk={found[p.id]!} />
            ))}
          </TableRow>
        </View>
      </ScrollView>
      {compared.map(({ id, name }) => {
        const walk = found[id]!;
        return typeof walk === "object" && walk.over.length > 0 ? (
          <Txt key={id}>{`To ${name} ${crossingsWords(walk.over, official)}.`}</Txt>
        ) : null;
      })}
      <Yours of="pace" />
      <CompareReasons />
    </View>
  );
}

/** Minutes of a walk, a press away from their sum. */
function WalkCell({ positionId, walk }: { positionId: string; walk: WalkTo }) {
  const words = walkTo(walk);
  if (typeof walk === "string") return <Cell words={words} />;
  return (
    <View role="cell" className={COLUMN}>
      <AskSum of={["walk", positionId]} title="Walk there" says={`Walk there: ${words}`} byTab={false}>
        <Told words={words} />
      </AskSum>
    </View>
  );
}

function PositionHead({ position: { id, name }, isBest }: { position: Position; isBest: boolean }) {
  const here = useOuting((v) => v.position?.id === id);
  const { standAt } = useOpenOuting();
  return (
    <View role="columnheader" className={COLUMN}>
      <Pressable
        role="button"
        aria-label={isBest ? `Stand at ${name}, best now` : `Stand at ${name}`}
        aria-pressed={here}
        onPress={() => standAt(id)}
        className={`min-h-12 items-end justify-end border-b-4 ${here ? "border-water" : "border-transparent"}`}
      >
        <FrameThumb positionId={id} />
        <Txt size={20} weight={700} tone="water" className="pt-1">
          {name}
        </Txt>
        <Txt size={14} weight={600} tone="moss">
          {isBest ? "best now" : " "}
        </Txt>
      </Pressable>
    </View>
  );
}

interface TableRowProps {
  readonly name: string;
  readonly sorter?: Column<Compared>;
  readonly children: ReactNode;
}

function TableRow({ name, sorter, children }: TableRowProps) {
  return (
    <View role="row" className="min-h-12 flex-row items-center border-b border-line">
      {sorter?.getCanSort() ? <SortHead words={name} sorter={sorter} /> : <RowHead words={name} />}
      {children}
    </View>
  );
}

const HEAD = "w-[30%] max-w-[104px]";
/** As wide as the small frame at its head. */
const COLUMN = "min-w-[84px] flex-1";

const RowHead = memo(function RowHead({ words }: { words: string }) {
  return (
    <View role="rowheader" className={HEAD}>
      <Txt tone="ink2">{words}</Txt>
    </View>
  );
});

/** The head of a line that the positions can be sorted by: best first, then best last, then as they stand. */
function SortHead({ words, sorter }: { words: string; sorter: Column<Compared> }) {
  const sorted = sorter.getIsSorted();
  return (
    <View
      role="rowheader"
      className={HEAD}
      {...{ "aria-sort": sorted ? (`${sorted}ending` as const) : "none" }}
    >
      <Pressable
        role="button"
        aria-label={`Sort by ${words.toLowerCase()}`}
        aria-pressed={sorted !== false}
        onPress={() => sorter.toggleSorting()}
        className="min-h-12 flex-row items-center gap-1 active:opacity-70"
      >
        <Txt tone="water" weight={sorted ? 700 : 400} className="shrink">
          {words}
        </Txt>
        <SortMark sorted={sorted} />
      </Pressable>
    </View>
  );
}

/** What a line says of a position; drawn anew when that changes and not with every minute. */
function Found({ positionId, line }: { positionId: string; line: Line }) {
  const words = useOuting((v) => {
    const found = v.from(positionId);
    return found?.ok ? line.words(found) : "–";
  });
  const bad = useOuting((v) => {
    const found = v.from(positionId);
    return found?.ok === true && (line.bad?.(found) ?? false);
  });
  const here = useOuting((v) => v.position?.id === positionId);
  const { opens, name } = line;
  if (!opens || words === "–") return <Cell words={words} bad={bad} here={here} />;
  return (
    <View role="cell" className={COLUMN}>
      <AskSum of={opens} where={{ positionId }} title={name} says={`${name}: ${words}`} byTab={here}>
        <Told words={words} bad={bad} here={here} />
      </AskSum>
    </View>
  );
}

interface ToldProps {
  readonly words: string;
  readonly bad?: boolean;
  readonly here?: boolean;
}

const Told = memo(function Told({ words, bad, here }: ToldProps) {
  return (
    <Txt
      weight={here ? 700 : 400}
      tone={bad ? "bracken" : "ink"}
      className="pl-1 text-right"
      numberOfLines={2}
    >
      {words}
    </Txt>
  );
});

const Cell = (told: ToldProps) => (
  <View role="cell" className={COLUMN}>
    <Told {...told} />
  </View>
);
