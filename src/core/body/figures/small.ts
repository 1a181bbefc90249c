import { builtFigure, type Built, type Figure } from "../figure";
import type { Solid } from "../solid";
import { ball, bothSides, broad, chain, leaned, tipped, vec, type Place } from "../rigs/build";
import { aboveWater } from "../water";

// Beasts without legs to walk on, creatures that crawl, and insects: by hand against their own length as 1, from memory of field guides.

const of = (name: string, made: Solid["made"], part: Solid["part"] = "body") => ({ name, made, part });
const through = (
  name: string,
  made: Solid["made"],
  places: readonly Place[],
  radii: readonly number[],
  part?: Solid["part"],
): Solid[] => chain(of(name, made, part), places.map(vec), radii);
const still = (solids: readonly Solid[], off?: Built["off"]): Built => ({
  solids,
  face: vec([1, 0, 0]),
  ...(off !== undefined && { off }),
});
const eyes = (x: number, y: number, z: number, radius: number): Solid[] =>
  bothSides((side) => [ball(of("eye", "black"), vec([x, side * y, z]), radius)]);

/** A seal on the shore: its back curved, its head so high. */
const seal = (head: Place, tail: number): Solid[] => [
  ...through(
    "body",
    "stone",
    [[-0.36, 0, 0.1], [-0.1, 0, 0.15], [0.16, 0, 0.17], head],
    [0.06, 0.14, 0.14, 0.075],
  ),
  ...through("muzzle", "stone", [head, [head[0] + 0.08, 0, head[2] - 0.015]], [0.075, 0.035]),
  ...eyes(head[0] + 0.055, 0.045, head[2] + 0.03, 0.016),
  ...bothSides((side) => [
    ...through(
      "flipper",
      "black",
      [
        [0.14, side * 0.11, 0.08],
        [0.02, side * 0.2, 0.02],
      ],
      [0.04, 0.025],
      "limb",
    ),
    ...through(
      "tail",
      "black",
      [
        [-0.36, 0, 0.1],
        [-0.48, side * 0.05, tail],
      ],
      [0.045, 0.03],
      "limb",
    ),
  ]),
];
export const SEAL: Figure = builtFigure(
  "length",
  {
    lying: () => still(seal([0.36, 0, 0.14], 0.06)),
    "head up": () => still(seal([0.33, 0, 0.3], 0.1)),
    banana: () => still(seal([0.31, 0, 0.34], 0.26)),
  },
  { peak: 1, measured: () => still(seal([0.36, 0, 0.14], 0.06)) },
);

/** A whale or a dolphin, bent by so many degrees from nose to tail. */
const whale = (bend: number, dolphin: boolean): Solid[] => {
  const places = Array.from({ length: 7 }, (_, i): Place => {
    const share = i / 6 - 0.5;
    const angle = (bend * share * Math.PI) / 180;
    return [-share, 0, -Math.abs(Math.sin(angle)) * Math.abs(share)];
  });
  const radii = dolphin
    ? [0.045, 0.1, 0.12, 0.11, 0.08, 0.045, 0.025]
    : [0.07, 0.11, 0.12, 0.115, 0.085, 0.045, 0.025];
  const tail = places.at(-1)!;
  return [
    ...through("body", dolphin ? "stone" : "deep-water", places, radii),
    ...(dolphin
      ? through(
          "beak",
          "stone",
          [
            [0.5, 0, places[0]![2]],
            [0.6, 0, places[0]![2] - 0.01],
          ],
          [0.035, 0.015],
        )
      : []),
    broad(
      of("fin", "deep-water"),
      (
        [
          [0.04, 0, 0.08],
          [-0.12, 0, 0.06],
          [-0.1, 0, dolphin ? 0.22 : 0.16],
        ] as const
      ).map(vec),
      0.008,
    ),
    ...bothSides((side) => [
      broad(
        of("fluke", "deep-water"),
        (
          [
            [tail[0] + 0.04, 0, tail[2]],
            [tail[0] - 0.06, side * 0.16, tail[2] + 0.01],
            [tail[0] - 0.02, side * 0.04, tail[2]],
          ] as const
        ).map(vec),
        0.01,
      ),
      broad(
        of("flipper", "deep-water", "limb"),
        (
          [
            [0.28, side * 0.08, -0.05],
            [0.2, side * 0.08, -0.06],
            [0.1, side * 0.2, -0.13],
          ] as const
        ).map(vec),
        0.01,
      ),
    ]),
    ...eyes(0.42, 0.07, places[0]![2] + 0.01, 0.008),
  ];
};
export const DOLPHIN = builtFigure(
  "length",
  {
    breaking: () => ({ ...still(tipped(whale(60, true), 40)), off: 0.02 }),
    leap: () => ({ ...still(whale(90, true)), off: 0.5 }),
    entry: () => ({ ...still(tipped(whale(70, true), -44)), off: 0.02 }),
  },
  { peak: 1, measured: () => still(whale(0, true)) },
);
const surfacing = (solids: readonly Solid[], sunk: number): Built =>
  still(
    aboveWater(
      solids.map((s) => ({
        ...s,
        from: { ...s.from, z: s.from.z - sunk },
        to: { ...s.to, z: s.to.z - sunk },
        ...(s.further && { further: s.further.map((f) => ({ ...f, z: f.z - sunk })) }),
      })),
    ),
    "as built",
  );
