import { buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { t } from "@/ui/words/all";

export default async function Missing() {
  return (
    <section className="mx-auto max-w-xl p-6">
      <h1 className="text-2xl font-bold">{t("trouble.missingTitle")}</h1>
      <p className="my-3">{t("trouble.missing")}</p>
      <Link href="/" className={buttonClass("solid")}>
        {t("trouble.home")}
      </Link>
    </section>
  );
}
