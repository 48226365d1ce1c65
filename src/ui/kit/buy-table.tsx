import type { Shopping, ShoppingLine } from "@/core/money";
import { useWords } from "@/ui/words/use-words";
import { itemWords } from "./item-words";
import { inShopOrder, KitTable } from "./kit-table";
import { t } from "./words";

/** What is bought: how much is wanted, in how many packs as shops sell them, what each costs and all of it. */
export function BuyTable({ shopping }: { shopping: Shopping }) {
  return (
    <KitTable columns={[t("kit.amount"), t("kit.packs"), t("kit.cost")]} shopping={shopping}>
      {inShopOrder(shopping.lines).map((line) => (
        <Line key={line.item} line={line} />
      ))}
    </KitTable>
  );
}

function Line({ line }: { line: ShoppingLine }) {
  const words = useWords();
  const { money, number } = words;
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
