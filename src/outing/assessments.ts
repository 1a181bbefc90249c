import { assess, timeline, type Assessment, type NoPicture, type Timeline } from "@/core/judge";
import { sceneAt, type LightPlan, type Scene } from "@/core/scene";
import type { Position } from "@/core/ground";
import { bagOf, lightPlanOf, type Outing, type StoredKit } from "@/data";
import { kept } from "./kept";
import { askedOf, mountedFor, type Asked, type Mounted, type Plan, type Ways } from "./ask";

/** All that an outing's answers hang on. */
export interface Question {
  readonly outing: Outing;
  readonly kit: StoredKit;
  readonly preferences: Ways;
}

/** The answers of an outing: each is worked out when it is first asked; the same inputs give the same object. */
export interface Assessments {
  bag(question: Question): StoredKit;
  /** What a shot is taken with; absent while the kit lacks a body, a lens or a support. */
  mounted(question: Question, shotId: string): Mounted | undefined;
  /** At an instant in epoch milliseconds. */
  scene(question: Question, at: number): Scene;
  /** Absent while the shot or the position is not there, or the kit lacks what it takes. */
  assessment(
    question: Question,
    shotId: string,
    positionId: string | null,
    at: number,
  ): Assessment | NoPicture | undefined;
  timeline(
    question: Question,
    shotId: string,
    positionId: string | null,
    span: { readonly from: number; readonly until: number; readonly step: number },
  ): Timeline;
  /** How many shots are vetoed, or have no picture, where they are to be taken from. */
  vetoed(question: Question, at: number): number;
  /** Ids of the positions that are vetoed for a shot, or give no picture. */
  ruledOut(question: Question, shotId: string, at: number): ReadonlySet<string>;
  /** What `assess` is asked for a shot, without position and scene. */
  asked(question: Question, shotId: string): Asked | undefined;
}

/** Whether a place is ruled out: vetoed, or without a picture. */
const isRuledOut = (found: Assessment | NoPicture): boolean => !found.ok || found.score.vetoed;

/** As many positions as an outing may have and its shots from theirs, for two minutes. */
const MOST_ASSESSMENTS = 200;
const MOST_SHOTS = 60;
const NOTHING: Timeline = { points: [], moments: [] };

/** One memory of answers, for as long as an outing is open. */
export function createAssessments(): Assessments {
  const bagKept = kept(2, (bag: Outing["bag"], kit: StoredKit) => bagOf({ bag }, kit));
  const planKept = kept(2, (light: Outing["light"], ...[date, from, until, lastDate, timeZone]: NightList) =>
    lightPlanOf({ light, date, from, until, lastDate, timeZone }),
  );
  const sceneKept = kept(8, sceneAt);
  const mountedKept = kept(MOST_SHOTS, (shotId: string, parts: Plan, kit: StoredKit) => {
    const shot = parts.shots.find((s) => s.id === shotId);
    return shot && mountedFor(parts, shot, kit);
  });
  const askedKept = kept(
    MOST_SHOTS,
    (...[shotId, parts, mounted, order, school, weights, learnt]: AskList) => {
      const shot = parts.shots.find((s) => s.id === shotId);
      return shot && askedOf(parts, shot, mounted, { order, school, weights, learnt });
    },
  );
  const assessmentKept = kept(MOST_ASSESSMENTS, (asked: Asked, position: Position, scene: Scene) =>
    assess({ ...asked, position, scene }),
  );
  const timelineKept = kept(4, (asked: Asked, position: Position, ...rest: Course) => {
    const [ground, light, from, until, step] = rest;
    return timeline({ ...asked, position, ground, light, from, until, step });
  });
  const partsKept = kept(2, (...[shots, choices, subjects, bag, ground, weather]: PartList): Plan => ({
    shots,
    choices,
    subjects,
    bag,
    ground,
    weather,
  }));

  const planOf = ({ outing }: Question) => {
    const { light, date, from, until, lastDate, timeZone } = outing;
    return planKept(light, date, from, until, lastDate, timeZone);
  };
  const partsOf = ({ outing: { shots, choices, subjects, bag, ground, weather } }: Question) =>
    partsKept(shots, choices, subjects, bag, ground, weather);
  const positionOf = ({ outing }: Question, id: string | null) =>
    outing.ground.positions.find((p) => p.id === id);
  const answers: Assessments = {
    bag: ({ outing, kit }) => bagKept(outing.bag, kit),
    scene: (question, at) => sceneKept(question.outing.ground, planOf(question), at),
    mounted: (question, shotId) => mountedKept(shotId, partsOf(question), question.kit),
    asked: (question, shotId) => {
      const { order, school, weights, learnt } = question.preferences;
      const mounted = answers.mounted(question, shotId);
      return askedKept(shotId, partsOf(question), mounted, order, school, weights, learnt);
    },
    assessment: (question, shotId, positionId, at) => {
      const asked = answers.asked(question, shotId);
      const position = positionOf(question, positionId);
      return asked && position && assessmentKept(asked, position, answers.scene(question, at));
    },
    timeline: (question, shotId, positionId, { from, until, step }) => {
      const asked = answers.asked(question, shotId);
      const position = positionOf(question, positionId);
      if (!asked || !position) return NOTHING;
      return timelineKept(asked, position, question.outing.ground, planOf(question), from, until, step);
    },
    vetoed: ({ outing, kit, preferences }, at) => vetoedKept(outing, kit, preferences, at),
    ruledOut: ({ outing, kit, preferences }, shotId, at) =>
      ruledOutKept(outing, kit, preferences, shotId, at),
  };
  const isOut = (question: Question, shotId: string, positionId: string | null, at: number): boolean => {
    const found = answers.assessment(question, shotId, positionId, at);
    return found !== undefined && isRuledOut(found);
  };
  const vetoedKept = kept(
    2,
    (...[outing, kit, preferences, at]: [...AskedOf, number]) =>
      outing.choices.filter((c) => isOut({ outing, kit, preferences }, c.shotId, c.positionId, at)).length,
  );
  const ruledOutKept = kept(
    MOST_SHOTS,
    (...[outing, kit, preferences, shotId, at]: [...AskedOf, string, number]) => {
      const out = outing.ground.positions.filter((p) =>
        isOut({ outing, kit, preferences }, shotId, p.id, at),
      );
      return new Set(out.map((p) => p.id));
    },
  );
  return answers;
}

type AskedOf = [Outing, StoredKit, Question["preferences"]];
type NightList = [string, string, string, string | undefined, string];
type PartList = [
  Plan["shots"],
  Plan["choices"],
  Plan["subjects"],
  Plan["bag"],
  Plan["ground"],
  Plan["weather"],
];
type AskList = [
  string,
  Plan,
  Mounted | undefined,
  Ways["order"],
  Ways["school"],
  Ways["weights"],
  Ways["learnt"],
];
type Course = [Outing["ground"], LightPlan, number, number, number];
