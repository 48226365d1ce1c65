import { fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { PacketFields } from "./packet-fields";

it("takes what the packet says as it is typed, keeps the rest, and forgets what is emptied", () => {
  const onPacket = vi.fn();
  const { getByLabelText, getByText } = show(
    <PacketFields packet={{ variety: "Zola", days: 55 }} onPacket={onPacket} />,
  );
  const type = (label: RegExp, value: string) =>
    fireEvent.change(getByLabelText(label), { target: { value } });
  type(/lot/i, "L 12");
  expect(onPacket).toHaveBeenLastCalledWith({ variety: "Zola", days: 55, lot: "L 12" });
  type(/variety/i, "  ");
  expect(onPacket).toHaveBeenLastCalledWith({ days: 55 });
  onPacket.mockClear();
  type(/days/i, "soon");
  expect(onPacket).not.toHaveBeenCalled();
  getByText(/whole number/i);
});

it("has no packet left once all of it is emptied", () => {
  const onPacket = vi.fn();
  const { getByLabelText } = show(<PacketFields packet={{ days: 55 }} onPacket={onPacket} />);
  fireEvent.change(getByLabelText(/days/i), { target: { value: "" } });
  expect(onPacket).toHaveBeenLastCalledWith(undefined);
});
