/** The drills that are practised. */
export type DrillName = "pan" | "moment" | "stops" | "light" | "blur" | "stand";
