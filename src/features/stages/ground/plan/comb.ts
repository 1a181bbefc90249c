const LENGTH = { least: 12, most: 120 };

export interface Comb {
  /** Px of a stroke, and by how much it must be multiplied to be to scale. */
  readonly length: number;
  readonly times: number;
}

/** A stroke between 12 and 120 px, with the whole multiplier or divisor that brings it back to scale. */
export function combOf(metres: number, pxPerMetre: number): Comb {
  const trueLength = metres * pxPerMetre;
  if (trueLength > LENGTH.most) {
    const times = Math.ceil(trueLength / LENGTH.most);
    return { length: trueLength / times, times };
  }
  if (trueLength < LENGTH.least) {
    const parts = Math.ceil(LENGTH.least / trueLength);
    return { length: trueLength * parts, times: 1 / parts };
  }
  return { length: trueLength, times: 1 };
}
