import { fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { z } from "zod";
import type { FieldSpec } from "./field-spec";
import { RecordForm } from "./RecordForm";

const SPECS: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name" },
  { kind: "text", key: "place", label: "Place" },
];
const schema = z.object({ name: z.string().min(1), place: z.string() });

const opened = (record: object, onSave = jest.fn(), onCancel = jest.fn()) =>
  render(
    <RecordForm
      specs={SPECS}
      record={record}
      schema={schema}
      save="Save"
      onSave={onSave}
      onCancel={onCancel}
    />,
  );

beforeEach(() => localStorage.clear());

const record = { name: "Otter", place: "Lagoon" };

test("half of a form was typed and lost by a reload: it is there again, can be discarded, and saving forgets it", async () => {
  const first = opened(record);
  await userEvent.type(screen.getByLabelText("Name"), " pair");
  first.unmount();
  const second = opened(record);
  expect(screen.getByLabelText("Name")).toHaveValue("Otter pair");
  expect(screen.getByText(/as you left it/)).toBeInTheDocument();
  fireEvent.click(screen.getByRole("button", { name: "Start over" }));
  expect(screen.getByLabelText("Name")).toHaveValue("Otter");
  second.unmount();
  const third = opened(record);
  expect(screen.queryByText(/as you left it/)).toBeNull();
  const onSave = jest.fn();
  third.unmount();
  const fourth = opened(record, onSave);
  await userEvent.type(screen.getByLabelText("Name"), " cub");
  await userEvent.click(screen.getByRole("button", { name: "Save" }));
  expect(onSave).toHaveBeenCalledWith({ name: "Otter cub", place: "Lagoon" });
  fourth.unmount();
  opened(record);
  expect(screen.getByLabelText("Name")).toHaveValue("Otter");
});

test("what was typed over one record never came up over another, and a cancelled form is forgotten", async () => {
  const first = opened(record);
  await userEvent.type(screen.getByLabelText("Place"), " west");
  first.unmount();
  const other = opened({ name: "Tern", place: "Lagoon" });
  expect(screen.getByLabelText("Place")).toHaveValue("Lagoon");
  other.unmount();
  const again = opened(record);
  expect(screen.getByLabelText("Place")).toHaveValue("Lagoon west");
  await userEvent.click(screen.getByRole("button", { name: "Cancel" }));
  again.unmount();
  opened(record);
  expect(screen.getByLabelText("Place")).toHaveValue("Lagoon");
});
