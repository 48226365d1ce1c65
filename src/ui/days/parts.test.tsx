import { fireEvent, waitFor } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import type { Task } from "@/core/days";
import { assessGarden } from "@/core/garden";
import { absencesOf } from "@/core/year";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Amiss } from "./amiss";
import { AwayNotes } from "./away";
import { CalendarAddress } from "./calendar-address";
import { DaysForAll, type DaysForAllProps } from "./days-for-all";
import { Month } from "./month";
import { PaperCode } from "./paper-code";
import { WaterYear } from "./water-year";
import { WeatherLines } from "./weather-lines";

const TODAY = "2026-05-18";
const task = (from: string, more: Partial<Task> = {}): Task =>
  ({
    ...{ kind: "thin", toCm: 10, id: `t ${from}`, rowId: id(2), row: 1, plantingId: id(10) },
    ...{ goalId: "kale/leaf", from, until: from, ...more },
  }) as Task;

describe("the month", () => {
  it("shows how much begins on each day of five weeks, and opens those days alone on which anything does", () => {
    const onChoose = vi.fn();
    const { getAllByRole } = show(
      <Month
        tasks={[task(TODAY), task("2026-05-20"), task("2026-05-20", { id: "b" })]}
        today={TODAY}
        chosen={undefined}
        onChoose={onChoose}
      />,
    );
    const days = getAllByRole("button") as HTMLButtonElement[];
    expect(days).toHaveLength(35);
    expect(days.filter((day) => !day.disabled)).toHaveLength(2);
    // 18 May 2026 is a Monday, so that its week begins with it.
    expect(days[2]!.textContent).toMatch(/20.*2$/);
    fireEvent.click(days[2]!);
    expect(onChoose).toHaveBeenCalledWith("2026-05-20");
  });

  it("goes back to all days by a second press", () => {
    const onChoose = vi.fn();
    const { getByRole } = show(
      <Month tasks={[task(TODAY)]} today={TODAY} chosen={TODAY} onChoose={onChoose} />,
    );
    fireEvent.click(getByRole("button", { pressed: true }));
    expect(onChoose).toHaveBeenCalledWith(undefined);
  });
});

describe("an address for a phone's calendar", () => {
  it("is shown once it is made, with a warning, and is gone once it is withdrawn", async () => {
    const withdraw = vi.fn(async () => ({ ok: true as const, value: null }));
    const { getByRole, findByRole, queryByRole, getAllByRole } = show(
      <CalendarAddress
        hasAddress={false}
        make={async () => ({ ok: true, value: { address: "http://127.0.0.1/calendar/secret" } })}
        withdraw={withdraw}
      />,
    );
    expect(getAllByRole("button")).toHaveLength(1);
    fireEvent.click(getByRole("button"));
    expect((await findByRole("link")).getAttribute("href")).toBe("http://127.0.0.1/calendar/secret");
    fireEvent.click(getAllByRole("button")[1]!);
    await waitFor(() => expect(queryByRole("link")).toBeNull());
    expect(getByRole("status").textContent).not.toBe("");
    expect(getAllByRole("button")).toHaveLength(1);
  });

  it("says why it could not be made, and shows none", async () => {
    const { getByRole, findByRole, queryByRole } = show(
      <CalendarAddress
        hasAddress={false}
        make={() => Promise.reject(new TypeError("no connection"))}
        withdraw={vi.fn()}
      />,
    );
    fireEvent.click(getByRole("button"));
    expect((await findByRole("alert")).textContent).toMatch(/^✕/);
    expect(queryByRole("link")).toBeNull();
  });
});

it("takes the code on papers out of force only when asked twice", async () => {
  const withdraw = vi.fn(async () => ({ ok: true as const, value: null }));
  const { getByRole, getAllByRole } = show(<PaperCode withdraw={withdraw} />);
  fireEvent.click(getByRole("button"));
  expect(withdraw).not.toHaveBeenCalled();
  fireEvent.click(getAllByRole("button")[0]!);
  await waitFor(() => expect(getByRole("status").textContent).not.toBe(""));
  expect(withdraw).toHaveBeenCalledTimes(1);
});

describe("the weather of these days", () => {
  const day = (on: string, rainMm = 0) => ({ day: on, nightC: 4, dayC: 17, rainMm, windMS: 3 });
  const weather = (isOld: boolean) => ({
    ...{
      days: [day("2026-05-17"), day(TODAY, 6), day("2026-05-19")],
      askedAt: "2026-05-18T06:00:00Z",
      isOld,
    },
  });

  it("begins with today, tells rain, and how old it is", () => {
    const { getAllByRole, text } = show(
      <WeatherLines weather={weather(false)} warnings={[]} today={TODAY} />,
    );
    expect(getAllByRole("listitem")).toHaveLength(2);
    expect(text()).toMatch(/6 mm/);
    expect(text()).not.toContain("17 May");
  });

  it("says that it is old, or that there is none, and never shows an empty place", () => {
    const old = show(<WeatherLines weather={weather(true)} warnings={[]} today={TODAY} />);
    expect(old.text()).toContain("18 May");
    old.unmount();
    const none = show(<WeatherLines weather={undefined} warnings={[]} today={TODAY} />);
    expect(none.text().replace("Weather", "").trim()).not.toBe("");
  });

  it("warns of frost with the bags that stand in it, in the reader's units", () => {
    const frost = { code: "frost", day: TODAY, nightC: -1, rows: [1, 3] } as never;
    expect(show(<WeatherLines weather={undefined} warnings={[frost]} today={TODAY} />).text()).toMatch(
      /▲.*1, 3/,
    );
    document.body.innerHTML = "";
    const us = show(<WeatherLines weather={undefined} warnings={[frost]} today={TODAY} />, "us");
    expect(us.text()).toContain("°F");
  });
});

