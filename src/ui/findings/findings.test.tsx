import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { calibrations, type GoalReport, leadingOf, oddOnes, reportsOf } from "@/core/findings";
import { TRUTHS } from "@/demo/seasons";
import { linesOf } from "@/testing/past";
import { router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { Findings, type FindingsProps } from "./findings";
import { SharedFindings } from "./shared-findings";

vi.mock("@/ui/draw/chart", () => ({
  Chart: ({ label }: { label: string }) => <div role="img" aria-label={label} />,
}));

const lines = linesOf(3, TRUTHS);
const reports = [...reportsOf(lines, [])];
const values = [{ name: "crop/pak-choi/emergence.degreeDays", now: 80, next: 57 }];
const proposal = { about: "up", factor: 0.71, weight: 0.9, households: 9, plantings: 16, values } as const;

const PARTS: FindingsProps["parts"] = {
  goals: ["chard/leaf", "pak-choi/leaf"],
  years: [2025, 2024],
  places: ["balcony"],
  bags: ["round-10-gal", "round-5-gal"],
  methods: ["cells"],
  schools: [
    { name: "water", choice: "deep" },
    { name: "water", choice: "often" },
  ],
};

const screen = (more: Partial<FindingsProps> = {}) =>
  show(
    <Findings
      ask={{}}
      parts={PARTS}
      plantings={lines.length}
      households={10}
      leading={leadingOf(reports)}
      goals={reports.map((r: GoalReport) => ({
        ...r,
        proposals: r.goalId === "pak-choi/leaf" ? [proposal] : [],
      }))}
      calibration={calibrations(lines, [])}
      odd={[]}
      moreOdd={0}
      names={{}}
      quiet={0}
      preview={async () => ({ ok: true, value: [] })}
      take={async () => ({ ok: true, value: null })}
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

it("asks for a season by its address, and for its file alike", () => {
  const { getByLabelText, queryByLabelText, getByRole } = screen({ ask: { place: "balcony" } });
  fireEvent.change(getByLabelText("Season"), { target: { value: "2025" } });
  expect(router.push).toHaveBeenCalledWith("/findings?place=balcony&year=2025");
  expect(getByRole("link", { name: "Findings (CSV)" }).getAttribute("href")).toBe(
    "/findings.csv?place=balcony",
  );
  fireEvent.change(getByLabelText("Way of doing"), { target: { value: "water:often" } });
  expect(router.push).toHaveBeenLastCalledWith("/findings?place=balcony&school=water%3Aoften");
  // What is asked for can be taken back, where it is the only one of its kind too; kinds with one alone are not offered.
  fireEvent.change(getByLabelText("Place"), { target: { value: "" } });
  expect(router.push).toHaveBeenLastCalledWith("/findings");
  expect(queryByLabelText("Start")).toBeNull();
});

it("names what is to be asked about, and where", () => {
  const slip = lines.find((l) => l.picks > 1)!;
  const odd = oddOnes(
    lines.map((l) => (l === slip ? { ...l, kg: 40 } : l)),
    [],
  );
  const { getByRole, text } = screen({
    quiet: 2,
    odd,
    moreOdd: 4100,
    names: { [slip.householdId]: { code: "03", name: "Braskel" } },
  });
  expect(getByRole("link", { name: "2 households have gone quiet" }).getAttribute("href")).toBe(
    "/?filter=quiet",
  );
  expect(text()).toMatch(/40 kg picked, where .* would be much/);
  expect(text()).toMatch(/4,100 more like these/);
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

it("shows what became of plantings and what they stand beside, with tables behind", () => {
  const { getByRole, text } = screen({ madeAt: "2026-05-18T09:30:00.000Z" });
  expect(text()).toContain("Worked out at");
  fireEvent.click(getByRole("button", { name: /^chard/ }));
  expect(text()).toMatch(/Of \d+ plantings, by day \d+: \d+ % picked/);
  expect(text()).toMatch(/Half were pulled within \d+ days/);
  const beside = getByRole("region", { name: "Beside each other" });
  expect(beside.querySelectorAll("table").length).toBe(
    reports.find((r) => r.goalId === "chard/leaf")!.beside.length,
  );
  expect(beside.textContent).toMatch(/2025\d+/);
});

it("shows those who see no household's figures apart one table, and says where there is none", () => {
  const goals = [{ goalId: "chard/leaf", households: 4, pickDays: 51.4, kg: 0.82 }];
  const { text } = show(<SharedFindings goals={goals} />);
  expect(text()).toContain("chard451 days820 g");
  expect(show(<SharedFindings goals={[]} />).text()).toContain("Fewer than three households");
});

it("says that nothing can be counted yet, and that nothing stands out", () => {
  expect(screen({ goals: [], leading: [] }).text()).toContain("Nothing is on record yet");
  expect(screen({ leading: [] }).text()).toContain("Nothing stands out");
});
