import { suppliesOf } from "@/core/schedule";
import type { Outing } from "@/data";
import { bufferRun } from "@/outing/day/buffer-run";
import { suppliesInput } from "@/outing/day/day";
import { ownRateFor } from "@/outing/day/own-rate";
import { kept } from "@/outing/kept";
import type { OutingView } from "@/outing/outing-view";

const suppliesKept = kept(
  2,
  (
    outing: OutingView["outing"],
    kit: OutingView["kit"],
    bodyId: string | undefined,
    others: readonly Outing[],
  ) => {
    const ownRate = ownRateFor(outing, others);
    const input = suppliesInput(outing, kit, bodyId, ownRate);
    return { input, ownRate, supplies: suppliesOf(input), buffer: bufferRun(outing, kit, bodyId) };
  },
);

/** What the day takes of frames, cards, batteries and water, with what each sum is made of; one's own rate from other outings. */
export const supplies = ({ outing, kit, rig }: OutingView, others: readonly Outing[]) =>
  suppliesKept(outing, kit, rig?.body.id, others);
