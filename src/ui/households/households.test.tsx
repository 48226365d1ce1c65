import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { RightsProvider } from "@/ui/rights";
import { Households, type HouseholdsProps, type Summary } from "./households";

vi.mock("next/form", () => ({
  default: ({ children, ...rest }: React.ComponentProps<"form">) => <form {...rest}>{children}</form>,
}));

const household = (code: string, more: Partial<Summary> = {}): Summary => ({
  id: `id-${code}`,
  code,
  name: `House ${code}`,
  adults: 2,
  children: 0,
  place: { kind: "balcony", lengthTyped: "3 m", widthTyped: "4 ft" },
  stage: "sown",
  bags: 3,
  sunHours: 5.5,
  due: [],
  picked: {},
  ...more,
});
const given = (summaries: Summary[]): HouseholdsProps => ({
  ...{ programme: "Spring greens", summaries, stages: { surveyed: 1, sown: 400 }, found: 1200, pressing: 31 },
  ...{ quiet: 0, away: 0, late: 7, due: 40, pages: 48 },
  ask: { search: "ro", filter: "all", sort: "pressing", page: 2 },
});
const screen = (summaries: Summary[], more: Partial<HouseholdsProps> = {}) =>
  show(<Households {...given(summaries)} {...more} />);

it("leads each household to the screen that it needs next, and names at most a few of its tasks", () => {
  const task = (n: number, late: boolean) => ({
    task: "pick" as const,
    day: "2026-05-16",
    late,
    days: 2,
    plantingId: `p${n}`,
    goalId: "kale/leaf",
  });
  const { getByRole, text } = screen([
    household("07", { due: [1, 2, 3, 4, 5].map((n) => task(n, n < 3)) }),
    household("1204", { stage: "surveyed", bags: 0 }),
    household("12", { stage: "planned", firstSowing: "2026-06-08" }),
  ]);
  const href = (name: string) => getByRole("link", { name }).getAttribute("href");
  expect([href("House 07"), href("House 1204"), href("House 12")]).toEqual([
    "/house/id-07/log",
    "/house/id-1204/match",
    "/house/id-12/bench",
  ]);
  expect(text().match(/Pick leaf kale/g)).toHaveLength(3);
  expect(text()).toMatch(/late 2 d.*and 2 more/);
  expect(text()).toContain("First sowing 8 Jun");
});

it("keeps the search while it is filtered and paged, and begins at the first page of another filter", () => {
  const { container, text } = screen([household("07")]);
  const hrefs = [...container.querySelectorAll("a")].map((a) => a.getAttribute("href"));
  expect(hrefs).toContain("/?search=ro&filter=sown");
  expect(hrefs).toContain("/?search=ro");
  expect(hrefs).toContain("/?search=ro&page=3");
  expect(text()).toContain("Page 2 of 48");
  expect(text()).toMatch(/1,?200 households, 7 things late, 40 due this week/);
});

it("says when nobody is found, and when there is nobody yet", () => {
  const nobody = screen([], { judgingSince: "2026-05-18T09:40:00Z" });
  expect(nobody.text()).toContain("No household is found.");
  expect(nobody.text()).toMatch(/worked out anew.*since \d+:40/);
  nobody.unmount();
  const empty = screen([], { found: 0, ask: { search: "", filter: "all", sort: "pressing", page: 1 } });
  expect(empty.text()).toContain("Survey the first one at its door");
  expect(empty.container.querySelector("form")).toBeNull();
});

it("lets those who only look survey nobody", () => {
  const path = (of: ReturnType<typeof screen>) => of.queryByRole("link", { name: "Survey a household" });
  const all = screen([household("01")]);
  expect(path(all)).not.toBeNull();
  all.again(
    <RightsProvider value={{ seesAll: true, changes: false, writes: false }}>
      <Households {...given([household("01")])} />
    </RightsProvider>,
  );
  expect(path(all)).toBeNull();
});
