/// <reference lib="webworker" />
/**
 * What opens without signal: every page that was open once on this device, and the scripts, fonts and pictures that it
 * took. Built into `public/worker.js` by `next.config.ts`.
 */
import { clientsClaim } from "workbox-core";
import { ExpirationPlugin } from "workbox-expiration";
import { registerRoute, setCatchHandler } from "workbox-routing";
import { CacheFirst, NetworkFirst } from "workbox-strategies";

declare const self: ServiceWorkerGlobalScope;

const PAGES = "pages";
const SHELL = "/offline";
/** A connection that does not answer within this is as good as none, s. */
const PATIENCE_S = 10;
const DAY_S = 86_400;
/** A page that one came to within the app is fetched once more to be kept, and not again within this, ms. */
const FRESH_MS = 60_000;

void self.skipWaiting();
clientsClaim();
self.addEventListener("install", (event) =>
  event.waitUntil(caches.open(PAGES).then((pages) => pages.add(SHELL))),
);

// Their names change with what is in them.
registerRoute(
  ({ url, sameOrigin }) =>
    sameOrigin && (url.pathname.startsWith("/_next/static/") || url.pathname.endsWith(".wasm")),
  new CacheFirst({
    cacheName: "static",
    plugins: [
      new ExpirationPlugin({ maxEntries: 600, maxAgeSeconds: 60 * DAY_S }),
      // An answer without an address of its own takes that of the question: a worker's script is kept once, and each worker
      // is told by the end of its address what it is for.
      { handlerWillRespond: ({ response }) => Promise.resolve(new Response(response.body, response)) },
    ],
  }),
);

/** Windows whose page came from the device, since the server was not reached. */
const fromDevice = new Set<string>();

const pages = new NetworkFirst({
  cacheName: PAGES,
  networkTimeoutSeconds: PATIENCE_S,
  matchOptions: { ignoreVary: true },
  plugins: [
    {
      cachedResponseWillBeUsed: ({ event, cachedResponse }) => {
        if (cachedResponse && event instanceof FetchEvent) fromDevice.add(event.resultingClientId);
        return Promise.resolve(cachedResponse ?? null);
      },
    },
    new ExpirationPlugin({ maxEntries: 400, maxAgeSeconds: 60 * DAY_S, matchOptions: { ignoreVary: true } }),
  ],
});
registerRoute(({ request }) => request.mode === "navigate", pages);

self.addEventListener("message", ({ source, ports: [port] }) => {
  if (source instanceof Client) port?.postMessage(fromDevice.has(source.id));
});

const keptAt = new Map<string, number>();

/** Keeps the page itself of an address to which one came within the app, where only its data was sent. */
async function keep(address: string): Promise<void> {
  if (Date.now() - (keptAt.get(address) ?? 0) < FRESH_MS) return;
  keptAt.set(address, Date.now());
  const page = await fetch(address, { credentials: "same-origin" });
  if (page.ok && !page.redirected) await (await caches.open(PAGES)).put(address, page);
}

registerRoute(
  ({ request, sameOrigin }) =>
    sameOrigin && request.headers.get("RSC") === "1" && !request.headers.has("Next-Router-Prefetch"),
  async ({ request, url, event }) => {
    const answer = await fetch(request);
    const address = new URL(url);
    address.searchParams.delete("_rsc");
    if (answer.ok) event.waitUntil(keep(address.href).catch(() => undefined));
    return answer;
  },
);

setCatchHandler(async ({ request }) =>
  request.destination === "document"
    ? ((await caches.match(SHELL, { ignoreVary: true })) ?? Response.error())
    : Response.error(),
);
