import { fireEvent, render, screen } from "@testing-library/react";
import { Text } from "react-native";
import { Guard } from "./Guard";

const fault = { on: true };

function Faulty() {
  if (fault.on) throw new RangeError("Invalid time value");
  return <Text>the figures</Text>;
}

test("a fault in one part left a white page: it is told there, the rest stands, and it can be tried again", () => {
  const quiet = jest.spyOn(console, "error").mockImplementation(() => undefined);
  render(
    <>
      <Text>the plan</Text>
      <Guard name="Frame">
        <Faulty />
      </Guard>
    </>,
  );
  expect(screen.getByText("the plan")).toBeInTheDocument();
  expect(screen.getByText("Frame cannot be shown")).toBeInTheDocument();
  expect(screen.getByText(/Invalid time value.*safe and unchanged/)).toBeInTheDocument();
  fireEvent.click(screen.getByRole("button", { name: "Try again" }));
  expect(screen.getByText("Frame cannot be shown")).toBeInTheDocument();
  fault.on = false;
  fireEvent.click(screen.getByRole("button", { name: "Try again" }));
  expect(screen.getByText("the figures")).toBeInTheDocument();
  quiet.mockRestore();
});
