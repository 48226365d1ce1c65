import { t } from "@/ui/words/all";

export default async function Loading() {
  return (
    <p role="status" className="p-6 text-muted">
      {t("app.loading")}
    </p>
  );
}
