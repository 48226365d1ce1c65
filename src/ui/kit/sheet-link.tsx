import { buttonClass } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** The page that a household keeps, on the reader's paper or on the other one. */
export function SheetLink({ householdId }: { householdId: string }) {
  const { units } = useWords();
  const href = `/house/${householdId}/sheet.pdf`;
  return (
    <p className="mb-3 flex flex-wrap items-center gap-3 text-note print:hidden">
      <a href={href} target="_blank" className={buttonClass("open")}>
        {t("sheet.print")}
      </a>
      <a
        href={`${href}?paper=${units === "us" ? "A4" : "LETTER"}`}
        target="_blank"
        className="underline underline-offset-2"
      >
        {units === "us" ? "A4" : t("sheet.letter")}
      </a>
    </p>
  );
}
