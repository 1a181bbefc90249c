import { G, Rect, Text as SvgText } from "react-native-svg";
import type { Assessment, NoPicture } from "@/core/judge";
import type { Scene, Shot } from "@/core/scene";
import { shadedBy } from "@/core/light";
import type { Point, Spot } from "@/core/ground";
import { placeLabels, type Box } from "@/ui/plan/labels";
import { toScreen, type PlanView, type ScreenPoint } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { metresWords } from "@/words";
import { Masts, NoGoAreas, Obstacles, Shadows, Walls } from "./Built";
import type { FoundPlaces } from "../place-search";
import { Areas, VenueAreas } from "./Areas";
import { Heat, Ranks } from "./Heat";
import { Pitch } from "./Pitch";
import { Ball, TrackLine, Wedge } from "./Sight";
import { Tag, TAG } from "./Tag";

interface Props {
  readonly view: PlanView;
  readonly scene: Scene;
  readonly shot: Shot;
  readonly positionId: string | null;
  readonly assessments: ReadonlyMap<string, Assessment | NoPicture>;
  /** What a search found, while it is shown. */
  readonly found?: FoundPlaces;
}

/** Direct sun weaker than this many lux throws no shadow worth drawing. */
const SHADOW_LUX = 800;

export const directSun = (scene: Scene): boolean =>
  scene.sun.apparentAltitude > 0 && scene.daylight.directNormal > SHADOW_LUX;

/** The ground to scale: pitch, what stands, shadows, tracks, the wedge of the chosen position, spots and positions. */
export function GroundDrawing({ view, scene, shot, positionId, assessments, found: places }: Props) {
  const { ground, sun } = scene;
  const spot = ground.spots.find((s) => s.id === shot.spotId)!;
  const chosen = ground.positions.find((p) => p.id === positionId);
  const found = chosen && assessments.get(chosen.id);
  const bright = directSun(scene);
  const litFrom = (s: Spot): number | undefined =>
    bright && !shadedBy({ ...s.at, z: s.aimHeight }, sun, ground.obstacles) ? sun.azimuth : undefined;
  const vetoed = (id: string): boolean => {
    const a = assessments.get(id);
    return a !== undefined && (!a.ok || a.judgement.some((j) => j.weight === "veto"));
  };
  return (
    <G>
      {ground.hall && <Walls view={view} hall={ground.hall} />}
      <VenueAreas
        view={view}
        venue={ground.venue}
        surface={ground.surface ?? "grass"}
        leave={ground.leave ?? []}
      />
      <Areas view={view} areas={ground.areas ?? []} />
      <Pitch view={view} venue={ground.venue} />
      {bright && <Shadows view={view} obstacles={ground.obstacles} sun={sun} />}
      <Obstacles view={view} obstacles={ground.obstacles} />
      <NoGoAreas view={view} areas={ground.noGo} />
      {places && <Heat view={view} places={places} />}
      {ground.tracks.map((track) => (
        <TrackLine key={track.id} view={view} points={track.points} />
      ))}
      <Masts view={view} masts={ground.masts} alight={scene.lampLux > 0} />
      {chosen && found?.ok && <Wedge view={view} position={chosen} spot={spot} assessment={found} />}
      {ground.spots.map((s) => (
        <Ball key={s.id} view={view} spot={s} litFrom={litFrom(s)} chosen={s.id === spot.id} />
      ))}
      <SpotLabels {...{ view, scene, shot }} />
      {places && <Ranks view={view} list={places.list} />}
      {[...ground.positions]
        .sort((a, b) => Number(a.id === positionId) - Number(b.id === positionId))
        .map((p) => (
          <Tag key={p.id} view={view} position={p} chosen={p.id === positionId} vetoed={vetoed(p.id)} />
        ))}
    </G>
  );
}

const TYPE = 14;

function middleOf(view: PlanView, outline: readonly Point[]): ScreenPoint {
  const sum = outline.reduce((s, p) => ({ x: s.x + p.x, y: s.y + p.y }), { x: 0, y: 0 });
  return toScreen(view, { x: sum.x / outline.length, y: sum.y / outline.length });
}

/** Names beside spots, the one in hand first, and beside what is too thin to be written on; none covers a tag, a ball or another name. */
function SpotLabels({ view, scene: { ground }, shot }: Pick<Props, "view" | "scene" | "shot">) {
  const { ink, paper } = useTokens();
  const inHand = (s: Spot): boolean => s.id === shot.spotId;
  const spots = [...ground.spots].sort((a, b) => Number(inHand(b)) - Number(inHand(a)));
  const at = (s: Spot) => toScreen(view, s.at);
  const boxAbout = (left: number, top: number, half: number): Box => ({
    left: left - half,
    top: top - half,
    width: 2 * half,
    height: 2 * half,
  });
  const taken: Box[] = [
    ...ground.positions.map((p) => {
      const { left, top } = toScreen(view, p.at);
      return { left: left - TAG.width / 2, top: top - TAG.height, width: TAG.width, height: TAG.height };
    }),
    ...ground.spots.map((s) => boxAbout(at(s).left, at(s).top, 8)),
  ];
  const frame: Box = { left: 4, top: 4, width: view.width - 8, height: view.height - 8 };
  const low = ground.obstacles.filter((o) => o.kind === "boards" || o.kind === "fence");
  const wishes = [
    ...spots.map((s) => ({ id: s.id, at: at(s), words: s.name, clear: inHand(s) ? 14 : 10 })),
    ...low.map((o) => ({
      id: o.id,
      at: middleOf(view, o.outline),
      words: `${o.name}, ${metresWords(o.height)}`,
      clear: 4,
    })),
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
        fontFamily={label.id === shot.spotId ? "Text-700" : "Text-400"}
        fill={ink}
        textAnchor="middle"
      >
        {label.words}
      </SvgText>
    </G>
  ));
}
