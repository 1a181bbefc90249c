import { render, screen } from "@testing-library/react";
import { IntervalChart } from "./IntervalChart";

test("an interval chart says every share with its bounds and what it rests on", () => {
  const row = { key: "30", label: "1/1000", share: 0.25, low: 0.182, high: 0.334, note: "30 of 120" };
  render(
    <IntervalChart
      label="Keepers by shutter"
      rows={[row, { ...row, key: "27", label: "1/500", share: 0 }]}
    />,
  );
  expect(screen.getByRole("img")).toHaveAttribute(
    "aria-label",
    "Keepers by shutter. 1/1000: 25\u00a0%, between 18\u00a0% and 33\u00a0%, 30 of 120. 1/500: 0\u00a0%, between 18\u00a0% and 33\u00a0%, 30 of 120",
  );
});
