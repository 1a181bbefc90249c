/** Words of the field, told to whoever meets them for the first time. */
export const TERMS = {
  shutter: [
    "Shutter",
    "How long the picture takes. 1/1000 is a thousandth of a second: short times freeze what moves, long ones let it blur and let in more light.",
  ],
  aperture: [
    "Aperture",
    "How wide the lens opens, as f/ and a number. A small number is a wide opening: more light, and less is sharp before and behind the subject.",
  ],
  iso: [
    "ISO",
    "How far the camera brightens what light there is. Doubling it brightens as much as doubling the light does, and shows more grain.",
  ],
  stop: ["Stop", "Twice or half the light. A third of one is a click of the dial."],
  click: ["Click", "A third of a stop: what one step of a camera’s dial changes."],
  grain: [
    "Grain",
    "Noise: specks that show where there was little light. It is seen less in a small picture.",
  ],
  freeze: ["Freeze", "A shutter so short that what moves stands still in the picture."],
  pan: [
    "Pan",
    "The camera turns with the subject at a slow shutter: it stays sharp, and what is behind it is drawn into lines.",
  ],
  streak: ["Streak", "What moves is let blur on purpose, while the rest stays sharp."],
  keeper: ["Keeper", "A frame that one would hand over."],
  reach: ["Reach", "How large a lens shows something from a distance."],
  fill: ["Fill", "How much of the frame the subject takes, along the side that the picture asks for."],
  crop: ["Crop", "What is cut away at the edges after the picture was taken."],
  "depth-of-field": [
    "Depth of field",
    "From where to where it is sharp. It is deeper from far away, with a short lens and at a small opening.",
  ],
  ev: ["EV", "A measure of light: one more is twice as much. A sunny field has about 14, a hall about 7."],
  reading: ["Reading", "Light as it was measured or found out by a test shot."],
  ceiling: ["Ceiling", "The highest ISO at which you still like your pictures. You set it under Kit."],
  lift: ["Lift", "A picture taken darker on purpose, and brightened later."],
  "stop-ledger": [
    "Stop ledger",
    "Where the light comes from and where it is spent, one stop after the other.",
  ],
  flicker: [
    "Flicker",
    "Lamps that go brighter and darker a hundred times a second: pictures come out unequal.",
  ],
  netting: ["Netting", "Mesh between you and the field."],
  spot: ["Spot", "Where the subject will be: a perch, a goal mouth, a hurdle."],
  position: ["Position", "Where you stand, with the height of your lens."],
  shot: ["Shot", "One wanted picture."],
  brief: ["Brief", "What you promised, of whom, and when."],
  outing: ["Outing", "One day out with the camera."],
  "light-side": ["Light side", "Whether the light falls on the side you see, from the side, or from behind."],
  converter: ["Converter", "A ring with glass between body and lens: more reach, less light."],
  burst: ["Burst", "Many frames one after the other while the button is held."],
  "white-balance": [
    "White balance",
    "What the camera takes for white, so that colours come out right under lamps.",
  ],
  histogram: ["Histogram", "How many parts of the picture are dark, middling and bright."],
} as const satisfies Readonly<Record<string, readonly [name: string, means: string]>>;

export type Term = keyof typeof TERMS;

/** The words of the field that stand in a text, each once, in the order of the list. */
export const termsIn = (text: string): Term[] =>
  (Object.keys(TERMS) as Term[]).filter((term) => new RegExp(`\\b${TERMS[term][0]}s?\\b`, "i").test(text));
