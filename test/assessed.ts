import { assess, type AssessInput, type Assessment } from "../src/core/judge";

/** The assessment of a shot of which a test knows that there is a picture; throws with the reason where there is none. */
export function assessed(input: AssessInput): Assessment {
  const answer = assess(input);
  if (!answer.ok) throw new Error(answer.reason);
  return answer;
}
