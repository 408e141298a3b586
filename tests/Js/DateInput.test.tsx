// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it } from "vitest";
import { DateInput } from "../../resources/js/rooms/outing/TimeInput";

afterEach(cleanup);

it("keeps the day that is being typed while the page around it is drawn anew", async () => {
  const days: string[] = [];
  const drawn = () => <DateInput label="Date" value="2026-12-01" onChange={(day) => days.push(day)} />;
  const { rerender } = render(drawn());
  const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });
  const field = screen.getByLabelText<HTMLInputElement>("Date");
  await user.click(field);
  field.setSelectionRange(0, field.value.length);
  await user.keyboard("2027-05-22");
  // an answer arrives
  rerender(drawn());
  await user.keyboard("{Enter}");
  expect(days.at(-1)).toBe("2027-05-22");
});
