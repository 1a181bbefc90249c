import { OPEN_GROUND, venueTemplate, type Point } from "@/core/ground";
import { idFromName } from "./ids";
import type {
  Caution,
  Choice,
  Kind,
  Preferences,
  Shoot,
  StoredKit,
  StoredShot,
  StoredSubject,
} from "./schema";
import { SHOOT_VERSION } from "./schema";

/** What has to be said before there is an outing: the rest has a sensible beginning and can be changed. */
export interface NewShoot {
  readonly name: string;
  readonly kind: Kind;
  readonly template: string;
  /** Where its long axis points, degrees; north when left out. */
  readonly bearing?: number;
  readonly place: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly zone: string;
  readonly date: string;
  readonly from: string;
  readonly until: string;
  readonly starts: string;
  readonly subject: StoredSubject;
}

/** Cautions that apply to a kind of outing from the start; the user adds and takes away. */
const CAUTIONS_OF: Readonly<Record<Kind, readonly Caution[]>> = {
  field: ["balls", "run-off", "young-people"],
  court: ["balls", "run-off", "young-people"],
  pool: ["water", "electricity", "young-people"],
  arena: ["run-off", "young-people"],
  course: ["horses", "vehicles", "alone"],
  wild: ["distance", "nests", "alone"],
};

/** Metres beyond the edge of the field at which the first position is put, where no run-off asks for more. */
const BESIDE = 3;
/** In open ground the first position stands this far from the spot. */
const IN_THE_OPEN = 20;

const round = ({ x, y }: Point): Point => ({ x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 });

/** Where one stands and where the subject is, until somebody says better: at the side of the field, level with a third. */
function firstPlaces(template: string): { position: Point; spot: Point } {
  const found = venueTemplate(template);
  if (!found.ok || template === OPEN_GROUND.id)
    return { position: { x: 0, y: -IN_THE_OPEN }, spot: { x: 0, y: 0 } };
  const { width, length, runOff } = found.value;
  const side = Math.max(BESIDE, runOff.side + 1);
  return {
    position: round({ x: width / 2 + side, y: length / 3 }),
    spot: round({ x: 0, y: length / 4 }),
  };
}

/** A shot of a subject at a spot as it begins: the whole figure, frozen, the part that must hold the fastest limb. */
export function beginShot(
  subject: StoredSubject,
  spotId: string,
  preferences: Pick<Preferences, "tolerance">,
  taken: readonly { id: string }[],
): StoredShot {
  const limb = subject.parts.find((p) => p.partClass === "limb" || p.partClass === "wing");
  const still = subject.bodySpeed < 0.5 && !limb;
  return {
    id: idFromName(subject.name, taken, "shot"),
    name: subject.name,
    intent: still ? "still" : "freeze",
    subjectId: subject.id,
    spotId,
    technique: still ? "pre-framed" : "tracked",
    part: "whole",
    orientation: subject.span || subject.length ? "level" : "upright",
    ...(subject.span || subject.length ? { along: "width" as const } : {}),
    fill: 0.6,
    holdPartId: limb?.id ?? "body",
    tolerance: preferences.tolerance,
    deliveredLongEdgePx: 3000,
    wanted: 1,
    priority: 1,
  };
}

/** The kit that a shot begins with: the first body and lens of the bag, and the first support. */
export const beginChoice = (shotId: string, positionId: string | null, kit: StoredKit): Choice => ({
  shotId,
  positionId,
  bodyId: kit.bodies[0]!.id,
  lensId: kit.lenses[0]!.id,
  converterId: null,
  supportId: kit.supports[0]!.id,
  focalLengthMm: null,
  held: {},
});

/** An outing that can be walked at once: one position, one spot, one shot, the light of its hour. */
export function newShoot(
  wish: NewShoot,
  kit: StoredKit,
  preferences: Preferences,
  taken: readonly { id: string }[],
): Shoot {
  const { position, spot } = firstPlaces(wish.template);
  const { subject } = wish;
  const shot = beginShot(subject, "spot-1", preferences, []);
  const indoors = wish.kind === "court";
  const lit = wish.kind === "court" || wish.kind === "pool";
  return {
    version: SHOOT_VERSION,
    id: idFromName(wish.name, taken, "outing"),
    revision: 0,
    name: wish.name,
    kind: wish.kind,
    place: wish.place,
    sport: subject.name,
    date: wish.date,
    from: wish.from,
    until: wish.until,
    starts: wish.starts,
    zone: wish.zone,
    archived: false,
    access: { allowedBy: "", mayStand: "", fallBack: "" },
    cautions: [...CAUTIONS_OF[wish.kind]],
    bag: null,
    plannedAt: wish.starts,
    shotId: shot.id,
    ground: {
      anchor: { latitude: wish.latitude, longitude: wish.longitude, elevation: 0 },
      surface: indoors ? "floor" : "grass",
      venue: { template: wish.template, bearing: wish.bearing ?? 0, centre: { x: 0, y: 0 } },
      zones: [{ id: "ground", name: "Ground", offsetClicks: 0 }],
      spots: [
        {
          id: "spot-1",
          name: "Spot 1",
          at: spot,
          aimHeight: Math.round(Math.max(0.05, subject.height / 2) * 100) / 100,
          facing: 90,
          zoneId: "ground",
        },
      ],
      tracks: [],
      obstacles: [],
      masts: [],
      noGo: [],
      positions: [{ id: "a", name: "A", at: position, lensHeight: 1.2 }],
    },
    subjects: [subject],
    shots: [shot],
    choices: [beginChoice(shot.id, "a", kit)],
    light: {
      cloudEighths: 2,
      ...(indoors ? { roof: { daylightShare: 0.01 } } : {}),
      lamps: lit
        ? { class: "II", kind: wish.kind === "pool" ? "pool" : "hall", from: wish.from, until: wish.until }
        : null,
      readings: [],
    },
    log: [],
    notes: "",
  };
}

/** The same outing again, for another day: what was measured and counted stays with the old one. */
export const duplicateShoot = (shoot: Shoot, taken: readonly { id: string }[]): Shoot => ({
  ...shoot,
  id: idFromName(shoot.name, taken, "outing"),
  name: `${shoot.name.slice(0, 72)}, again`,
  revision: 0,
  archived: false,
  light: { ...shoot.light, readings: [] },
  log: [],
});
