import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { setDisplay } from "@/words";
import { CheckRow } from "./CheckRow";
import { LengthField } from "./LengthField";
import { matching } from "./matching";
import { Picker } from "./Picker";
import { Segmented } from "./Segmented";
import { TextField } from "./TextField";

// What is loaded when it is needed is tried in the browser.
jest.mock("./use-search", () => ({
  useSearch: jest.requireActual<typeof import("./matching")>("./matching").matching,
}));

const ITEMS = [
  { key: "a", title: "Otter along the bank", detail: "mammals, estimated" },
  { key: "b", title: "Otter swimming", detail: "mammals, estimated" },
  { key: "c", title: "Tern diving", detail: "birds, from memory" },
];

test("a search finds what holds every word of it, in name or detail, whatever the case", () => {
  const found = (search: string) => matching(ITEMS, search).map((i) => i.key);
  expect(found("otter")).toEqual(["a", "b"]);
  expect(found("OTTER swim")).toEqual(["b"]);
  expect(found("memory tern")).toEqual(["c"]);
  expect(found("")).toEqual(["a", "b", "c"]);
  expect(found("heron")).toEqual([]);
});

test("one of many is chosen from a list that opens, narrows and closes again", async () => {
  const onChoose = jest.fn();
  render(<Picker label="Subject" items={ITEMS} chosen="a" onChoose={onChoose} />);
  expect(screen.queryByRole("list")).toBeNull();
  await userEvent.click(screen.getByRole("button", { name: "Subject: Otter along the bank. Change" }));
  await userEvent.type(screen.getByLabelText("Search subject"), "heron");
  expect(screen.getByText("Nothing of that name. Try a shorter word.")).toBeInTheDocument();
  await userEvent.clear(screen.getByLabelText("Search subject"));
  await userEvent.type(screen.getByLabelText("Search subject"), "tern");
  expect(screen.getAllByRole("listitem")).toHaveLength(1);
  await userEvent.click(screen.getByRole("button", { name: /^Tern diving/ }));
  expect(onChoose).toHaveBeenCalledWith("c");
  expect(screen.queryByRole("list")).toBeNull();
});

test("a group of radios is one stop of the Tab key; arrows choose and go round", async () => {
  function Held() {
    const [chosen, setChosen] = useState("b");
    const segments = ["a", "b", "c"].map((key) => ({ key, label: key.toUpperCase() }));
    return <Segmented label="Way" segments={segments} chosen={chosen} onChoose={setChosen} />;
  }
  render(<Held />);
  await userEvent.tab();
  expect(screen.getByRole("radio", { name: "B" })).toHaveFocus();
  await userEvent.keyboard("{ArrowRight}");
  expect(screen.getByRole("radio", { name: "C" })).toHaveFocus();
  expect(screen.getByRole("radio", { name: "C" })).toBeChecked();
  await userEvent.keyboard("{ArrowDown}{ArrowLeft}");
  expect(screen.getByRole("radio", { name: "C" })).toBeChecked();
  await userEvent.tab();
  expect(document.body).toHaveFocus();
});

test("a line is in or out", async () => {
  const onChange = jest.fn();
  render(<CheckRow title="Tripod" checked={false} onChange={onChange} />);
  expect(screen.getByRole("checkbox", { name: "Tripod" })).toHaveAttribute("aria-checked", "false");
  await userEvent.click(screen.getByRole("checkbox"));
  expect(onChange).toHaveBeenCalledWith(true);
});

test("a field says its unit with its label, and what is wrong instead of its hint", () => {
  const { rerender } = render(
    <TextField label="Weight" unit="g" value="1" hint="With battery." onChange={jest.fn()} />,
  );
  expect(screen.getByLabelText("Weight in g")).toHaveAttribute("aria-invalid", "false");
  expect(screen.getByText("With battery.")).toBeInTheDocument();
  rerender(
    <TextField
      label="Weight"
      unit="g"
      value="x"
      hint="With battery."
      error="Type a number."
      onChange={jest.fn()}
    />,
  );
  expect(screen.getByRole("alert")).toHaveTextContent("Type a number.");
  expect(screen.queryByText("With battery.")).toBeNull();
});

test("a length is typed in feet and given in metres, within bounds in metres", async () => {
  setDisplay({ units: "ft", clock: "24" });
  const onChange = jest.fn();
  render(<LengthField label="Lens height" value={3.048} min={0.3048} max={30.48} onChange={onChange} />);
  const field = screen.getByLabelText("Lens height in ft");
  expect(field).toHaveValue("10.0");
  await userEvent.clear(field);
  await userEvent.type(field, "200");
  fireEvent.blur(field);
  expect(screen.getByRole("alert")).toHaveTextContent("Type a number from 1 to 100.");
  await userEvent.clear(field);
  await userEvent.type(field, "20");
  fireEvent.blur(field);
  expect(onChange.mock.calls[0][0]).toBeCloseTo(6.096, 9);
  setDisplay({ units: "m", clock: "24" });
});
