/** A figure of a panel: how it is worked out, and what that rests on. */
export interface Worked {
  readonly figure: string;
  readonly formula: string;
  readonly source: string;
}

const HANDBOOK = "thin-lens handbook formulas";
const PRACTICE = "common practice, no source";
const ASSUMED = "assumed, no source";
const STATISTICS = "textbook statistics";
const ISO_2720 = "ISO 2720";

const row = (figure: string, formula: string, source: string): Worked => ({ figure, formula, source });

/** How the figures of a panel are worked out, by the panel's id. */
const HOW = {
  supplies: [
    row(
      "Frames and cards",
      "bursts × frames a second × seconds; gigabytes ÷ the largest card, rounded up, and one",
      PRACTICE,
    ),
    row(
      "Batteries",
      "⌈frames / (rated × 2 × cold)⌉ + 1; cold is 0.5 at −10 °C, 0.75 at 0 °C, 1 at 20 °C, linear between",
      PRACTICE,
    ),
    row("Water", "0.15 l an hour at 15 °C, 0.35 at 25 °C, 0.75 at 35 °C, linear between", PRACTICE),
  ],
  coverage: [
    row(
      "The order",
      "dynamic programming over the events by their end; a state is the last event and the groups had",
      "exact, against exhaustive search",
    ),
    row(
      "What an event is worth",
      "priority 4, 2 or 1 × the judge's score of the position at its middle",
      ASSUMED,
    ),
    row("In place by", "the second call", PRACTICE),
    row("Walks", "the shortest way round what stands there ÷ your pace", "visibility graph"),
  ],
  through: [
    row(
      "Settings",
      "the same solution at each step of the outing's course",
      "the judge, every five minutes or so",
    ),
    row("Moments", "where a limit breaks or the light changes, found by halving to a second", "bisection"),
  ],
  preview: [
    row(
      "Smear of each part",
      "speed across the view × shutter × image scale, straight; what is swung turns by speed × shutter ÷ its length",
      "derivative of the projection",
    ),
    row(
      "Softness of what stands behind and before",
      "f²/N · |x − s| / (x · (s − f)) across, as an even disc",
      HANDBOOK,
    ),
    row(
      "All of it",
      "a Gaussian of shake, diffraction 0.42·λ·N(1 + m) and pixel",
      "variances add under convolution",
    ),
    row("Grain", "half a stop more for each stop of light less", "shot noise"),
    row(
      "Netting",
      "a wire w takes 4w/πF of the light across the footprint F = (f/N)(1 − d/s)",
      "geometry of the pupil's cone",
    ),
  ],
  softer: [
    row(
      "Softness",
      "(f/N) · |x − s| / (s · detail): blur over the image of a detail; 3 is smooth, 1 soft",
      `${HANDBOOK}; limits ${PRACTICE}`,
    ),
    row("Gain", "the same with one thing changed, over what it is now", "the judge, anew for each lever"),
  ],
  "stands-out": [
    row(
      "Stops",
      "log₂ of the luminance of the kit over that behind, each by its swatch and its light",
      "photometry; swatches estimated",
    ),
    row("ΔE", "CIE 2000 difference of colour under the light of the subject", "CIEDE2000, by a library"),
  ],
  reach: [
    row("Lens for a fill", "f from m = f/(s − f), m the wished image over the size", HANDBOOK),
    row("On the focus ring", "D = s²/(s − f), from the sensor", HANDBOOK),
    row("Angle across", "2·atan(d / 2b), b the image distance; f at infinity", HANDBOOK),
    row("Light of a smaller body", "2·log₂ of the crop factor by the diagonal", "area of the kept sensor"),
    row("Converter", "focal length and f-number × k, light 2·log₂ k less", HANDBOOK),
  ],
  lenses: [row("Fill", "size of the part × m over the side of the frame", HANDBOOK)],
  group: [
    row("Who is sharp", "near s(H − f)/(H + s − 2f), far s(H − f)/(H − s), H = f²/(N·c) + f", HANDBOOK),
    row(
      "Several faces",
      "f²·|x − s| / (c·x·(s − f)) at both ends, the larger; between them the focus at 2nf/(n + f)",
      HANDBOOK,
    ),
    row("Light lost so near", "2·log₂(1 + m)", HANDBOOK),
    row("Read off the ring", "s = (D + √(D² − 4fD)) / 2", HANDBOOK),
  ],
  print: [
    row("Pixels wanted", "long edge in inches × pixels per inch", "ISO 216 for the paper"),
    row(
      "Circle of confusion",
      "one arc-minute at the viewing distance (distance/3438), brought back to the kept sensor",
      "the eye's usual resolution",
    ),
  ],
  blur: [
    row(
      "Blur budget",
      "√12 · √(sum of variances): smear L²/12, disc c²/16, diffraction (0.42·λ·N)², pixel p²/12",
      "variances add under convolution",
    ),
    row("Smear", "speed across the view × shutter × image scale", "derivative of the projection"),
  ],
  pan: [
    row("Lines", "turn of the camera × focal length × shutter, over the frame's width", "geometry"),
    row(
      "Chance",
      "erf(tolerance ÷ lines ÷ (√2·spread)); spread 5 %, 3 % when practised",
      `${STATISTICS}; spread ${PRACTICE}`,
    ),
    row("Ends and depth", "lines·(L/2d)²; v·|1/d₁ − 1/d₂|·f·t", "geometry"),
    row(
      "Turn and its change",
      "(r × v)/r² from the lens, and its derivative, on the way as drawn",
      "derivative of the bearing",
    ),
    row(
      "What following leaves",
      "worst axis of the turn's miss and the bob together",
      "variances add under convolution",
    ),
  ],
  chance: [
    row(
      "Chance of a keeper",
      "subject, hand, pan, focus and instant each held, multiplied",
      `${STATISTICS}; independence ${ASSUMED}`,
    ),
    row("Subject", "speeds lognormal between the usual and the fast one (one in twenty)", STATISTICS),
    row("Hand", "shake Rayleigh about its usual size", STATISTICS),
    row(
      "Your own log",
      "what was counted at this shutter weighs as much as its frames, the model as ten",
      ASSUMED,
    ),
  ],
  instant: [
    row("Step between frames", "speed ÷ frames a second", "arithmetic"),
    row("Top of a jump", "2·√(2·drop/g) within a drop of the top", "free fall"),
    row("Lean of an electronic shutter", "speed across × the time that it reads", "arithmetic"),
    row("Buffer", "frames ÷ (rate − clearing rate)", "the figures of the body"),
  ],
  still: [
    row("By hand", "tolerance ÷ (f × 0.0288 rad/s): in 1/f of a second one circle of confusion", PRACTICE),
    row("Stabiliser and support", "each stop doubles it, six at most", `CIPA DC-011; cap ${ASSUMED}`),
    row("Sway", "tolerance ÷ (sway × image scale)", "derivative of the projection"),
    row("Light lost so near", "2·log₂(1 + m)", HANDBOOK),
  ],
  flicker: [
    row(
      "How far frames differ",
      "modulation × |sin(π·n·t)/(π·n·t)|, n twice the mains",
      "mean of a sine over the exposure",
    ),
    row(
      "Modulation",
      "from the brightest and the darkest of several frames, the same turned round",
      "the same",
    ),
  ],
  "set-up": [row("All of it", "by intent, movement, light and how near it is", PRACTICE)],
  "outing-card": [
    row(
      "Three sets",
      "every triple of the pairs that the shots ask for over the time is weighed; the least cost wins",
      "exhaustive search",
    ),
    row("Cost", "a click too slow 2, too dark 2, depth 1, light given away ½", ASSUMED),
  ],
  "place-light": [
    row("EV", "log₂(lux / 2.5) on the seen side", `${ISO_2720}, C 250`),
    row("A shadow's edge", "log₂ of the light with the sun over that without", "photometry"),
    row("Whites and faces", "2.3 stops above and 2.5 below the middle in sun", PRACTICE),
    row("What a meter makes of snow", "log₂(reflectance / 0.157)", ISO_2720),
  ],
  "known-light": [
    row("EV of settings", "log₂(N²/t) − log₂(S/100)", `${ISO_2720}; Exif 2.32`),
    row(
      "From a picture",
      "EV of its settings + log₂(Y/0.18), Y the median light of its middle",
      "ISO 12232, from memory; good to half a stop",
    ),
    row("Lux", "2.5 · 2^EV", `${ISO_2720}, C 250`),
  ],
  "one-click": [
    row("Noise", "half a stop for each stop of light less: kept area × exposure", "shot noise"),
    row(
      "Half stops",
      "2^(k/2) s and ISO, 2^(k/4) as f-number; never slower, never less depth",
      "marks as cameras print them",
    ),
    row("APEX", "Av = log₂N², Tv = −log₂t, Sv = log₂(S/3.125), Bv = Av + Tv − Sv", "Exif 2.32, annex C"),
  ],
  starting: [
    row("Starting points", "as they are told by practitioners, judged here by the same budget", PRACTICE),
  ],
  ledger: [
    row(
      "Ledger",
      "clicks of light against those of shutter, aperture, ISO and filter: the sum is what is left",
      `${ISO_2720}; Exif 2.32`,
    ),
  ],
  light: [
    row(
      "Light on the subject",
      "sun, sky, ground and lamps on an upright cylinder facing you",
      "USNO Circular 171 and IES 1984, from memory",
    ),
  ],
  depth: [
    row(
      "What is sharp",
      "near s(H − f)/(H + s − 2f), far s(H − f)/(H − s), c the kept diagonal/1500 or the deliverable's",
      HANDBOOK,
    ),
  ],
} as const satisfies Readonly<Record<string, readonly Worked[]>>;

/** How a panel's figures are worked out; nothing for one that has none. */
export const howWorked = (panelId: string): readonly Worked[] =>
  panelId in HOW ? HOW[panelId as keyof typeof HOW] : [];
