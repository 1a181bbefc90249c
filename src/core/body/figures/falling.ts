import { builtFigure, type Built } from "../figure";
import type { Solid } from "../solid";
import { leaned } from "../rigs/build";

import { still, through } from "./small-parts";

// By hand against their own length as 1, from memory of field guides.

const drops =
  (made: Solid["made"], long: number): (() => Built) =>
  () =>
    still([
      ...through(
        "drop",
        made,
        [
          [0, 0, 0.5],
          [0, 0, 0.5 + long],
        ],
        [0.5, 0.5 - long * 0.3],
      ),
    ]);
export const RAINDROP = builtFigure("height", {
  round: drops("sky", 0),
  stretched: drops("sky", 0.3),
  flattened: drops("sky", 0.1),
});
const flake = (turn: number): Built =>
  still(
    leaned(
      [0, 60, 120].flatMap((degrees) => {
        const [c, s] = [Math.cos((degrees * Math.PI) / 180) / 2, Math.sin((degrees * Math.PI) / 180) / 2];
        return [
          ...through(
            "arm",
            "snow",
            [
              [0, c, s],
              [0, -c, -s],
            ],
            [0.03],
          ),
          ...[0.6, -0.6].flatMap((at) =>
            [40, -40].flatMap((aside) => {
              const way = ((degrees + aside) * Math.PI) / 180;
              const sign = Math.sign(at);
              return through(
                "twig",
                "snow",
                [
                  [0, c * at, s * at],
                  [0, c * at + sign * 0.16 * Math.cos(way), s * at + sign * 0.16 * Math.sin(way)],
                ],
                [0.02],
              );
            }),
          ),
        ];
      }),
      turn,
    ),
  );
export const SNOWFLAKE = builtFigure("height", {
  falling: () => flake(0),
  turned: () => flake(20),
  tumbling: () => flake(-14),
});
