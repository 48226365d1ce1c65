"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { useWords } from "@/ui/words/use-words";
import { openOutbox, sendWaiting, type Store, useOutbox } from "./outbox";
import { t } from "./words";

/** What waits is tried again so often, ms. */
const TRY_AGAIN_MS = 20_000;

async function isReached(): Promise<boolean> {
  try {
    await fetch("/health", { cache: "no-store" });
    return true;
  } catch {
    return false;
  }
}

/** Begins anew at a path of this site, as somebody else: what this device kept of the one before is forgotten. */
export async function beginAnew(path: string): Promise<void> {
  if (typeof caches !== "undefined") {
    await caches.delete("pages");
    await (await caches.open("pages")).add("/offline").catch(() => undefined);
  }
  window.location.assign(path);
}

/**
 * Keeps pages for when there is no signal, sends the records that wait on this device as soon as there is, wherever one is
 * in the app, and says how old a page is that came from the device.
 */
export function Signal({ person, store }: { person: string; store: Store }) {
  const { day, clock } = useWords();
  const router = useRouter();
  const { waiting } = useOutbox();
  const [madeAt, setMadeAt] = useState<string>();
  // What is on its way for the first time is not spoken of: the page would jump at every record.
  const open = waiting.filter((w) => !w.refused && w.problem).length;

  useEffect(() => {
    // Where it is forbidden or fails, pages only open with signal.
    if (process.env.NODE_ENV === "production")
      navigator.serviceWorker?.register("/worker.js").catch(() => undefined);
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = ({ data }) => {
      if (data === true) setMadeAt(document.documentElement.dataset.made);
    };
    navigator.serviceWorker?.controller?.postMessage("is this page from the device?", [port2]);
    return () => port1.close();
  }, []);

  // What an earlier visit left goes first.
  useEffect(() => {
    void Promise.resolve(openOutbox(person))
      .then(() => sendWaiting(store))
      .then((stored) => stored > 0 && router.refresh());
  }, [person, store, router]);

  useEffect(() => {
    const tryAgain = async () => {
      if (madeAt !== undefined && (await isReached())) {
        setMadeAt(undefined);
        router.refresh();
      }
      if (open > 0 && (await sendWaiting(store)) > 0) router.refresh();
    };
    if (open === 0 && madeAt === undefined) return;
    const timer = setInterval(() => void tryAgain(), TRY_AGAIN_MS);
    const back = () => void tryAgain();
    window.addEventListener("online", back);
    return () => {
      clearInterval(timer);
      window.removeEventListener("online", back);
    };
  }, [open, madeAt, store, router]);

  if (madeAt === undefined && open === 0) return null;
  return (
    <p role="status" className="border-b border-line bg-card px-4 py-1.5 text-note lg:px-6 print:hidden">
      {madeAt !== undefined && (
        <b>▲ {t("offline.age", { day: day(madeAt.slice(0, 10)), time: clock(madeAt) })} </b>
      )}
      {open > 0 && t("offline.waiting", { count: open })}
    </p>
  );
}