export const WHALE = builtFigure(
  "length",
  {
    blow: () => surfacing(whale(20, false), 0.06),
    back: () => surfacing(whale(80, false), -0.02),
    fluke: () => surfacing(tipped(whale(40, false), -62), 0.2),
  },
  { peak: 1, measured: () => still(whale(0, false)) },
);
export const OTTER_SWIMMING = builtFigure("length", {
  swimming: () =>
    surfacing(
      [
        ...through(
          "body",
          "earth",
          [
            [0.3, 0, 0.04],
            [0, 0, 0.01],
            [-0.3, 0, 0.0],
            [-0.5, 0, 0.005],
          ],
          [0.075, 0.085, 0.06, 0.02],
        ),
        ...through(
          "head",
          "earth",
          [
            [0.36, 0, 0.07],
            [0.46, 0, 0.055],
          ],
          [0.062, 0.04],
        ),
        ...eyes(0.42, 0.035, 0.1, 0.01),
        ...bothSides((side) => [ball(of("ear", "earth"), vec([0.33, side * 0.045, 0.12]), 0.016)]),
      ],
      0.01,
    ),
  diving: () =>
    surfacing(
      [
        ...through(
          "body",
          "earth",
          [
            [0.24, 0, -0.02],
            [0, 0, 0.09],
            [-0.24, 0, 0.02],
            [-0.4, 0, 0.12],
          ],
          [0.08, 0.09, 0.06, 0.02],
        ),
      ],
      0.01,
    ),
  "with a fish": () =>
    surfacing(
      [
        ...through(
          "body",
          "earth",
          [
            [0.3, 0, 0.04],
            [0, 0, 0.0],
          ],
          [0.075, 0.085],
        ),
        ...through(
          "head",
          "earth",
          [
            [0.34, 0, 0.12],
            [0.44, 0, 0.13],
          ],
          [0.062, 0.04],
        ),
        ...through(
          "fish",
          "stone",
          [
            [0.46, 0.1, 0.1],
            [0.46, -0.1, 0.1],
          ],
          [0.02, 0.025],
          "tool",
        ),
        ...eyes(0.4, 0.035, 0.16, 0.01),
      ],
      0.01,
    ),
});
export const FROG = builtFigure(
  "length",
  {
    calling: () => still(frog(1.5, 30)),
    sitting: () => still(frog(1, 34)),
    leaping: () => ({
      ...still([
        ...through(
          "body",
          "leaf",
          [
            [-0.2, 0, 0.2],
            [0.1, 0, 0.34],
            [0.34, 0, 0.44],
          ],
          [0.14, 0.19, 0.12],
        ),
        ...eyes(0.3, 0.1, 0.56, 0.05),
        ...bothSides((side) => [
          ...through(
            "hind leg",
            "leaf",
            [
              [-0.2, side * 0.1, 0.18],
              [-0.4, side * 0.16, 0.06],
              [-0.66, side * 0.18, 0.0],
              [-0.8, side * 0.2, -0.04],
            ],
            [0.08, 0.06, 0.04, 0.03],
            "limb",
          ),
          ...through(
            "fore leg",
            "leaf",
            [
              [0.2, side * 0.14, 0.3],
              [0.3, side * 0.2, 0.16],
            ],
            [0.05, 0.03],
            "limb",
          ),
        ]),
      ]),
      off: 0.3,
    }),
  },
  { peak: 0, measured: () => still(frog(1, 34)) },
);
function frog(throat: number, up: number): Solid[] {
  return [
    ...tipped(
      through(
        "body",
        "leaf",
        [
          [-0.34, 0, 0.2],
          [-0.06, 0, 0.22],
          [0.26, 0, 0.22],
          [0.42, 0, 0.2],
        ],
        [0.17, 0.23, 0.17, 0.09],
      ),
      up - 10,
    ),
    ...(throat > 1 ? [ball(of("throat", "straw"), vec([0.42, 0, 0.28]), 0.19 * throat * 0.8)] : []),
    ...eyes(0.28, 0.12, 0.5, 0.06),
    ...bothSides((side) => [
      ...through(
        "hind leg",
        "leaf",
        [
          [-0.3, side * 0.16, 0.14],
          [0.1, side * 0.36, 0.24],
          [-0.26, side * 0.36, 0.08],
          [0.12, side * 0.4, 0.03],
        ],
        [0.11, 0.08, 0.06, 0.035],
        "limb",
      ),
      ...through(
        "fore leg",
        "leaf",
        [
          [0.2, side * 0.18, 0.24],
          [0.26, side * 0.26, 0.12],
          [0.38, side * 0.24, 0.02],
        ],
        [0.06, 0.05, 0.03],
        "limb",
      ),
    ]),
  ];
}
const lizard = (head: number, bend: number): Solid[] => [
  ...through(
    "body",
    "leaf",
    [
      [-0.5, bend, 0.01],
      [-0.3, -bend / 2, 0.02],
      [-0.06, 0, 0.05],
      [0.14, 0, 0.055],
      [0.3, 0, 0.05 + head / 2],
      [0.4, 0, 0.05 + head],
    ],
    [0.005, 0.018, 0.045, 0.05, 0.03, 0.035],
  ),
  ...through(
    "muzzle",
    "leaf",
    [
      [0.4, 0, 0.05 + head],
      [0.48, 0, 0.045 + head],
    ],
    [0.035, 0.014],
  ),
  ...eyes(0.42, 0.028, 0.068 + head, 0.009),
  ...bothSides((side) => [
    ...through(
      "fore leg",
      "leaf",
      [
        [0.2, side * 0.04, 0.05],
        [0.18, side * 0.11, 0.05],
        [0.26, side * 0.13, 0.008],
      ],
      [0.018, 0.014, 0.01],
      "limb",
    ),
    ...through(
      "hind leg",
      "leaf",
      [
        [-0.06, side * 0.04, 0.04],
        [0.0, side * 0.12, 0.045],
        [-0.1, side * 0.15, 0.008],
      ],
      [0.02, 0.016, 0.01],
      "limb",
    ),
  ]),
];
export const LIZARD = builtFigure(
  "length",
  {
    flat: () => still(lizard(0, 0.05)),
    basking: () => still(lizard(0.05, 0.08)),
    "head up": () => still(lizard(0.12, -0.06)),
  },
  { peak: 1, measured: () => still(lizard(0, 0)) },
);
const coil = (turns: number, head: Place): Solid[] => {
  const steps = 22;
  const places = Array.from({ length: steps }, (_, i): Place => {
    const share = i / (steps - 1);
    const angle = share * turns * 2 * Math.PI;
    const radius = 0.22 - 0.13 * share;
    return [radius * Math.cos(angle), radius * Math.sin(angle), 0.02 + 0.05 * share];
  });
  return through("body", "earth", [...places, head], [0.006, 0.014, 0.02, 0.023, 0.024]);
};
const crawling = (head: number): Solid[] => {
  const places = Array.from({ length: 16 }, (_, i): Place => [
    -0.5 + i / 16,
    0.07 * Math.sin(i * 1.25),
    0.02,
  ]);
  return [
    ...through(
      "body",
      "earth",
      [...places, [0.46, 0, 0.03 + head], [0.5, 0, 0.035 + head]],
      [
        0.004, 0.01, 0.015, 0.018, 0.02, 0.021, 0.021, 0.021, 0.021, 0.02, 0.02, 0.019, 0.018, 0.016, 0.014,
        0.013, 0.017, 0.01,
      ],
    ),
    ...eyes(0.48, 0.014, 0.042 + head, 0.004),
  ];
};
export const SNAKE = builtFigure(
  "length",
  {
    coiled: () => still(coil(2.2, [0.1, 0.02, 0.14])),
    stretched: () => still(crawling(0)),
    "head up": () => still(crawling(0.14)),
  },
  { peak: 0, measured: () => still(crawling(0)) },
);

