import {
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type Column,
  type ColumnDef,
  type SortingState,
} from "@tanstack/react-table";
import { useMemo, useState } from "react";
import { Pressable, ScrollView, View } from "react-native";
import { lensesFromPositions, lensesOntoSpots, servesNowhere, type LensRow } from "@/answers/frame/lenses";
import type { Assessment, NoPicture } from "@/core/judge";
import type { Position } from "@/core/ground";
import { BarToMark } from "@/ui/charts/BarToMark";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { SortMark } from "@/ui/controls/SortMark";
import { Txt } from "@/ui/controls/Txt";
import { countWords, focalWords, percentWords } from "@/words";
import { editChoice, editShot } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";

type Found = Assessment | NoPicture;

/** What stands across the table: the positions for the spot in hand, or the spots from the position in hand. */
type Across = "positions" | "spots";
const ACROSS = [
  { key: "positions", label: "From each position" },
  { key: "spots", label: "Onto each spot" },
] as const;

/** A column: a place to stand, or a spot to aim at. */
type Place = Pick<Position, "id" | "name">;

const LENS = "lens";

const columnsFor = (positions: readonly Place[]): ColumnDef<LensRow>[] => [
  { id: LENS, enableSorting: false },
  ...positions.map(({ id }): ColumnDef<LensRow> => ({
    id,
    accessorFn: ({ from }) => {
      const found = from.get(id);
      return found?.ok ? found.sighting.frame.fill : undefined;
    },
    sortDescFirst: true,
    sortUndefined: "last",
  })),
];

