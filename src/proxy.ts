import { type NextRequest, NextResponse } from "next/server";

/** What a page may run and reach: scripts of this site and those that carry the page's own number, and nothing of any other site. */
const policyFor = (nonce: string) =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'${process.env.NODE_ENV === "development" ? " 'unsafe-eval'" : ""}`,
    // Charts and drawings set styles of elements as they are drawn.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join("; ");

/** Pages that are there for everybody. */
const OPEN = new Set(["/sign-in", "/offline"]);

/** A page that somebody goes to without a session: whether the session holds is found out by the page itself. */
const isStranger = ({ cookies, headers, nextUrl }: NextRequest): boolean =>
  headers.get("sec-fetch-dest") === "document" &&
  !OPEN.has(nextUrl.pathname) &&
  !cookies.getAll().some(({ name }) => name.endsWith("pip-row.session_token"));

/** Gives each page its content policy, tells it by which path it was asked for, and sends strangers to sign in. */
export function proxy(request: NextRequest): NextResponse {
  const path = request.nextUrl.pathname + request.nextUrl.search;
  if (isStranger(request))
    return NextResponse.redirect(new URL(`/sign-in?to=${encodeURIComponent(path)}`, request.url));
  const nonce = btoa(crypto.randomUUID());
  const policy = policyFor(nonce);
  const headers = new Headers(request.headers);
  // The framework reads it here, and marks its own scripts.
  headers.set("content-security-policy", policy);
  headers.set("x-path", path);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("content-security-policy", policy);
  return response;
}

export const config = { matcher: "/((?!_next/static|highs.wasm|icon.svg|health).*)" };