/** A wing of an insect from its root, its tip so far out and so far forward, raised by so many degrees. */
const insectWing = (
  name: string,
  made: Solid["made"],
  side: 1 | -1,
  raised: number,
  corners: readonly (readonly [out: number, along: number])[],
  root: Place,
  radius: number,
): Solid => {
  const r = (raised * Math.PI) / 180;
  const hub = vec(root);
  return broad(
    { ...of(name, made, "wing"), hub },
    [[0, 0] as const, ...corners].map(([out, along]) =>
      vec([root[0] + along, root[1] + side * out * Math.cos(r), root[2] + out * Math.sin(r)]),
    ),
    radius,
  );
};
const butterfly = (raised: number, tip = 0): Solid[] =>
  tipped(
    [
      ...through(
        "body",
        "black",
        [
          [0.22, 0, 0],
          [0.08, 0, 0],
          [-0.3, 0, -0.02],
        ],
        [0.045, 0.055, 0.025],
      ),
      ball(of("head", "black"), vec([0.27, 0, 0]), 0.045),
      ...bothSides((side) => [
        insectWing(
          "fore wing",
          "orange",
          side,
          raised,
          [
            [0.3, 0.36],
            [0.58, 0.42],
            [0.62, 0.3],
            [0.4, -0.02],
          ],
          [0.14, side * 0.03, 0.02],
          0.01,
        ),
        insectWing(
          "hind wing",
          "yellow",
          side,
          raised,
          [
            [0.38, 0.02],
            [0.5, -0.16],
            [0.36, -0.42],
            [0.14, -0.4],
          ],
          [0.06, side * 0.03, 0.02],
          0.01,
        ),
        ...through(
          "antenna",
          "black",
          [
            [0.28, side * 0.02, 0.03],
            [0.5, side * 0.13, 0.14],
          ],
          [0.006, 0.012],
          "limb",
        ),
        ...[0.16, 0.08, 0].flatMap((x) =>
          through(
            "leg",
            "black",
            [
              [x, side * 0.03, -0.03],
              [x + 0.05, side * 0.1, -0.14],
            ],
            [0.009],
            "limb",
          ),
        ),
      ]),
    ],
    tip,
  );
