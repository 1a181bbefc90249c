import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { View } from "react-native";
import { readNumber } from "@/words";
import { NumberField } from "./NumberField";
import { Segmented } from "./Segmented";
import { ToastProvider, useToast } from "../layout/toast";
import { useSlider } from "./useSlider";
import { Button } from "./Button";

test("numbers are read with a point or a comma, and nothing else passes for one", () => {
  expect(["12.5", "12,5", " -3 ", "−3", ".5", "7."].map(readNumber)).toEqual([12.5, 12.5, -3, -3, 0.5, 7]);
  for (const bad of ["", "abc", "1e5", "1.2.3", "0x10", "NaN", "--1"])
    expect(readNumber(bad)).toBeUndefined();
});

test("a number takes effect on leaving; a wrong one stays in the field with what to do and changes nothing", async () => {
  const onChange = jest.fn();
  render(<NumberField label="East" unit="m" value={12} min={-100} max={100} onChange={onChange} />);
  const field = screen.getByLabelText("East in m");
  await userEvent.clear(field);
  await userEvent.type(field, "250");
  fireEvent.blur(field);
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.getByRole("alert")).toHaveTextContent("Type a number from -100 to 100.");
  await userEvent.clear(field);
  await userEvent.type(field, "25,5");
  fireEvent.blur(field);
  expect(onChange).toHaveBeenCalledWith(25.5);
});

test("one of a few is a radio group", async () => {
  const onChoose = jest.fn();
  const segments = [
    { key: "a", label: "A" },
    { key: "b", label: "B" },
  ];
  render(<Segmented label="Position" segments={segments} chosen="a" onChoose={onChoose} />);
  expect(screen.getByRole("radio", { name: "A" })).toHaveAttribute("aria-checked", "true");
  await userEvent.click(screen.getByRole("radio", { name: "B" }));
  expect(onChoose).toHaveBeenCalledWith("b");
});

function Slider({ onChange, onEnd }: { onChange: (v: number) => void; onEnd: (v: number) => void }) {
  const slider = useSlider({
    label: "ISO",
    value: 6,
    min: 0,
    max: 27,
    step: 1,
    page: 3,
    words: "ISO 400",
    inset: 0,
    onChange,
    onEnd,
  });
  return <View {...slider} />;
}

test("a slider goes by keys in steps and pages, stays in its range, and says its value in words", () => {
  const onChange = jest.fn();
  const onEnd = jest.fn();
  render(<Slider onChange={onChange} onEnd={onEnd} />);
  const slider = screen.getByRole("slider", { name: "ISO" });
  expect(slider).toHaveAttribute("aria-valuetext", "ISO 400");
  for (const key of ["ArrowRight", "ArrowLeft", "PageUp", "Home", "End"]) fireEvent.keyDown(slider, { key });
  expect(onChange.mock.calls.flat()).toEqual([7, 6, 9, 0, 27]);
  expect(onEnd).toHaveBeenCalledTimes(5);
});

test("keys that come faster than the slider is drawn were lost: each goes on from the last", () => {
  const onChange = jest.fn();
  render(<Slider onChange={onChange} onEnd={jest.fn()} />);
  const slider = screen.getByRole("slider", { name: "ISO" });
  for (let i = 0; i < 4; i++) fireEvent.keyDown(slider, { key: "PageUp" });
  expect(onChange.mock.calls.flat()).toEqual([9, 12, 15, 18]);
});

test("a toast offers to take back what was done, once", async () => {
  const undo = jest.fn();
  function Doer() {
    const toast = useToast();
    return <Button label="Do" onPress={() => toast({ words: "Done", undo })} />;
  }
  render(
    <ToastProvider>
      <Doer />
    </ToastProvider>,
  );
  await userEvent.click(screen.getByRole("button", { name: "Do" }));
  expect(screen.getByRole("status")).toHaveTextContent("Done");
  await userEvent.click(screen.getByRole("button", { name: "Undo" }));
  expect(undo).toHaveBeenCalledTimes(1);
  expect(screen.queryByRole("status")).toBeNull();
});
