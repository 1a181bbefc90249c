import { imageSpeedUm, shakeUmPerSecond } from "@/core/motion";
import { sharpBetween, stabiliserStopsOf } from "@/core/optics";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { closeUpLossOf } from "../explain/light-sums";
import { picturedOf } from "../explain/pictured";
import { distanceOf, focalLengthOf } from "../explain/place-sums";
import { farOf, nearOf, toleranceOf, umPerMetreOf } from "../explain/sums";
import { still } from "./still";

/** Every number of a still picture with its sum, by its line: the ways to hold the camera by their ids, "sway", "drift", "bellows". */
export function stillSums(view: OutingView): Readonly<Record<string, Figure>> {
  const answer = still(view);
  const of = picturedOf(view);
  if (!answer || !of) return {};
  const { rig, subject } = of.input;
  const tolerance = toleranceOf(of);
  const alone = (value: number, moving: Figure): Figure =>
    figure(value, "slowestExposure", { tolerance, still: given(0, "µm", "assumed"), moving });
  const { focalLengthMm } = of.found.sighting.frame;
  const steadied = figure(stabiliserStopsOf(rig), "stabiliserStopsOf", { asked: of.asked });
  const shaking = (id: string): Figure => {
    const stabiliser = id === "hand" ? given(0, "stops", "assumed") : steadied;
    const supportStops = view.bag.supports.find((s) => s.id === id)?.stops ?? 0;
    return figure(
      shakeUmPerSecond({ focalLengthMm, stabiliserStops: stabiliser.value, supportStops }),
      "shakeUmPerSecond",
      {
        focalLengthMm: focalLengthOf(of),
        stabiliserStops: stabiliser,
        supportStops: given(supportStops, "stops", "kit"),
      },
    );
  };
  const umPerMetre = umPerMetreOf(of);
  const [distance, near, far] = [distanceOf(of), nearOf(of), farOf(of)];
  const [before, behind] = [
    sharpBetween(near.value, distance.value),
    far ? sharpBetween(distance.value, far.value) : Infinity,
  ];
  return {
    ...Object.fromEntries(answer.steady.map(({ id, slowest }) => [id, alone(slowest, shaking(id))])),
    ...(answer.sway !== undefined && {
      sway: alone(
        answer.sway,
        figure(imageSpeedUm(subject.bob, umPerMetre.value), "imageSpeedUm", {
          speed: given(subject.bob, "m/s", "library"),
          umPerMetre,
        }),
      ),
    }),
    drift:
      far && behind < before
        ? figure(behind, "sharpBetween", { near: distance, far })
        : figure(before, "sharpBetween", { near, far: distance }),
    bellows: closeUpLossOf(of),
  };
}
