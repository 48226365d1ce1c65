"use client";

import { useTranslations } from "next-intl";
import { Button } from "@/ui/primitives/button";

export default function Broken({ error, retry }: { error: Error & { digest?: string }; retry: () => void }) {
  const t = useTranslations("trouble");
  return (
    <section className="mx-auto max-w-xl p-6" role="alert">
      <h1 className="text-2xl font-bold">{t("title")}</h1>
      <p className="my-3">{t("text")}</p>
      {error.digest && <p className="mb-3 text-sm text-muted">{error.digest}</p>}
      <Button look="solid" onClick={retry}>
        {t("again")}
      </Button>
    </section>
  );
}
