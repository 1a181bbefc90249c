/** A leg at its joints, degrees: the hip bent forward and opened aside, the knee bent, the toes pointed down. */
export interface LegPose {
  /** Degrees, −20 … 125: forward above 0. */
  readonly hip: number;
  /** Degrees, −30 … 90: outward above 0. */
  readonly aside?: number;
  /** Degrees by which the thigh is turned about itself, outward above 0. */
  readonly turned?: number;
  /** Degrees, 0 (straight) … 140. */
  readonly knee: number;
  /** Degrees, −25 … 60: pointed down above 0. */
  readonly toes?: number;
  /** The sole lies level and points the way the hips do, whatever the leg does: on skis, on blades. */
  readonly level?: boolean;
}

/** An arm at its joints, degrees: raised forward, opened aside from there, turned about itself outward, the elbow bent. */
export interface ArmPose {
  /** Degrees, −60 … 185: forward and up above 0. */
  readonly raised: number;
  /** Degrees from there: outward above 0. */
  readonly aside?: number;
  /** Degrees about itself: outward above 0. */
  readonly turned?: number;
  /** Degrees, 0 (straight) … 150. */
  readonly elbow: number;
}

/** How a person holds itself, degrees. */
export interface PersonPose {
  /** Degrees by which the hips are tipped forward. */
  readonly tip?: number;
  /** Degrees by which the hips lean to the left. */
  readonly roll?: number;
  /** Degrees by which the hips are turned to the left. */
  readonly yaw?: number;
  /** Degrees, −35 … 90, by which the chest is bent forward against the hips. */
  readonly bend?: number;
  /** Degrees by which the chest leans to the left against the hips. */
  readonly lean?: number;
  /** Degrees, −60 … 60, by which the chest is twisted to the left against the hips. */
  readonly twist?: number;
  /** Degrees, −60 … 60, by which the head is nodded down against the chest. */
  readonly nod?: number;
  /** Degrees, −80 … 80, by which the head is turned to the left against the chest. */
  readonly look?: number;
  readonly left: LegPose;
  readonly right: LegPose;
  readonly leftArm: ArmPose;
  readonly rightArm: ArmPose;
  /** How far its lowest point is off the ground, in shares of its standing height, 0 or more. */
  readonly off?: number;
  /** Which way what it holds points, in the body's own axes; as the tool has it when left out. */
  readonly holds?: readonly [x: number, y: number, z: number];
  /** What it held has gone. */
  readonly letGo?: boolean;
  /** Height of the middle of the hips over the water that it lies in, in shares of the standing height; on or off the ground when left out. */
  readonly afloat?: number;
  /** Where a ball is, in shares of the standing height from the middle of the hips; in the hand when left out. */
  readonly ball?: readonly [x: number, y: number, z: number];
}

/** Degrees that the joints of most people reach (clinical tables of ranges of motion, from memory). */
const REACHES = {
  hip: [-20, 125],
  hipAside: [-30, 90],
  knee: [0, 140],
  toes: [-25, 60],
  raised: [-60, 185],
  elbow: [0, 150],
  bend: [-35, 90],
  twist: [-60, 60],
  nod: [-60, 60],
  look: [-80, 80],
} as const;

/** What of a pose no joint reaches, with the joint and its degrees; nothing of one that can be held. */
export function beyondReach(pose: PersonPose): { readonly joint: string; readonly degrees: number }[] {
  const asked: readonly (readonly [string, keyof typeof REACHES, number])[] = [
    ...[pose.left, pose.right].flatMap((leg, i) => {
      const side = i === 0 ? "left" : "right";
      return [
        [`${side} hip`, "hip", leg.hip],
        [`${side} hip aside`, "hipAside", leg.aside ?? 0],
        [`${side} knee`, "knee", leg.knee],
        [`${side} toes`, "toes", leg.toes ?? 0],
      ] as const;
    }),
    ...[pose.leftArm, pose.rightArm].flatMap((arm, i) => {
      const side = i === 0 ? "left" : "right";
      return [
        [`${side} arm`, "raised", arm.raised],
        [`${side} elbow`, "elbow", arm.elbow],
      ] as const;
    }),
    ["back", "bend", pose.bend ?? 0],
    ["twist", "twist", pose.twist ?? 0],
    ["nod", "nod", pose.nod ?? 0],
    ["look", "look", pose.look ?? 0],
  ];
  return asked.flatMap(([joint, reach, degrees]) => {
    const [least, most] = REACHES[reach];
    return degrees < least || degrees > most ? [{ joint, degrees }] : [];
  });
}
