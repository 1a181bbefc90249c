import "fake-indexeddb/auto";
import { act, render, screen } from "@testing-library/react";
import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { openOuting } from "./outing-store";
import { useAtRest } from "./use-at-rest";
import { OpenOutingContext } from "./use-outing";

const outing = demoOutings[0]!;
const open = () =>
  openOuting({
    outing,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    library: EMPTY_LIBRARY,
    now: 0,
    storage: {
      save: (next) => Promise.resolve({ ok: true, value: next }),
      read: () => Promise.resolve({ ok: true, value: outing }),
      states: () => Promise.resolve([]),
      at: () => Promise.resolve({ ok: true, value: outing }),
    },
    onStored: () => undefined,
    onUnsaved: () => undefined,
  });

beforeEach(() => {
  sessionStorage.clear();
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test("a folded line was worked out at every step of a drag: it is read once the hand rests", () => {
  const opened = open();
  let asked = 0;
  const select = ({ at }: OutingView): string => {
    asked++;
    return `minute ${at}`;
  };
  const Line = () => <p>{useAtRest(select)}</p>;
  render(
    <OpenOutingContext.Provider value={opened}>
      <Line />
    </OpenOutingContext.Provider>,
  );
  act(() => void jest.advanceTimersByTime(1000));
  const before = asked;
  const from = opened.store.getState().view.at;
  for (let step = 1; step <= 20; step++)
    act(() => {
      opened.lookAt(from + step * 60_000, false);
      jest.advanceTimersByTime(16);
    });
  expect(asked).toBe(before);
  expect(screen.getByText(`minute ${from}`)).toBeInTheDocument();
  act(() => void jest.advanceTimersByTime(200));
  expect(asked).toBe(before + 1);
  expect(screen.getByText(`minute ${from + 20 * 60_000}`)).toBeInTheDocument();
});
