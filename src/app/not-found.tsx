import { getTranslations } from "next-intl/server";
import Link from "next/link";
import { buttonClass } from "@/ui/primitives/button";

export default async function Missing() {
  const t = await getTranslations("trouble");
  return (
    <section className="mx-auto max-w-xl p-6">
      <h1 className="text-2xl font-bold">{t("missingTitle")}</h1>
      <p className="my-3">{t("missing")}</p>
      <Link href="/" className={buttonClass("solid")}>
        {t("home")}
      </Link>
    </section>
  );
}
