/** How far a long computation has come. */
export interface Progress {
  /** Steps that are done, 0 … `total`. */
  readonly done: number;
  /** Steps in all. */
  readonly total: number;
}
