import { t } from "@/ui/words/all";

/** What stands where a page was asked for without signal that was never open on this device. */
export default function Page() {
  return (
    <section className="mx-auto max-w-xl p-6" role="alert">
      <h1 className="text-title font-bold">{t("offline.title")}</h1>
      <p className="my-3">{t("offline.never")}</p>
    </section>
  );
}
