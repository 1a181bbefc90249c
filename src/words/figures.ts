import type { Silhouette } from "@/core/motion";

const FIGURES: Readonly<Record<Silhouette, string>> = {
  standing: "Standing person",
  running: "Running person",
  "low-stick": "Low, with a stick",
  throwing: "Throwing person",
  jumping: "Jumping person",
  kicking: "Kicking person",
  keeping: "Keeper, legs apart",
  diving: "Person in the air, stretched",
  batting: "Person with a bat or racket",
  climbing: "Climbing person",
  swimming: "Swimming person",
  boat: "Boat with a person",
  cycling: "Person on wheels",
  skiing: "Person on skis or a board",
  riding: "Horse and rider",
  vehicle: "Car or motorcycle",
  deer: "Long-legged animal",
  beast: "Four-legged animal",
  otter: "Low long animal",
  fox: "A fox",
  hare: "A hare",
  seal: "A seal",
  flying: "Bird in flight",
  stooping: "Bird diving",
  perched: "Small bird perched",
  wading: "Long-legged bird",
  insect: "Insect",
  drop: "Drop or flake",
};

/** The silhouette by which something is drawn. */
export const figureWords = (figure: Silhouette): string => FIGURES[figure];
