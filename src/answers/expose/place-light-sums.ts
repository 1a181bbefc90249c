import { stopsOfAdvice } from "@/core/exposure";
import type { OutingView } from "@/outing/outing-view";
import { figure, type Figure } from "../explain/figure";
import { picturedOf, type Pictured } from "../explain/pictured";
import { modeAsked } from "../shot/exposing";
import { zones } from "../run/clicks-elsewhere";
import { placeLight } from "./place-light";

const aside = ({ input }: Pictured, more: object): Figure["of"] => ({
  asked: { kind: "whole", value: { ...input, ...more } },
});

/** Stops for which the way of exposing is chosen; nothing where the light is steady or at its end. */
export function modeSum(view: OutingView): Figure | undefined {
  const asked = modeAsked(view);
  const advice = placeLight(view)?.advice;
  if (!asked || !advice) return undefined;
  const stops = stopsOfAdvice(advice);
  if (stops === undefined) return undefined;
  return figure(stops, "modeFor.stops", { asked: { kind: "whole", value: asked } });
}

/** Clicks by which a zone is brighter or darker than that of the spot. */
export function zoneSum(view: OutingView, zoneId: string, clicks: number): Figure | undefined {
  const of = picturedOf(view);
  return of && figure(clicks, "zonesLight.clicks", aside(of, { zoneId }));
}

/** Clicks by which the ends are off where one setting serves all zones. */
export function betweenSum(view: OutingView): Figure | undefined {
  const of = picturedOf(view);
  const off = zones(view).between?.off;
  return of && off !== undefined ? figure(off, "betweenZones.off", { asked: of.asked }) : undefined;
}

/** Clicks between sun and shade. */
export function edgeSum(view: OutingView): Figure | undefined {
  const of = picturedOf(view);
  const edge = placeLight(view)?.edge;
  return of && edge && figure(edge.clicks, "shadowEdge.clicks", { asked: of.asked });
}

/** What one of the three ways between whites and faces costs in stops: of the whites, or else of the faces. */
export function toneSum(view: OutingView, choice: number): Figure | undefined {
  const of = picturedOf(view);
  const tone = placeLight(view)?.tones?.choices[choice];
  if (!of || !tone) return undefined;
  const { whitesLost, facesLost } = tone;
  return whitesLost > 0
    ? figure(whitesLost, "tonesFound.whitesLost", aside(of, { choice }))
    : figure(facesLost, "tonesFound.facesLost", aside(of, { choice }));
}

/** EV below which aperture priority falls short of the movement. */
export function prioritySum(view: OutingView): Figure | undefined {
  const of = picturedOf(view);
  const answer = placeLight(view);
  return (
    of && answer && figure(answer.priority.shortBelowEv, "aperturePriority.shortBelowEv", { asked: of.asked })
  );
}