/** Every lens of the bag from every position, or onto every spot: how much it fills, and the pixels left of what was ordered. */
export function LensTable() {
  const [across, setAcross] = useState<Across>("positions");
  const [unfolded, setUnfolded] = useState(false);
  const stand = useOuting((v) => v.outing.ground.positions);
  const spots = useOuting((v) => v.outing.ground.spots);
  const positions: readonly Place[] = across === "positions" ? stand : spots;
  const wanted = useOuting((v) => v.shot.fill);
  const data = useOuting(across === "positions" ? lensesFromPositions : lensesOntoSpots);
  const columns = useMemo(() => columnsFor(positions), [positions]);
  const [sorting, setSorting] = useState<SortingState>([]);
  // eslint-disable-next-line react-hooks/incompatible-library -- no compiler memoises here; the table is read while it is drawn
  const table = useReactTable({
    data,
    columns,
    getRowId: ({ key }) => key,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const { rows } = table.getRowModel();
  const useless = rows.filter(({ original }) => servesNowhere(original)).length;
  const folds = useless > 0 && useless < rows.length;
  const shown = folds && !unfolded ? rows.filter(({ original }) => !servesNowhere(original)) : rows;
  return (
    <View className="gap-2">
      <Segmented label="Across the table" segments={ACROSS} chosen={across} onChoose={setAcross} />
      <ScrollView horizontal contentContainerClassName="grow">
        <View role="table" aria-label="Lenses by position" className="min-w-full grow">
          <View role="row" className="flex-row items-end border-b border-line">
            <View role="columnheader" className={`${FIRST} pb-3`}>
              <Txt size={14} tone="ink2">
                {`${percentWords(wanted)} wanted`}
              </Txt>
            </View>
            {positions.map((p) => (
              <SortHead key={p.id} name={p.name} sorter={table.getColumn(p.id)!} />
            ))}
          </View>
          {shown.map(({ original }) => (
            <LensLine key={original.key} mounted={original} across={across} positions={positions} />
          ))}
        </View>
      </ScrollView>
      {folds && (
        <Button
          kind="plain"
          label={
            unfolded
              ? "Fold what serves nowhere"
              : `${countWords(useless, "lens", "lenses")} more that serve nowhere`
          }
          onPress={() => setUnfolded(!unfolded)}
        />
      )}
    </View>
  );
}

const FIRST = "w-[34%] max-w-[132px]";

function SortHead({ name, sorter }: { name: string; sorter: Column<LensRow> }) {
  const sorted = sorter.getIsSorted();
  return (
    <View
      role="columnheader"
      className="min-w-[58px] flex-1"
      {...{ "aria-sort": sorted ? (`${sorted}ending` as const) : "none" }}
    >
      <Pressable
        role="button"
        aria-label={`Sort by what is filled from ${name}`}
        aria-pressed={sorted !== false}
        onPress={() => sorter.toggleSorting()}
        className="min-h-12 flex-row items-center justify-end gap-1 active:opacity-70"
      >
        <SortMark sorted={sorted} />
        <Txt size={20} weight={700} tone="water">
          {name}
        </Txt>
      </Pressable>
    </View>
  );
}

interface RowProps {
  readonly mounted: LensRow;
  readonly across: Across;
  readonly positions: readonly Place[];
}

function LensLine({ mounted, across, positions }: RowProps) {
  const { lens, converter, from } = mounted;
  const ordered = useOuting((v) => v.shot.deliveredLongEdgePx);
  const wanted = useOuting((v) => v.shot.fill);
  const shotId = useOuting((v) => v.shot.id);
  const here = useOuting((v) => (across === "positions" ? v.position?.id : v.spot.id));
  const inHand = useOuting((v) => v.choice.lensId === lens.id && v.rig?.converter?.id === converter?.id);
  const commit = useCommit();
  const { standAt } = useOpenOuting();
  const take = (id: string): void => {
    const mount = { lensId: lens.id, converterId: converter?.id ?? null, focalLengthMm: null };
    if (across === "spots")
      return void commit((o) => editShot(shotId, { spotId: id })(editChoice(shotId, mount)(o)));
    void commit(editChoice(shotId, { ...mount, positionId: id }));
    standAt(id);
  };
  return (
    <View role="row" className="flex-row items-center border-b border-line">
      <View role="rowheader" className={`${FIRST} py-1`}>
        <Txt>{lens.name}</Txt>
        {converter && (
          <Txt size={14} tone="ink2">
            {converter.name}
          </Txt>
        )}
      </View>
      {positions.map((p) => (
        <View role="cell" key={p.id} className="min-w-[58px] flex-1">
          <Cell
            found={from.get(p.id)}
            ordered={ordered}
            wanted={wanted}
            says={`${lens.name}${converter ? ` with ${converter.name}` : ""} ${across === "positions" ? "from" : "onto"} ${p.name}`}
            chosen={p.id === here && inHand}
            onPress={() => take(p.id)}
          />
        </View>
      ))}
    </View>
  );
}

interface CellProps {
  readonly found: Found | undefined;
  readonly ordered: number;
  /** Of the frame's side. */
  readonly wanted: number;
  readonly says: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function Cell({ found, ordered, wanted, says, chosen, onPress }: CellProps) {
  const frame = found?.ok ? found.sighting.frame : undefined;
  const reach =
    found?.ok && found.judgement.some((j) => j.code === "out-of-reach" || j.code === "does-not-fit");
  const words = frame ? percentWords(frame.fill) : "too near";
  const under = frame
    ? frame.keptLongEdgePx < ordered
      ? `${frame.keptLongEdgePx} px`
      : focalWords(frame.focalLengthMm)
    : "";
  return (
    <Pressable
      role="button"
      aria-label={`${says}: ${words}${under ? `, ${under}` : ""}`}
      aria-pressed={chosen}
      onPress={onPress}
      className={`min-h-14 items-end justify-center border-b-4 active:opacity-70 ${chosen ? "border-water" : "border-transparent"}`}
    >
      <Txt weight={chosen ? 700 : 600} tone={!frame || reach ? "bracken" : "ink"}>
        {words}
      </Txt>
      <Txt size={14} tone="ink2">
        {under}
      </Txt>
      {frame && (
        <View className="w-full">
          <BarToMark share={frame.fill} mark={wanted} tone={reach ? "bracken" : "moss"} />
        </View>
      )}
    </Pressable>
  );
}
