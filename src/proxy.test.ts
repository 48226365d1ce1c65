import { NextRequest } from "next/server";
import { expect, it } from "vitest";
import { proxy } from "./proxy";

const asked = (path: string, headers: Record<string, string> = {}) =>
  proxy(new NextRequest(new URL(path, "http://127.0.0.1:4310"), { headers }));
const DOCUMENT = { "sec-fetch-dest": "document" };
const nonceOf = (policy: string | null) => /'nonce-([^']+)'/.exec(policy ?? "")?.[1];

it("gives every answer a policy with a number that no other has, and lets no script of another site in", () => {
  const policies = Array.from({ length: 20 }, () => asked("/").headers.get("content-security-policy"));
  expect(new Set(policies.map(nonceOf)).size).toBe(20);
  for (const policy of policies) {
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    const scripts = /script-src ([^;]+)/.exec(policy!)![1]!;
    expect(scripts).not.toMatch(/unsafe-inline|'unsafe-eval'|https?:|\*/);
  }
});

it("sends a stranger who opens a page to sign in, with the way back, and leaves files and data to say it themselves", () => {
  const sent = asked("/house/abc/kit?x=1", DOCUMENT);
  expect(sent.status).toBe(307);
  expect(new URL(sent.headers.get("location")!).pathname).toBe("/sign-in");
  expect(new URL(sent.headers.get("location")!).searchParams.get("to")).toBe("/house/abc/kit?x=1");
  expect(asked("/house/abc/records.csv").status).toBe(200);
  for (const open of ["/sign-in", "/offline"]) expect(asked(open, DOCUMENT).status, open).toBe(200);
});

it("lets whoever brings a session through, on http as on https", () => {
  for (const name of ["pip-row.session_token", "__Secure-pip-row.session_token"])
    expect(asked("/", { ...DOCUMENT, cookie: `${name}=abc` }).status, name).toBe(200);
  expect(asked("/", { ...DOCUMENT, cookie: "units=us; other=1" }).status).toBe(307);
});
