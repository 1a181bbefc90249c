import type { Obstacle } from "@/core/ground";
import { freeId } from "@/data";
import { editGround, type Edit } from "./edit";

export const addObstacle = (obstacle: Omit<Obstacle, "id">): Edit =>
  editGround((g) => ({
    obstacles: [
      ...g.obstacles,
      { ...obstacle, outline: [...obstacle.outline], id: freeId("obstacle", g.obstacles) },
    ],
  }));

export const editObstacle = (id: string, edit: Partial<Omit<Obstacle, "id">>): Edit =>
  editGround((g) => ({
    obstacles: g.obstacles.map((o) =>
      o.id === id ? { ...o, ...edit, outline: [...(edit.outline ?? o.outline)] } : o,
    ),
  }));

export const removeObstacle = (id: string): Edit =>
  editGround((g) => ({ obstacles: g.obstacles.filter((o) => o.id !== id) }));
