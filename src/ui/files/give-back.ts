import type { RowFault } from "@/core/exchange";

/** Hands refused rows back as a file, to be mended and taken in again. */
export async function giveBack(faults: readonly RowFault[], name: string): Promise<void> {
  const { faultsToCsv } = await import("./later");
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([faultsToCsv(faults)], { type: "text/csv" }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
