"use client";

import { Button } from "@/ui/primitives/button";
import { trouble } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

const t = translator({ trouble });

export default function Broken({ error, retry }: { error: Error & { digest?: string }; retry: () => void }) {
  return (
    <section className="mx-auto max-w-xl p-6" role="alert">
      <h1 className="text-2xl font-bold">{t("trouble.title")}</h1>
      <p className="my-3">{t("trouble.text")}</p>
      {error.digest && <p className="mb-3 text-sm text-muted">{error.digest}</p>}
      <Button look="solid" onClick={retry}>
        {t("trouble.again")}
      </Button>
    </section>
  );
}