describe("water through the year", () => {
  const months = [
    { day: "2026-05-01", weekL: 40, cans: 4, isTooMuch: false },
    { day: "2026-06-01", weekL: 90, cans: 9, isTooMuch: true },
    { day: "2026-12-01", weekL: 0, cans: 0, isTooMuch: false },
  ];

  it("marks the months in which more is asked than the household carries, not by colour alone", () => {
    const { getAllByRole } = show(<WaterYear months={months} carriesLDay={10} />);
    const lines = getAllByRole("listitem").map((item) => item.textContent);
    expect(lines.map((line) => line!.includes("▲"))).toEqual([false, true, false]);
    expect(lines[2]).toContain("–");
  });

  it("is left out where nothing drinks", () => {
    expect(show(<WaterYear months={[months[2]!]} carriesLDay={10} />).text()).toBe("");
  });
});

describe("times away", () => {
  const setting = settingWith({ happened: { [id(10)]: { sownOn: "2026-05-01" } } });
  const garden = assessGarden(
    planOf("round-5-gal", planting(10, "tomato/bush", "2026-05-01", { method: "bought" })),
    setting,
  );

  it("say how often somebody has to come with how much, and what stretches it", () => {
    const absences = absencesOf(garden, [{ from: "2026-07-20", to: "2026-08-10" }], {
      setting,
      today: TODAY,
    });
    const { text } = show(<AwayNotes absences={absences} />);
    expect(text()).toMatch(/20 Jul/);
    expect(text()).toMatch(/\d+(\.\d)? L/);
    expect(text()).not.toMatch(/-1|NaN|undefined/);
  });

  it("are left out where nobody goes", () => {
    expect(show(<AwayNotes absences={[]} />).text()).toBe("");
  });
});

describe("something that looks wrong", () => {
  const setting = settingWith({ happened: { [id(10)]: { sownOn: "2026-04-20" } } });
  const garden = assessGarden(planOf("round-10-gal", planting(10, "bush-bean/pod", "2026-04-20")), setting);
  const amiss = (onWrite = vi.fn()) => ({
    onWrite,
    ...show(
      <Amiss garden={garden} setting={setting} today={TODAY} records={[]} tasks={[]} onWrite={onWrite} />,
    ),
  });

  it("leads from what is seen to what may be behind it, with what to look at and to do, and writes down what was found", () => {
    const { onWrite, getAllByRole, getByRole, text } = amiss();
    const [which, sign] = getAllByRole("combobox", { hidden: true }) as HTMLSelectElement[];
    expect(sign!.disabled).toBe(true);
    fireEvent.change(which!, { target: { value: id(10) } });
    fireEvent.change(sign!, { target: { value: sign!.options[1]!.value } });
    expect(getAllByRole("listitem", { hidden: true }).length).toBeGreaterThan(0);
    // What is sprayed is for local rules to say.
    expect(text()).toMatch(/pesticide|spray/i);
    fireEvent.click(getByRole("button", { hidden: true }));
    expect(onWrite).toHaveBeenCalledWith(
      expect.objectContaining({ plantingId: id(10), kind: "note", on: TODAY, supersedes: null }),
    );
    expect((getByRole("button", { hidden: true }) as HTMLButtonElement).disabled).toBe(true);
  });

  it("is not asked where nothing stands", () => {
    const empty = assessGarden(planOf("round-10-gal"), setting);
    expect(
      show(
        <Amiss garden={empty} setting={setting} today={TODAY} records={[]} tasks={[]} onWrite={vi.fn()} />,
      ).text(),
    ).toBe("");
  });
});

describe("what all households have to do", () => {
  const all = (more: Partial<DaysForAllProps> = {}) =>
    show(
      <DaysForAll
        today={TODAY}
        until="2026-05-31"
        groups={[{ id: "g", name: "Quay stairs" }]}
        counts={[
          { day: TODAY, kind: "thin", tasks: 3, households: 2 },
          { day: "2026-05-20", kind: "sow", tasks: 1, households: 1 },
        ]}
        households={[
          {
            ...{ householdId: "a", code: "01", name: "Orvane" },
            tasks: ["11", "18", "19", "20", "21", "22", "23"].map((d) => task(`2026-05-${d}`)),
          },
        ]}
        weather={undefined}
        page={1}
        pages={1}
        {...more}
      />,
    );

  it("says how much falls on which day, names some tasks of each household and how many more there are", () => {
    const { getByRole, text } = all();
    expect(getByRole("link", { name: /Orvane/ }).getAttribute("href")).toBe("/house/a/days");
    expect(text()).toMatch(/▲ late 7 d/);
    expect(text()).toMatch(/2 more/);
  });

  it("asks for a kind and a day by its address, and keeps the group that is looked at", () => {
    const { getAllByRole } = all({ groupId: "g", kind: "thin" });
    const hrefs = getAllByRole("link").map((link) => link.getAttribute("href"));
    expect(hrefs).toContain("/days?group=g&kind=sow");
    expect(hrefs).toContain("/days?group=g&kind=thin&day=2026-05-20");
  });

  it("says so where nothing is to be done", () => {
    const { text } = all({ households: [], counts: [] });
    expect(text()).not.toMatch(/NaN|undefined|Infinity/);
  });
});
