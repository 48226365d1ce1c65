import { getTranslations } from "next-intl/server";

export default async function Loading() {
  const t = await getTranslations("app");
  return (
    <p role="status" className="p-6 text-muted">
      {t("loading")}
    </p>
  );
}
