import type { Bird } from "../rigs/bird";

// Proportions from memory of field guides, the body from breast to rump as 1.

export const SONGBIRD: Bird = {
  trunk: [0.36, 0.37, 0.2],
  neck: { long: 0.1, radii: [0.3, 0.26] },
  head: 0.27,
  bill: [0.18, 0.05, 0.01],
  legs: [0.16, 0.3, 0.022],
  tail: [0.72, 0.16],
  wing: { long: 1.2, broad: 0.62 },
  coat: "earth",
  under: "straw",
  bare: "black",
};
export const SWALLOW: Bird = {
  ...SONGBIRD,
  trunk: [0.24, 0.22, 0.12],
  head: 0.2,
  bill: [0.09, 0.05, 0.01],
  tail: [0.9, 0.34],
  wing: { long: 1.7, broad: 0.46 },
  coat: "deep-water",
  under: "white",
};
export const HUMMER: Bird = {
  ...SONGBIRD,
  bill: [0.75, 0.024, 0],
  tail: [0.5, 0.2],
  wing: { long: 0.95, broad: 0.36 },
  coat: "leaf",
  under: "white",
};
export const KINGFISHER: Bird = {
  ...SONGBIRD,
  head: 0.33,
  bill: [0.72, 0.075, 0],
  tail: [0.34, 0.12],
  legs: [0.1, 0.12, 0.03],
  coat: "blue",
  under: "orange",
  neck: { long: 0.08, radii: [0.34, 0.31] },
};
export const WOODPECKER: Bird = {
  ...SONGBIRD,
  trunk: [0.27, 0.27, 0.17],
  bill: [0.36, 0.05, 0],
  tail: [0.58, 0.13],
  coat: "black",
  under: "white",
  wings: "black",
  bare: "black",
};
export const RAPTOR: Bird = {
  trunk: [0.3, 0.29, 0.17],
  neck: { long: 0.16, radii: [0.24, 0.18] },
  head: 0.18,
  bill: [0.13, 0.06, 0.08],
  legs: [0.2, 0.26, 0.04],
  tail: [0.66, 0.26],
  wing: { long: 1.72, broad: 0.66, fingers: 5 },
  coat: "earth",
  under: "straw",
  bare: "yellow",
};
export const EAGLE: Bird = {
  ...RAPTOR,
  wing: { long: 1.9, broad: 0.76, fingers: 6 },
  bill: [0.17, 0.075, 0.1],
  tail: [0.52, 0.3],
};
export const HARRIER: Bird = {
  ...RAPTOR,
  trunk: [0.24, 0.22, 0.13],
  wing: { long: 1.9, broad: 0.56, fingers: 4 },
  tail: [0.92, 0.22],
  coat: "stone",
  under: "white",
};
export const FALCON: Bird = {
  ...RAPTOR,
  trunk: [0.29, 0.26, 0.16],
  wing: { long: 1.62, broad: 0.5 },
  tail: [0.66, 0.18],
  coat: "deep-water",
  under: "straw",
};
export const OSPREY: Bird = {
  ...RAPTOR,
  wing: { long: 2.1, broad: 0.56, fingers: 4 },
  coat: "earth",
  under: "white",
};
export const OWL: Bird = {
  trunk: [0.36, 0.34, 0.2],
  neck: { long: 0.1, radii: [0.36, 0.34] },
  head: 0.37,
  bill: [0.05, 0.04, 0.08],
  legs: [0.16, 0.24, 0.05],
  tail: [0.4, 0.2],
  wing: { long: 1.55, broad: 0.7 },
  coat: "straw",
  under: "white",
  bare: "stone",
  disc: true,
};
export const GULL: Bird = {
  trunk: [0.26, 0.25, 0.14],
  neck: { long: 0.22, radii: [0.2, 0.15] },
  head: 0.16,
  bill: [0.2, 0.04, 0.03],
  legs: [0.14, 0.24, 0.024],
  tail: [0.44, 0.18],
  wing: { long: 1.75, broad: 0.42 },
  coat: "white",
  wings: "stone",
  bare: "yellow",
};
export const TERN: Bird = {
  ...GULL,
  trunk: [0.2, 0.18, 0.1],
  bill: [0.28, 0.03, 0],
  legs: [0.06, 0.08, 0.02],
  tail: [0.72, 0.28],
  wing: { long: 1.8, broad: 0.36 },
  bare: "red",
};
export const GANNET: Bird = {
  ...GULL,
  neck: { long: 0.34, radii: [0.19, 0.14] },
  bill: [0.34, 0.06, 0],
  tail: [0.46, 0.12],
  wing: { long: 1.7, broad: 0.36 },
  wings: "white",
  bare: "stone",
};
export const PUFFIN: Bird = {
  trunk: [0.36, 0.36, 0.24],
  neck: { long: 0.12, radii: [0.3, 0.27] },
  head: 0.27,
  bill: [0.28, 0.16, 0.03],
  legs: [0.1, 0.16, 0.04],
  tail: [0.2, 0.1],
  wing: { long: 0.95, broad: 0.34 },
  coat: "black",
  under: "white",
  bare: "orange",
};
export const DUCK: Bird = {
  trunk: [0.29, 0.3, 0.18],
  neck: { long: 0.34, radii: [0.16, 0.11] },
  head: 0.15,
  bill: [0.22, 0.06, 0.01],
  legs: [0.1, 0.18, 0.03],
  tail: [0.28, 0.14],
  wing: { long: 1.15, broad: 0.4 },
  coat: "earth",
  under: "stone",
  bare: "orange",
};
export const COOT: Bird = {
  ...DUCK,
  neck: { long: 0.26, radii: [0.16, 0.13] },
  bill: [0.16, 0.05, 0.01],
  coat: "black",
  under: "black",
  bare: "white",
};
export const GREBE: Bird = {
  ...DUCK,
  neck: { long: 0.56, radii: [0.13, 0.09] },
  bill: [0.28, 0.035, 0],
  tail: [0.08, 0.08],
  coat: "earth",
  under: "white",
  bare: "stone",
  crest: 0.12,
};
export const GOOSE: Bird = {
  ...DUCK,
  neck: { long: 0.56, radii: [0.17, 0.1] },
  bill: [0.17, 0.06, 0.01],
  legs: [0.14, 0.24, 0.036],
  coat: "stone",
  under: "stone",
  wing: { long: 1.35, broad: 0.44, fingers: 3 },
};
export const SWAN: Bird = {
  ...GOOSE,
  neck: { long: 0.98, radii: [0.17, 0.09] },
  head: 0.13,
  bill: [0.22, 0.06, 0.01],
  coat: "white",
  under: "white",
  bare: "orange",
  wing: { long: 1.5, broad: 0.46, fingers: 3 },
};
export const HERON: Bird = {
  trunk: [0.2, 0.2, 0.12],
  neck: { long: 0.98, radii: [0.12, 0.06] },
  head: 0.085,
  bill: [0.36, 0.045, 0],
  legs: [0.5, 0.62, 0.026],
  tail: [0.3, 0.12],
  wing: { long: 1.75, broad: 0.62, fingers: 4 },
  coat: "stone",
  under: "white",
  wings: "stone",
  bare: "yellow",
  crest: 0.22,
};
export const WADER: Bird = {
  trunk: [0.27, 0.26, 0.15],
  neck: { long: 0.28, radii: [0.15, 0.11] },
  head: 0.15,
  bill: [0.66, 0.03, 0.04],
  legs: [0.28, 0.42, 0.022],
  tail: [0.24, 0.1],
  wing: { long: 1.4, broad: 0.36 },
  coat: "earth",
  under: "white",
  bare: "orange",
};

export const BAT: Bird = {
  ...SONGBIRD,
  trunk: [0.3, 0.3, 0.16],
  bill: [0.08, 0.08, 0],
  crest: 0.3,
  tail: [0.3, 0.24],
  wing: { long: 1.5, broad: 0.7 },
  coat: "earth",
  under: "earth",
  wings: "black",
};
