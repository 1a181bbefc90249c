import { useMemo } from "react";
import { Pressable, ScrollView, View } from "react-native";
import { assess, type Assessment, type NoPicture } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import type { Converter, Lens } from "@/core/optics";
import { Txt } from "@/ui/controls/Txt";
import { focalWords, percentWords } from "@/words";
import { editChoice } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../outing/use-outing";

interface Glass {
  readonly key: string;
  readonly lens: Lens;
  readonly converter?: Converter;
}

/** How much of the frame is filled from here, against what is wanted. */
export const lensesAnswer = ({ found, shot }: OutingView): string =>
  found
    ? `${percentWords(found.sighting.frame.fill)} filled, ${percentWords(shot.fill)} wanted`
    : `${percentWords(shot.fill)} wanted`;

/** Every lens of the bag from every position: how much it fills, and the pixels left of what was ordered. */
export function LensTable() {
  const positions = useOuting((v) => v.outing.ground.positions);
  const shot = useOuting((v) => v.shot);
  const subject = useOuting((v) => v.subject);
  const choice = useOuting((v) => v.choice);
  const here = useOuting((v) => v.position?.id);
  const bag = useOuting((v) => v.bag);
  const rig = useOuting((v) => v.rig);
  const scene = useOuting((v) => v.scene);
  const order = useOuting((v) => v.preferences.order);
  const commit = useCommit();
  const { standAt } = useOpenOuting();
  const rows = useMemo<Glass[]>(
    () =>
      bag.lenses.flatMap((lens) => [
        { key: lens.id, lens },
        ...(lens.takesConverter
          ? bag.converters.map((converter) => ({ key: `${lens.id} ${converter.id}`, lens, converter }))
          : []),
      ]),
    [bag],
  );
  const cells = useMemo(() => {
    if (!rig) return new Map<string, Assessment | NoPicture>();
    const { body, support } = rig;
    return new Map(
      rows.flatMap(({ key, lens, converter }) =>
        positions.map((position) => {
          const mounted = { body, support, lens, ...(converter ? { converter } : {}) };
          const found = assess({ shot, subject, position, rig: mounted, scene, order });
          return [`${key} ${position.id}`, found] as const;
        }),
      ),
    );
  }, [rows, positions, rig, shot, subject, scene, order]);
  if (!rig) return null;
  return (
    <ScrollView horizontal contentContainerClassName="grow">
      <View role="table" aria-label="Lenses by position" className="min-w-full grow">
        <View role="row" className="flex-row items-end border-b border-line pb-1">
          <View role="columnheader" className="w-[34%] max-w-[132px]">
            <Txt size={14} tone="ink2">
              {`${percentWords(shot.fill)} wanted`}
            </Txt>
          </View>
          {positions.map((p) => (
            <View role="columnheader" key={p.id} className="min-w-[58px] flex-1 items-end">
              <Txt weight={700}>{p.name}</Txt>
            </View>
          ))}
        </View>
        {rows.map(({ key, lens, converter }) => (
          <View role="row" key={key} className="flex-row items-center border-b border-line">
            <View role="rowheader" className="w-[34%] max-w-[132px] py-1">
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
                  found={cells.get(`${key} ${p.id}`)}
                  ordered={shot.deliveredLongEdgePx}
                  says={`${lens.name}${converter ? ` with ${converter.name}` : ""} from ${p.name}`}
                  chosen={
                    p.id === here &&
                    lens.id === choice.lensId &&
                    (converter?.id ?? null) === (rig.converter?.id ?? null)
                  }
                  onPress={() => {
                    const mounted = { lensId: lens.id, converterId: converter?.id ?? null };
                    commit(editChoice(shot.id, { ...mounted, positionId: p.id, focalLengthMm: null }));
                    standAt(p.id);
                  }}
                />
              </View>
            ))}
          </View>
        ))}
      </View>
    </ScrollView>
  );
}

interface CellProps {
  readonly found: Assessment | NoPicture | undefined;
  readonly ordered: number;
  readonly says: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function Cell({ found, ordered, says, chosen, onPress }: CellProps) {
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
    </Pressable>
  );
}
