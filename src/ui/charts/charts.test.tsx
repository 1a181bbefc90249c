import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { isoMark } from "@/core/exposure";
import { StackedBar } from "./StackedBar";
import { StopRail } from "./StopRail";

function rail(at: number, onChange = jest.fn(), most = 27, onHold = jest.fn()) {
  const words = (click: number): string => `ISO ${isoMark(click)}`;
  render(
    <StopRail
      pressed={(figure) => figure}
      label="ISO"
      note=", follows"
      words={words(at)}
      first={0}
      last={27}
      least={0}
      most={most}
      stopWords={at === most ? "This body has no higher" : undefined}
      at={at}
      from={0}
      to={18}
      fromWords="your floor"
      toWords="your ceiling"
      inside={at <= 18}
      pxPerClick={12}
      ticks={[{ click: 0, words: "100" }]}
      wordsAt={words}
      held={at === 9}
      onHold={onHold}
      onChange={onChange}
    />,
  );
  return { slider: screen.getByRole("slider", { name: "ISO" }), onChange };
}

test("a rail inside its limits says its mark, past one it says which", () => {
  expect(rail(6).slider).toHaveAttribute("aria-valuetext", "ISO 400");
  expect(screen.getByText("your ceiling")).toBeInTheDocument();
});

test("a rail is held and let go of by a press on its lock", () => {
  const hold = jest.fn();
  rail(6, undefined, undefined, hold);
  fireEvent.click(screen.getByRole("button", { name: "Hold ISO" }));
  expect(hold).toHaveBeenCalledTimes(1);
  cleanup();
  rail(9, undefined, undefined, hold);
  fireEvent.click(screen.getByRole("button", { name: "Let go of ISO" }));
  expect(hold).toHaveBeenCalledTimes(2);
});

test("a rail past its limit names it in words, not by colour alone", () => {
  expect(rail(21).slider).toHaveAttribute("aria-valuetext", "ISO 12800, past your ceiling");
});

test("a rail goes by clicks and stops at its ends", () => {
  const { slider, onChange } = rail(6);
  fireEvent.keyDown(slider, { key: "ArrowRight" });
  fireEvent.keyDown(slider, { key: "End" });
  fireEvent.keyDown(slider, { key: "x" });
  expect(onChange.mock.calls.flat()).toEqual([7, 27]);
});

test("a stacked bar says every share, and names only the parts with room for it", () => {
  const part = (key: string, share: number) => ({ key, words: key, share, colour: "#000000" });
  render(<StackedBar label="Light" parts={[part("sky", 0.7), part("lamps", 0.2), part("turf", 0.1)]} />);
  expect(screen.getByRole("img")).toHaveAttribute(
    "aria-label",
    "Light: sky 70\u00a0%, lamps 20\u00a0%, turf 10\u00a0%",
  );
  expect(screen.getByText(/^sky 70/)).toBeInTheDocument();
  expect(screen.getByText("lamps")).toBeInTheDocument();
  expect(screen.queryByText("turf")).toBeNull();
});

test("a part of a bar whose figure stands beside it says it and has its name alone written on it", () => {
  render(
    <StackedBar
      label="Gives"
      parts={[
        { key: "light", words: "light", colour: "#000", share: 0.8, figure: "+8" },
        { key: "iso", words: "ISO", colour: "#000", share: 0.2 },
      ]}
    />,
  );
  expect(screen.getByRole("img")).toHaveAttribute("aria-label", "Gives: light +8, ISO 20\u00a0%");
  expect(screen.getByText("light")).toBeInTheDocument();
});

test("a rail could be pushed past what the body has: it stops there and says why", () => {
  const { slider, onChange } = rail(12, jest.fn(), 12);
  expect(slider).toHaveAttribute("aria-valuemax", "12");
  expect(slider).toHaveAttribute("aria-valuetext", expect.stringContaining("This body has no higher"));
  fireEvent.keyDown(slider, { key: "ArrowRight" });
  expect(onChange).not.toHaveBeenCalledWith(13);
});
