import { builtFigure, type Built } from "../figure";
import { arm, leg, pose } from "../poses/pose-of";
import { personAt } from "../rigs/rider";
import { vec } from "../rigs/build";
import type { PersonPose } from "../pose";

// Persons together and on a rope, in metres: poses from memory.

/** Two lift a third who stands on their hands. */
function stunt(flyer: PersonPose, high: number): Built {
  const base = (side: 1 | -1) =>
    personAt(
      pose(
        leg(14, 22, 0, 10),
        leg(14, 22, 0, 10),
        arm(high > 2 ? 168 : 130, high > 2 ? 10 : 60),
        arm(high > 2 ? 168 : 130, high > 2 ? 10 : 60),
        { yaw: side * -90, nod: -20 },
      ),
      vec([0, side * 0.36, 0.92]),
    );
  const top = personAt(flyer, vec([0, 0, high]), { standing: 1.6 });
  return { solids: [...base(1).solids, ...base(-1).solids, ...top.solids], face: top.face };
}
const LIFTED = () => stunt(pose(leg(6, 4), leg(6, 4), arm(172, 4, 20), arm(172, 4, 20)), 2.9);
export const CHEER_STUNT = builtFigure(
  "height",
  {
    loading: () => stunt(pose(leg(80, 96), leg(80, 96), arm(40, 60, 20), arm(40, 60, 20), { tip: 14 }), 1.62),
    extended: LIFTED,
    "one leg": () => stunt(pose(leg(4, 2), leg(86, 112), arm(150, 10, 40), arm(60, 70, 40)), 2.9),
    "leg held high": () =>
      stunt(pose(leg(4, 2), leg(120, 6, 30, 30), arm(150, 10, 60), arm(160, 10, 20)), 2.9),
  },
  { peak: 1, wears: "shorts", measured: LIFTED },
);

const hanging = (p: PersonPose): Built => {
  const climber = personAt(p, vec([0, 0, 1]));
  const at = vec([0.1, 0, 1.05]);
  return {
    solids: [
      ...climber.solids,
      {
        name: "rope",
        part: "tool",
        made: "orange",
        from: at,
        to: vec([0.16, 0, 2.6]),
        fromRadius: 0.008,
        toRadius: 0.008,
      },
    ],
    face: climber.face,
    off: 0.6,
  };
};
export const CLIMBER_FALLING = builtFigure(
  "height",
  {
    "letting go": () =>
      hanging(pose(leg(70, 60), leg(40, 70), arm(140, 30, 20), arm(110, 50, 30), { tip: -20, nod: 6 })),
    falling: () =>
      hanging(
        pose(leg(50, 40, 0, 14), leg(60, 60, 0, 14), arm(90, 40, 40), arm(100, 30, 40), {
          tip: -30,
          nod: 20,
        }),
      ),
    caught: () =>
      hanging(pose(leg(80, 30), leg(74, 40), arm(90, 70), arm(100, 60), { tip: -44, bend: 14, nod: 20 })),
  },
  {
    peak: 1,
    measured: () => ({
      solids: personAt(pose(leg(0, 0), leg(0, 0), arm(0, 0), arm(0, 0)), vec([0, 0, 1])).solids,
    }),
  },
);
