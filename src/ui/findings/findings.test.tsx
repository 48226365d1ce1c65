// @vitest-environment happy-dom
import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { calibrations, type GoalReport, leadingOf, oddOnes, reportOf } from "@/core/findings";
import { TRUTHS } from "@/demo/seasons";
import { linesOf } from "@/testing/past";
import { show } from "@/testing/screen";
import { Findings, type FindingsProps } from "./findings";

const push = vi.fn();
vi.mock("next/navigation", () => ({ useRouter: () => ({ push, refresh: () => undefined }) }));
vi.mock("@/ui/draw/chart", () => ({
  Chart: ({ label }: { label: string }) => <div role="img" aria-label={label} />,
}));

const lines = linesOf(3, TRUTHS);
const reports = reportOf(lines, []);
const values = [{ name: "crop/pak-choi/emergence.degreeDays", now: 80, next: 57 }];
const proposal = { about: "up", factor: 0.71, weight: 0.9, households: 9, plantings: 16, values } as const;

const screen = (more: Partial<FindingsProps> = {}) =>
  show(
    <Findings
      ask={{}}
      years={[2025, 2024]}
      places={["balcony"]}
      bags={["round-10-gal"]}
      plantings={lines.length}
      households={10}
      leading={leadingOf(reports)}
      goals={reports.map((r: GoalReport) => ({
        ...r,
        proposals: r.goalId === "pak-choi/leaf" ? [proposal] : [],
      }))}
      calibration={calibrations(lines, [])}
      odd={[]}
      names={{}}
      {...more}
    />,
  );

it("opens with sentences that lead to their crop, each with how much it stands on", () => {
  const { getByRole, getAllByRole, text } = screen();
  expect(text()).toMatch(
    /pak choi, leaf is up in \d days here; \d were expected\.\d+ plantings, \d+ households/,
  );
  fireEvent.click(getByRole("button", { name: /pak choi, leaf is up in/ }));
  expect(text()).toContain("From sowing until up");
  expect(text()).toMatch(/Half in \d days \(\d to \d\)\./);
  // Behind the picture stands its table: a row a step.
  const steps = reports.find((r) => r.goalId === "pak-choi/leaf")!.up!.steps.length;
  expect(getAllByRole("table")[0]!.querySelectorAll("tbody tr")).toHaveLength(steps);
});

it("shows before and after of what records propose, what it changes, and takes it only when asked to", async () => {
  const preview = vi.fn(async () => ({ ok: true as const, value: [] }));
  const take = vi.fn(async () => ({ ok: true as const, value: null }));
  const { getByRole, text, findByText } = screen({ preview, take });
  fireEvent.click(getByRole("button", { name: /^pak choi, leaf.*proposes a value/ }));
  expect(text()).toContain("Warmth to come up: 80 → 57 degree days. 90 % of it from these records");
  fireEvent.click(getByRole("button", { name: "What it changes in all plans" }));
  await waitFor(() => expect(preview).toHaveBeenCalledWith("pak-choi/leaf", "up"));
  expect(take).not.toHaveBeenCalled();
  fireEvent.click(getByRole("button", { name: "Take it into our values" }));
  await findByText(/Taken\./);
});

it("lets a reader look and not take", () => {
  const { getByRole, queryByRole } = screen();
  fireEvent.click(getByRole("button", { name: /^pak choi, leaf.*proposes a value/ }));
  expect(queryByRole("button", { name: "Take it into our values" })).toBeNull();
});

it("asks for a season by its address, and for its file alike", () => {
  const { getByLabelText, getByRole } = screen({ ask: { place: "balcony" } });
  fireEvent.change(getByLabelText("Season"), { target: { value: "2025" } });
  expect(push).toHaveBeenCalledWith("/findings?place=balcony&year=2025");
  expect(getByRole("link", { name: "Findings (CSV)" }).getAttribute("href")).toBe(
    "/findings.csv?place=balcony",
  );
});

it("names what is to be asked about, and where", () => {
  const slip = lines.find((l) => l.picks > 1)!;
  const odd = oddOnes(
    lines.map((l) => (l === slip ? { ...l, kg: 40 } : l)),
    [],
  );
  const { getByRole, text } = screen({ odd, names: { [slip.householdId]: { code: "03", name: "Braskel" } } });
  expect(text()).toMatch(/40 kg picked, where .* would be much/);
  expect(getByRole("link", { name: "03 Braskel" }).getAttribute("href")).toBe(
    `/house/${slip.householdId}/planting/${slip.plantingId}`,
  );
});

it("says whether ranges held, of each kind, and has the table behind the picture", () => {
  const narrow = calibrations(lines, []);
  const { text } = screen({ calibration: { ...narrow, up: { ...narrow.up, widen: 1.42 } } });
  expect(text()).toMatch(
    /Days to up: ranges meant for 80 % held in \d+ % \(.*\)\. They are too narrow: 1\.4 times/,
  );
  expect(text()).toMatch(/Harvest: ranges meant for 80 % held in/);
});

it("says that nothing can be counted yet, and that nothing stands out", () => {
  expect(screen({ goals: [], leading: [] }).text()).toContain("Nothing is on record yet");
  expect(screen({ leading: [] }).text()).toContain("Nothing stands out");
});
