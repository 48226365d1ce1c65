import type { Shopping, ShoppingLine } from "@/core/money";
import { useWords } from "@/ui/words/use-words";
import { itemWords } from "./item-words";

const GROUPS = ["bag", "mix", "packet", "piece", "feed", "gear"] as const;

/** What is bought: how much is wanted, in how many packs as shops sell them, what each costs and all of it. */
export function BuyTable({ shopping }: { shopping: Shopping }) {
  const { t, money } = useWords();
  const linesOf = (group: string) => shopping.lines.filter((line) => line.item.startsWith(`${group}/`));
  return (
    <table className="w-full text-note">
      <caption className="sr-only">{t("kit.buy")}</caption>
      <thead className="text-left text-fine text-muted">
        <tr>
          <th scope="col">{t("kit.what")}</th>
          <th scope="col" className="pl-3 text-right">
            {t("kit.amount")}
          </th>
          <th scope="col" className="pl-3 text-right">
            {t("kit.packs")}
          </th>
          <th scope="col" className="pl-3 text-right">
            {t("kit.cost")}
          </th>
        </tr>
      </thead>
      <tbody>
        {GROUPS.flatMap((group) => linesOf(group).map((line) => <Line key={line.item} line={line} />))}
      </tbody>
      <tfoot>
        <tr className="border-t-rule border-ink font-bold">
          <th scope="row" colSpan={3} className="py-1 text-left">
            {shopping.unpriced > 0
              ? t("kit.sumUnpriced", { count: shopping.unpriced })
              : t(shopping.shared ? "kit.sumShared" : "kit.sum")}
          </th>
          <td className="pl-3 text-right whitespace-nowrap tabular-nums">{money(shopping.minor)}</td>
        </tr>
      </tfoot>
    </table>
  );
}

function Line({ line }: { line: ShoppingLine }) {
  const words = useWords();
  const { t, money, number } = words;
  const { packs, price, minor } = line;
  const { name, amount, sizeOf } = itemWords(line, words);
  const size = price ? sizeOf(price.size) : "";
  return (
    <tr className="border-t border-line">
      <th scope="row" className="py-1 text-left font-semibold">
        {name}
      </th>
      <td className="pl-3 text-right whitespace-nowrap tabular-nums">{amount}</td>
      <td className="pl-3 text-right whitespace-nowrap tabular-nums">
        {packs === undefined
          ? "–"
          : price?.together
            ? t("kit.share")
            : `${number(packs)}${size ? ` × ${size}` : ""}`}
      </td>
      <td className="pl-3 text-right whitespace-nowrap tabular-nums">
        {minor === undefined ? t("kit.noPrice") : money(minor)}
      </td>
    </tr>
  );
}
