import { act, fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { Outcome } from "@/core/problem";
import { show } from "@/testing/screen";
import { SignIn } from "./sign-in";

const beginAnew = vi.hoisted(() => vi.fn<(path: string) => Promise<void>>(() => Promise.resolve()));
vi.mock("@/ui/offline/signal", () => ({ beginAnew }));

const inside = (): Promise<Outcome<{ home: string }>> =>
  Promise.resolve({ ok: true, value: { home: "/house/h1/garden" } });
const refused = (code: string) => (): Promise<Outcome<{ home: string }>> =>
  Promise.resolve({ ok: false, problem: { code } });
const TOB = { role: "helper" as const, name: "Tob Asker", account: "tob", password: "larkmouth-yards" };

function form(answer = inside, more: { card?: string; to?: string; isBegun?: boolean } = {}) {
  const signIn =
    vi.fn<(typed: { name: string; password: string }) => Promise<Outcome<{ home: string }>>>(answer);
  const shown = show(<SignIn card="" to="/" isBegun demo={[TOB]} signIn={signIn} {...more} />);
  const field = (label: RegExp) => shown.getByLabelText(label) as HTMLInputElement;
  const fill = (label: RegExp, value: string) => fireEvent.change(field(label), { target: { value } });
  const press = (name: string) => act(async () => void fireEvent.click(shown.getByRole("button", { name })));
  return { ...shown, signIn, field, fill, press };
}

it("leads whoever is in to where they begin, or to where they wanted to go", async () => {
  const { fill, press, signIn } = form();
  fill(/^Name or card code/, "abcd-2345");
  fill(/^Password or PIN/, "135790");
  await press("Sign in");
  expect(signIn).toHaveBeenCalledWith({ name: "abcd-2345", password: "135790" });
  expect(beginAnew).toHaveBeenCalledWith("/house/h1/garden");
  const wanted = form(inside, { to: "/house/h1/log" });
  await act(async () => void fireEvent.click(wanted.getAllByRole("button", { name: "Sign in" })[1]!));
  expect(beginAnew).toHaveBeenLastCalledWith("/house/h1/log");
});

it.each([
  ["sign-in-wrong", "That name and password do not belong together."],
  ["sign-in-locked", "Too many tries."],
  ["database-unreachable", "The database does not answer"],
])("says why nobody got in, and keeps what was typed: %s", async (code, words) => {
  const { fill, press, text, field } = form(refused(code));
  fill(/^Name or card code/, "ilva");
  fill(/^Password or PIN/, "not it");
  await press("Sign in");
  expect(text()).toContain(words);
  expect(field(/^Name or card code/).value).toBe("ilva");
  expect(beginAnew).not.toHaveBeenCalled();
});

it("takes the code of a card that was scanned, and goes in as one of the demo's people by one press", async () => {
  const { field, press, signIn } = form(inside, { card: "abcd2345" });
  expect(field(/^Name or card code/).value).toBe("abcd2345");
  await press("Go in as Tob Asker");
  expect(signIn).toHaveBeenCalledWith({ name: "tob", password: "larkmouth-yards" });
});

it("tells whoever runs a fresh server how the first one is let in", () => {
  expect(form().text()).not.toContain("npm run begin");
  expect(form(inside, { isBegun: false }).text()).toContain("npm run begin");
});
