import { placesOf } from "./place";

const PERCHED = "small-bird-feeder tit-flying";
const BUTTERFLIES = "butterfly-calm butterfly-wind dragonfly-perched bee-flower";

// prettier-ignore
export const OPEN_PLACES = [
  ...placesOf("Road and trail", "", [
    { id: "trail-low", situation: "head and shoulders against the sky", subjects: "trail-runner", from: [18, 22], height: 0.4, lensMm: 200, why: "from low: sky behind, both feet off the ground on the way up", hazard: "off the course" },
    { id: "trail-leader", situation: "group", subjects: "trail-runner", from: [12, 40], height: 1.2, lensMm: 300, why: "long and head on: the leader sharp, the others behind", hazard: "off the course" },
  ]),
  ...placesOf("Road races and cross-country", "", [
    { id: "road-race-bend", situation: "the field comes out of a bend", subjects: "road-runner cross-country-runner", from: [18, 26], height: 0.9, lensMm: 200, why: "outside the course, low, with the leaders sharp and the rest behind", hazard: "off the course; marshals decide" },
    { id: "triathlon-exit", situation: "out of the water", subjects: "triathlete-exit", from: [25, 16], height: 0.8, lensMm: 200, why: "beside the carpet up the beach: drops, cap and eyes", hazard: "off the carpet; wet ground" },
  ]),
  ...placesOf("Cycling", "", [
    { id: "bike-head-on", situation: "one rider head on", subjects: "road-cyclist mountain-biker cyclocross-rider", from: [20, 26], height: 0.9, lensMm: 200, why: "upright frame at 200 mm, the rider comes at you", hazard: "the hood must hit nobody" },
    { id: "bike-pan", situation: "pan", subjects: "road-cyclist cyclocross-rider", from: [90, 11], height: 1.1, lensMm: 70, why: "square to the road with room left and right" },
  ]),
  ...placesOf("Snow", "", [
    { id: "snow-two-trees", situation: "turn between two trees", subjects: "skier", from: [30, 22], height: 1, lensMm: 135, why: "prefocused on the point of the turn, trees on either side", hazard: "never below a slope that can slide; out of the run-out" },
  ]),
  ...placesOf("Slalom", "slalom-hill", [
    { id: "slalom-gate-low", situation: "at the gate", subjects: "slalom-skier", at: [-15, -24], height: 0.9, lensMm: 200, why: "behind the net below the gate: the pole bends toward you", hazard: "never in the run-out; marshals decide" },
  ]),
  ...placesOf("Half-pipe", "half-pipe", [
    { id: "pipe-bottom", situation: "over the lip", subjects: "snowboarder freestyle-skier", at: [4, -100], height: 1.5, lensMm: 600, why: "below the end of the pipe, both lips and the sky in the frame", hazard: "out of the run-out" },
  ]),
  ...placesOf("Horses", "", [
    { id: "horse-landing-side", situation: "over a fence", subjects: "cross-country-horse galloping-horse", from: [50, 26], height: 1, lensMm: 200, why: "landing side, three-quarter: horse and rider come at you", hazard: "never in the line of a fence; outside the ropes" },
  ]),
  ...placesOf("Feeder", "", [
    { id: "feeder-perch", situation: "last perch before the food", subjects: PERCHED, from: [60, 4.5], lensMm: 500, why: "level with the perch, sun at the back at the hour of use, background far and even" },
  ]),
  ...placesOf("Garden", "", [
    { id: "garden-low", situation: "feeding in the garden", subjects: "squirrel-feeding hedgehog", from: [30, 6], height: 0.25, lensMm: 300, why: "lying at its own height, still until it feeds again", hazard: "no lamp into its eyes" },
  ]),
  ...placesOf("Small birds", "", [
    { id: "song-perch", situation: "singing", subjects: "small-bird-singing", from: [50, 9], height: 0.8, lensMm: 600, why: "near but not in front of the song perch, from low toward the high sky", hazard: "leave when it stops singing" },
  ]),
  ...placesOf("Hide", "", [
    { id: "hide-bank", situation: "otter on the bank", subjects: "otter-bank otter-swimming", from: [40, 16], height: 0.6, lensMm: 500, why: "low, sun at the back, the slit as wide as the lens", hazard: "in place before light; never between the animal and water" },
    { id: "hide-dive", situation: "dive from a post", subjects: "tern-diving kingfisher-diving", from: [60, 18], height: 1, lensMm: 600, why: "across the dive, prefocused on the post" },
  ]),
  ...placesOf("Insects", "", [
    { id: "insect-side", situation: "from the side", subjects: BUTTERFLIES, from: [90, 0.5], lensMm: 100, why: "the sensor parallel to the wings", hazard: "your shadow must not cross it" },
    { id: "insect-head-on", situation: "head on", subjects: BUTTERFLIES, from: [0, 0.5], lensMm: 100, why: "eyes and feelers; only the head is sharp" },
  ]),
  ...placesOf("Deer and large mammals", "", [
    { id: "deer-edge", situation: "at the wood’s edge", subjects: "deer-standing roe-deer-walking fox-trotting hare-running", from: [40, 60], height: 1, lensMm: 500, why: "low and downwind, sun at the back, its own field behind it", hazard: "its peace before the picture" },
  ]),
];
