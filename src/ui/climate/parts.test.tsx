import { fireEvent, waitFor } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { DailyFile } from "./daily-file";
import { TownPicker } from "./town-picker";

/** Two years of days, of 10 to 20 °C, with 2 mm of rain on every fifth. */
const daily = (head: string, line: (day: string, n: number) => string) => {
  const days = Array.from({ length: 730 }, (_, n) =>
    line(new Date(Date.UTC(2023, 0, 1 + n)).toISOString().slice(0, 10), n),
  );
  return [head, ...days].join("\n");
};

describe("a daily weather file", () => {
  const give = (text: string) => {
    const onNormals = vi.fn();
    const shown = show(<DailyFile onNormals={onNormals} />);
    fireEvent.change(shown.container.querySelector('input[type="file"]')!, {
      target: { files: [new File([text], "days.csv", { type: "text/csv" })] },
    });
    return { ...shown, onNormals };
  };

  it("becomes twelve months, with its columns guessed and what was read told", async () => {
    const { onNormals, text } = give(
      daily("date,tmin,tmax,rain", (day, n) => `${day},10,20,${n % 5 === 0 ? 2 : 0}`),
    );
    await waitFor(() => expect(onNormals).toHaveBeenCalled());
    const [normals] = onNormals.mock.calls.at(-1)! as [{ lowC: number[]; highC: number[]; rainMm: number[] }];
    expect(normals.lowC).toHaveLength(12);
    for (const [month, low] of normals.lowC.entries()) {
      expect(low).toBeCloseTo(10, 9);
      expect(normals.highC[month]).toBeCloseTo(20, 9);
    }
    // 2 mm on a fifth of a year's days: 146 mm.
    expect(normals.rainMm.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(146, -1);
    expect(text()).toContain("730");
  });

  it("asks for a column that it cannot tell, and takes the one that is shown to it", async () => {
    const { onNormals, getAllByRole, findByText, text } = give(
      daily("day,mystery,another", (day) => `${day},10,20`),
    );
    await findByText(/^✕/);
    expect(onNormals).not.toHaveBeenCalled();
    const [, low, high] = getAllByRole("combobox");
    fireEvent.change(low!, { target: { value: "mystery" } });
    fireEvent.change(high!, { target: { value: "another" } });
    await waitFor(() => expect(onNormals).toHaveBeenCalled());
    expect(text()).not.toContain("✕");
  });

  it("reads degrees Fahrenheit when it is told so", async () => {
    const { onNormals, getAllByRole } = give(daily("date,tmin,tmax", (day) => `${day},50,68`));
    await waitFor(() => expect(getAllByRole("combobox").length).toBe(5));
    fireEvent.change(getAllByRole("combobox")[4]!, { target: { value: "F" } });
    await waitFor(() => {
      const [{ lowC, highC }] = onNormals.mock.calls.at(-1)! as [{ lowC: number[]; highC: number[] }];
      expect(lowC[0]).toBeCloseTo(10, 9);
      expect(highC[0]).toBeCloseTo(20, 9);
    });
  });
});

describe("a town", () => {
  const town = {
    ...{ name: "Northwick", country: "GB", region: "Shire", latitude: 52.4, longitude: -1.5 },
    timeZone: "Europe/London",
  };
  const search = (answer: () => Promise<Response>) => {
    vi.stubGlobal("fetch", vi.fn(answer));
    const onTown = vi.fn();
    const shown = show(<TownPicker onTown={onTown} />);
    const field = shown.getByRole("searchbox");
    fireEvent.change(field, { target: { value: "nort wick" } });
    fireEvent.keyDown(field, { key: "Enter" });
    return { ...shown, onTown };
  };

  it("is found by some of its name, named with its country in words, and taken with its place on the earth", async () => {
    const { findByRole, onTown, queryAllByRole } = search(async () => Response.json({ towns: [town] }));
    const found = await findByRole("button", { name: /Northwick/ });
    expect(found.textContent).toContain("Shire, United Kingdom");
    expect(fetch).toHaveBeenCalledWith("/climate/places?q=nort%20wick");
    fireEvent.click(found);
    expect(onTown).toHaveBeenCalledWith(town);
    expect(queryAllByRole("listitem")).toEqual([]);
  });

  it.each([
    ["nothing goes by that name", async () => Response.json({ towns: [] })],
    ["the server cannot answer", async () => new Response("", { status: 503 })],
    ["there is no connection", () => Promise.reject(new TypeError("offline"))],
  ])("is told not to be found where %s", async (_, answer) => {
    const { getByRole } = search(answer);
    await waitFor(() => expect(getByRole("status").textContent).not.toBe(""));
  });
});