const BUTTERFLY_POSES = {
  closed: () => still(butterfly(82, 20)),
  "half open": () => still(butterfly(44, 16)),
  open: () => still(butterfly(8, 10)),
};
const asWide = { measured: () => still(butterfly(0)) };
export const BUTTERFLY = builtFigure("span", BUTTERFLY_POSES, { peak: 0, ...asWide });
/** On a stem that sways. */
export const BUTTERFLY_SWAYING = builtFigure(
  "span",
  {
    upright: BUTTERFLY_POSES.closed,
    swayed: () => still(leaned(butterfly(30, 14), 24)),
    "swayed back": () => still(leaned(butterfly(30, 14), -24)),
  },
  asWide,
);
export const BUTTERFLY_FLYING = builtFigure(
  "span",
  {
    up: () => still(butterfly(70, 24)),
    level: () => still(butterfly(6, 24)),
    down: () => still(butterfly(-40, 24)),
  },
  { peak: 0, ...asWide },
);
const dragonfly = (fore: number, hind: number, tip = 0): Solid[] =>
  tipped(
    [
      ...through(
        "body",
        "blue",
        [
          [0.24, 0, 0],
          [0.1, 0, 0.0],
        ],
        [0.07, 0.06],
      ),
      ...through(
        "tail",
        "blue",
        [
          [0.08, 0, 0],
          [-0.16, 0, -0.01],
          [-0.46, 0, -0.02],
        ],
        [0.035, 0.026, 0.03],
      ),
      ball(of("head", "deep-water"), vec([0.33, 0, 0.0]), 0.06),
      ...eyes(0.35, 0.045, 0.02, 0.05),
      ...bothSides((side) => [
        insectWing(
          "fore wing",
          "sky",
          side,
          fore,
          [
            [0.3, 0.1],
            [0.64, 0.06],
            [0.64, -0.03],
            [0.3, -0.06],
          ],
          [0.2, side * 0.04, 0.05],
          0.004,
        ),
        insectWing(
          "hind wing",
          "sky",
          side,
          hind,
          [
            [0.3, 0.05],
            [0.6, 0.0],
            [0.58, -0.1],
            [0.2, -0.14],
          ],
          [0.1, side * 0.04, 0.05],
          0.004,
        ),
        ...[0.24, 0.18, 0.12].flatMap((x) =>
          through(
            "leg",
            "black",
            [
              [x, side * 0.03, -0.05],
              [x + 0.08, side * 0.08, -0.13],
            ],
            [0.008],
            "limb",
          ),
        ),
      ]),
    ],
    tip,
  );
