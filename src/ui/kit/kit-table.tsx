import type { ReactNode } from "react";
import type { Shopping, Wanted } from "@/core/money";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const GROUPS = ["bag", "mix", "packet", "piece", "feed", "gear"];

const placeOf = ({ item }: Pick<Wanted, "item">) => GROUPS.indexOf(item.split("/")[0] ?? "");

/** What is bought, in the order in which one goes for it: bags and mix first, gear last. */
export const inShopOrder = <T extends Pick<Wanted, "item">>(list: readonly T[]): T[] =>
  [...list].sort((a, b) => placeOf(a) - placeOf(b));

/** A table of things to buy, with its sum. @param columns heads after the first, the cost last */
export function KitTable({
  columns,
  shopping,
  children,
}: {
  columns: readonly string[];
  shopping: Shopping;
  children: ReactNode;
}) {
  const { money } = useWords();
  const sum = (className: string, name: string, minor: number) => (
    <tr className={className}>
      <th scope="row" colSpan={columns.length} className="py-1 text-left">
        {name}
      </th>
      <td className="pl-3 text-right whitespace-nowrap tabular-nums">{money(minor)}</td>
    </tr>
  );
  return (
    <table className="w-full text-note">
      <caption className="sr-only">{t("kit.buy")}</caption>
      <thead className="text-left text-fine text-muted">
        <tr>
          <th scope="col">{t("kit.what")}</th>
          {columns.map((name) => (
            <th key={name} scope="col" className="pl-3 text-right">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
      <tfoot>
        {shopping.alongMinor > 0 && (
          <>
            {sum("border-t-rule border-ink", t("kit.sumStart"), shopping.minor - shopping.alongMinor)}
            {sum("", t("kit.sumAlong"), shopping.alongMinor)}
          </>
        )}
        {sum(
          "border-t-rule border-ink font-bold",
          shopping.unpriced > 0
            ? t("kit.sumUnpriced", { count: shopping.unpriced })
            : t(shopping.shared ? "kit.sumShared" : "kit.sum"),
          shopping.minor,
        )}
      </tfoot>
    </table>
  );
}
