import { formula } from "../units/formula";
import {
  circleForDeliverable,
  deliveredPixelUm,
  inDelivered,
  pixelsWanted,
  shortEdgeMm,
} from "./deliverable";
import {
  circleOfConfusionMm,
  blurDiscUm,
  depthOfField,
  fNumberForDepth,
  hyperfocal,
  sharpBetween,
  smoothness,
} from "./depth-of-field";
import { distanceFromMark, markedDistance } from "./close-up";
import { fullFrameEquivalent, lightStopsBelowFullFrame } from "./equivalence";
import { fillOf } from "./framing";
import { diagonalMm, pixelPitchUm } from "./format";
import {
  angleOfView,
  bellowsLoss,
  distanceForImage,
  focalLengthForImage,
  imageDistanceMm,
  magnification,
  workingFNumber,
} from "./thin-lens";

// What the functions of this folder work out, in the names of their inputs.

const FOCAL = ["mm", 8, 800] as const;
const DISTANCE = ["m", 2, 500] as const;
const F_NUMBER = ["f-number", 1, 64] as const;
const CIRCLE = ["mm", 0.004, 0.06] as const;
const HANDBOOK = "handbook-optics";

export const OPTICS_FORMULAS = {
  magnification: formula(
    "",
    { focalLengthMm: FOCAL, distance: DISTANCE },
    "focalLengthMm / (1000 * distance - focalLengthMm)",
    ({ focalLengthMm, distance }) => magnification(focalLengthMm, distance),
    HANDBOOK,
  ),
  fillOf: formula(
    "",
    { magnification: ["", 0.00001, 2], partSize: ["m", 0.002, 40], sideMm: ["mm", 4, 60] },
    "1000 * magnification * partSize / sideMm",
    ({ magnification: m, partSize, sideMm }) => fillOf(m, partSize, sideMm),
    HANDBOOK,
  ),
  imageDistanceMm: formula(
    "mm",
    { focalLengthMm: FOCAL, distance: DISTANCE },
    "focalLengthMm * 1000 * distance / (1000 * distance - focalLengthMm)",
    ({ focalLengthMm, distance }) => imageDistanceMm(focalLengthMm, distance),
    HANDBOOK,
  ),
  angleOfView: formula(
    "°",
    { sideMm: ["mm", 4, 60], focalLengthMm: FOCAL },
    "2 * atan(sideMm / (2 * focalLengthMm)) * 180 / pi",
    ({ sideMm, focalLengthMm }) => angleOfView(focalLengthMm, sideMm),
    HANDBOOK,
  ),
  focalLengthForImage: formula(
    "mm",
    { size: ["m", 0.01, 20], imageMm: ["mm", 0.1, 60], distance: DISTANCE },
    "(imageMm / (1000 * size)) * 1000 * distance / (1 + imageMm / (1000 * size))",
    ({ size, imageMm, distance }) => focalLengthForImage(size, imageMm, distance),
    HANDBOOK,
  ),
  distanceForImage: formula(
    "m",
    { size: ["m", 0.01, 20], imageMm: ["mm", 0.1, 60], focalLengthMm: FOCAL },
    "focalLengthMm * (1 + imageMm / (1000 * size)) / (imageMm / (1000 * size)) / 1000",
    ({ size, imageMm, focalLengthMm }) => distanceForImage(size, imageMm, focalLengthMm),
    HANDBOOK,
  ),
  workingFNumber: formula(
    "f-number",
    { fNumber: F_NUMBER, magnification: ["", 0, 5] },
    "fNumber * (1 + magnification)",
    ({ fNumber, magnification: m }) => workingFNumber(fNumber, m),
    HANDBOOK,
  ),
  pixelPitchUm: formula(
    "µm",
    { widthMm: ["mm", 4, 60], widthPx: ["px", 500, 20_000, "whole"] },
    "1000 * widthMm / widthPx",
    ({ widthMm, widthPx }) => pixelPitchUm({ widthMm, heightMm: widthMm, widthPx }),
    HANDBOOK,
  ),
  deliveredPixelUm: formula(
    "µm",
    {
      pixelUm: ["µm", 1, 9],
      keptLongEdgePx: ["px", 50, 9000, "whole"],
      deliveredLongEdgePx: ["px", 500, 9000, "whole"],
    },
    "max(pixelUm, pixelUm * keptLongEdgePx / deliveredLongEdgePx)",
    deliveredPixelUm,
    "handbook-optics",
  ),
  diagonalMm: formula(
    "mm",
    { widthMm: ["mm", 4, 5000], heightMm: ["mm", 3, 5000] },
    "sqrt(widthMm^2 + heightMm^2)",
    (of) => diagonalMm({ ...of, widthPx: 1 }),
    HANDBOOK,
  ),
  shortEdgeMm: formula(
    "mm",
    { longEdgeMm: ["mm", 50, 5000], aspect: ["", 0.2, 5] },
    "longEdgeMm / max(aspect, 1 / aspect)",
    ({ longEdgeMm, aspect }) => shortEdgeMm(longEdgeMm, aspect),
    HANDBOOK,
  ),
  inDelivered: formula(
    "px",
    { lengthUm: ["µm", 0, 20_000], pixelUm: ["µm", 1, 60] },
    "lengthUm / pixelUm",
    ({ lengthUm, pixelUm }) => inDelivered(lengthUm, pixelUm),
    "common-practice",
  ),
  bellowsLoss: formula(
    "stops",
    { magnification: ["", 0, 5] },
    "2 * log2(1 + magnification)",
    ({ magnification: m }) => bellowsLoss(m),
    HANDBOOK,
  ),
  markedDistance: formula(
    "m",
    { focalLengthMm: FOCAL, distance: DISTANCE },
    "distance^2 / (distance - focalLengthMm / 1000)",
    ({ focalLengthMm, distance }) => markedDistance(focalLengthMm, distance),
    HANDBOOK,
  ),
  distanceFromMark: formula(
    "m",
    { focalLengthMm: FOCAL, marked: ["m", 3.2, 500] },
    "(marked + sqrt(marked^2 - 4 * (focalLengthMm / 1000) * marked)) / 2",
    ({ focalLengthMm, marked }) => {
      const found = distanceFromMark(focalLengthMm, marked);
      return found.ok ? found.value : Number.NaN;
    },
    HANDBOOK,
  ),
  circleOfConfusionMm: formula(
    "mm",
    { keptDiagonalMm: ["mm", 0.5, 80] },
    "keptDiagonalMm / 1500",
    ({ keptDiagonalMm }) => circleOfConfusionMm(keptDiagonalMm),
    HANDBOOK,
  ),
  hyperfocal: formula(
    "m",
    { focalLengthMm: FOCAL, fNumber: F_NUMBER, circleMm: CIRCLE },
    "focalLengthMm^2 / (1000 * fNumber * circleMm) + focalLengthMm / 1000",
    ({ focalLengthMm, fNumber, circleMm }) =>
      hyperfocal({ focalLengthMm, fNumber, circleOfConfusionMm: circleMm }),
    HANDBOOK,
  ),
  "depthOfField.near": formula(
    "m",
    {
      focalLengthMm: FOCAL,
      fNumber: F_NUMBER,
      circleMm: CIRCLE,
      distance: DISTANCE,
      hyperfocal: ["m", 0, Infinity],
    },
    "distance * (hyperfocal - focalLengthMm / 1000) / (hyperfocal + distance - 2 * focalLengthMm / 1000)",
    ({ focalLengthMm, fNumber, circleMm, distance }) =>
      depthOfField({ focalLengthMm, fNumber, circleOfConfusionMm: circleMm, subjectDistance: distance }).near,
    HANDBOOK,
  ),
  "depthOfField.far": formula(
    "m",
    {
      focalLengthMm: FOCAL,
      fNumber: F_NUMBER,
      circleMm: CIRCLE,
      distance: DISTANCE,
      hyperfocal: ["m", 0, Infinity],
    },
    "distance >= hyperfocal ? Infinity : distance * (hyperfocal - focalLengthMm / 1000) / (hyperfocal - distance)",
    ({ focalLengthMm, fNumber, circleMm, distance }) => {
      const { far } = depthOfField({
        focalLengthMm,
        fNumber,
        circleOfConfusionMm: circleMm,
        subjectDistance: distance,
      });
      return far === "unbounded" ? Infinity : far;
    },
    HANDBOOK,
  ),
  blurDiscUm: formula(
    "µm",
    { focalLengthMm: FOCAL, fNumber: F_NUMBER, distance: DISTANCE, point: DISTANCE },
    "1000 * (focalLengthMm^2 / fNumber) * abs(1000 * point - 1000 * distance) / (1000 * point * (1000 * distance - focalLengthMm))",
    ({ focalLengthMm, fNumber, distance, point }) =>
      blurDiscUm({ focalLengthMm, fNumber, subjectDistance: distance, point }),
    HANDBOOK,
  ),
  fNumberForDepth: formula(
    "f-number",
    { focalLengthMm: FOCAL, circleMm: CIRCLE, distance: DISTANCE, near: DISTANCE, far: DISTANCE },
    "max(abs(near - distance) / near, abs(far - distance) / far) * focalLengthMm^2 / (circleMm * (1000 * distance - focalLengthMm))",
    ({ focalLengthMm, circleMm, distance, near, far }) =>
      fNumberForDepth({ focalLengthMm, circleOfConfusionMm: circleMm, subjectDistance: distance, near, far }),
    HANDBOOK,
  ),
  sharpBetween: formula(
    "m",
    { near: ["m", 0.05, 500], far: ["m", 500, 5000] },
    "far - near",
    ({ near, far }) => sharpBetween(near, far),
    HANDBOOK,
  ),
  "fullFrameEquivalent.iso": formula(
    "ISO",
    { iso: ["ISO", 25, 204800], widthMm: ["mm", 4, 60], heightMm: ["mm", 3, 50] },
    "iso * 36 * 24 / (widthMm * heightMm)",
    ({ iso, widthMm, heightMm }) =>
      fullFrameEquivalent({ format: { widthMm, heightMm, widthPx: 1 }, focalLengthMm: 50, fNumber: 4, iso })
        .iso,
    HANDBOOK,
  ),
  smoothness: formula(
    "",
    { focalLengthMm: FOCAL, fNumber: F_NUMBER, distance: DISTANCE, point: DISTANCE, detail: ["m", 0.01, 2] },
    "(focalLengthMm / (1000 * fNumber)) * abs(point - distance) / (distance * detail)",
    ({ focalLengthMm, fNumber, distance, point, detail }) =>
      smoothness({ focalLengthMm, fNumber, subjectDistance: distance, point, detail }),
    HANDBOOK,
  ),
  lightStopsBelowFullFrame: formula(
    "stops",
    { widthMm: ["mm", 4, 60], heightMm: ["mm", 3, 50], kept: ["", 0.02, 1] },
    "log2(36 * 24 / (widthMm * heightMm * kept^2))",
    ({ widthMm, heightMm, kept }) => lightStopsBelowFullFrame({ widthMm, heightMm, widthPx: 1 }, kept),
    "handbook-optics",
  ),
  pixelsWanted: formula(
    "px",
    { longEdgeMm: ["mm", 50, 5000], pixelsPerInch: ["per inch", 30, 1200] },
    "ceil(longEdgeMm / 25.4 * pixelsPerInch)",
    ({ longEdgeMm, pixelsPerInch }) =>
      pixelsWanted({ kind: "print", longEdgeMm, shortEdgeMm: longEdgeMm, pixelsPerInch, viewingDistance: 1 }),
    "common-practice",
  ),
  circleForDeliverable: formula(
    "mm",
    {
      viewingDistance: ["m", 0.1, 50],
      sensorDiagonalMm: ["mm", 5, 80],
      kept: ["", 0.02, 1],
      printDiagonalMm: ["mm", 60, 7000],
    },
    "(1000 * viewingDistance / 3438) * sensorDiagonalMm * kept / printDiagonalMm",
    ({ viewingDistance, sensorDiagonalMm, kept, printDiagonalMm }) =>
      circleForDeliverable(
        { widthMm: sensorDiagonalMm * 0.8, heightMm: sensorDiagonalMm * 0.6, widthPx: 6000 },
        kept,
        {
          kind: "print",
          longEdgeMm: printDiagonalMm * 0.8,
          shortEdgeMm: printDiagonalMm * 0.6,
          pixelsPerInch: 300,
          viewingDistance,
        },
      ),
    "common-practice",
  ),
} as const;