const dragonWide = { measured: () => still(dragonfly(0, 0)) };
export const DRAGONFLY_HOVERING = builtFigure(
  "span",
  {
    "fore wings up": () => still(dragonfly(40, -30, 6)),
    level: () => still(dragonfly(4, 0, 6)),
    "fore wings down": () => still(dragonfly(-34, 36, 6)),
  },
  { peak: 0, ...dragonWide },
);
export const DRAGONFLY_PERCHED = builtFigure(
  "span",
  {
    level: () => still(dragonfly(2, 0, 10)),
    "wings forward": () => still(dragonfly(-16, -14, 14)),
    raised: () => still(dragonfly(6, 4, 50)),
  },
  { peak: 0, ...dragonWide },
);
const bee = (raised: number, tip = 0): Solid[] =>
  tipped(
    [
      ...through(
        "tail",
        "yellow",
        [
          [0.0, 0, -0.02],
          [-0.34, 0, -0.08],
        ],
        [0.17, 0.09],
      ),
      ...[-0.06, -0.18].map((x) => ball(of("band", "black"), vec([x, 0, -0.03]), 0.172 + x * 0.18)),
      ball(of("breast", "earth"), vec([0.2, 0, 0.02]), 0.17),
      ball(of("head", "black"), vec([0.4, 0, -0.02]), 0.11),
      ...eyes(0.43, 0.08, 0.0, 0.05),
      ...bothSides((side) => [
        insectWing(
          "wing",
          "sky",
          side,
          raised,
          [
            [0.3, 0.08],
            [0.5, -0.14],
            [0.42, -0.26],
            [0.12, -0.16],
          ],
          [0.16, side * 0.08, 0.15],
          0.006,
        ),
        ...through(
          "feeler",
          "black",
          [
            [0.46, side * 0.04, 0.06],
            [0.6, side * 0.1, 0.06],
          ],
          [0.012],
          "limb",
        ),
        ...[0.28, 0.16, 0.04].flatMap((x) =>
          through(
            "leg",
            "black",
            [
              [x, side * 0.1, -0.1],
              [x + 0.06, side * 0.18, -0.2],
              [x, side * 0.18, -0.3],
            ],
            [0.022, 0.016, 0.012],
            "limb",
          ),
        ),
      ]),
    ],
    tip,
  );
export const BEE = builtFigure(
  "span",
  {
    "on the flower": () => still(bee(20)),
    leaving: () => still(bee(60, 30)),
    hovering: () => still(bee(-20, 24)),
  },
  { peak: 0, measured: () => still(bee(0)) },
);
const spider = (spread: number): Solid[] => [
  ball(of("abdomen", "earth"), vec([0, 0, 0.64]), 0.17),
  ball(of("breast", "earth"), vec([0, 0, 0.42]), 0.11),
  ...bothSides((side) =>
    (
      [
        [0.24, 0.7, 0.3, 1.0],
        [0.34, 0.56, 0.48, 0.76],
        [0.34, 0.32, 0.48, 0.1],
        [0.2, 0.2, 0.26, 0.0],
      ] as const
    ).flatMap(([ky, kz, fy, fz]) =>
      through(
        "leg",
        "earth",
        [
          [0, side * 0.08, 0.42],
          [0.06, side * ky * spread, kz],
          [0.0, side * fy * spread, fz],
        ],
        [0.026, 0.018, 0.01],
        "limb",
      ),
    ),
  ),
];
export const SPIDER = builtFigure("height", {
  waiting: () => still(spider(1)),
  running: () => still(leaned(spider(0.9), 14)),
  wrapping: () => still(spider(0.7)),
});
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
