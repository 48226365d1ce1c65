import { t } from "@/ui/words/all";

/** A code that was withdrawn. */
export default function NotFound() {
  return (
    <div className="px-4 py-8 lg:px-6">
      <h1 className="text-title font-bold">{t("paper.title")}</h1>
      <p className="mt-2 max-w-prose">{t("paper.gone")}</p>
    </div>
  );
}
