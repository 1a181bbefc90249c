/** An expected absence: a code and the numbers that belong to it; never a sentence, never NaN. */
export interface Absent<Reason extends string> {
  readonly ok: false;
  readonly reason: Reason;
  readonly numbers?: Readonly<Record<string, number>>;
}

export interface Present<Value> {
  readonly ok: true;
  readonly value: Value;
}

export type Maybe<Value, Reason extends string> = Present<Value> | Absent<Reason>;

/** A value that is there. */
export const present = <Value>(value: Value): Present<Value> => ({ ok: true, value });

/** An absence with its reason and the numbers that belong to it. */
export function absent<Reason extends string>(
  reason: Reason,
  numbers?: Readonly<Record<string, number>>,
): Absent<Reason> {
  return numbers ? { ok: false, reason, numbers } : { ok: false, reason };
}
