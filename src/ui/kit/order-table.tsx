"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Pooled } from "@/core/kit";
import type { Outcome, Problem } from "@/core/problem";
import { readProblem } from "@/core/problem";
import { amountField } from "@/core/quantity";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { itemWords } from "./item-words";
import { inShopOrder, KitTable } from "./kit-table";
import { t } from "./words";

interface OrderTableProps {
  readonly order: Pooled;
  readonly stock: Readonly<Record<string, number>>;
  readonly save: (item: string, amount: number) => Promise<Outcome<null>>;
}

/** What all need together: how much, what of it is in store, and what is left to buy in whole packs. */
export function OrderTable({ order: { wanted, forAll }, stock, save }: OrderTableProps) {
  const words = useWords();
  const { money, number } = words;
  const lines = new Map(forAll.lines.map((line) => [line.item, line]));
  return (
    <KitTable columns={[t("kit.amount"), t("kitAll.store"), t("kit.packs"), t("kit.cost")]} shopping={forAll}>
      {inShopOrder(wanted).map((want) => {
        const { name, amount, sizeOf } = itemWords(want, words);
        const line = lines.get(want.item);
        const size = line?.price ? sizeOf(line.price.size) : "";
        return (
          <tr key={want.item} className="border-t border-line">
            <th scope="row" className="py-1 text-left font-semibold">
              {name}
            </th>
            <td className="pl-3 text-right whitespace-nowrap tabular-nums">{amount}</td>
            <td className="pl-3 text-right">
              <InStore item={want.item} name={name} amount={stock[want.item] ?? 0} save={save} />
            </td>
            <td className="pl-3 text-right whitespace-nowrap tabular-nums">
              {line === undefined
                ? t("kitAll.enough")
                : line.packs === undefined
                  ? "–"
                  : `${number(line.packs)}${size ? ` × ${size}` : ""}`}
            </td>
            <td className="pl-3 text-right whitespace-nowrap tabular-nums">
              {line === undefined ? "" : line.minor === undefined ? t("kit.noPrice") : money(line.minor)}
            </td>
          </tr>
        );
      })}
    </KitTable>
  );
}

const AMOUNT = amountField(1_000_000);

/** How much of an item is in store, in the unit in which it is counted; stored when the field is left. */
function InStore({
  item,
  name,
  amount,
  save,
}: {
  item: string;
  name: string;
  amount: number;
  save: OrderTableProps["save"];
}) {
  const { problem: say } = useWords();
  const router = useRouter();
  const [typed, setTyped] = useState(amount > 0 ? String(amount) : "");
  const [problem, setProblem] = useState<Problem>();
  const store = async () => {
    const read = AMOUNT.safeParse(typed);
    if (!read.success) return setProblem(readProblem(read.error.issues[0]?.message ?? ""));
    setProblem(undefined);
    const value = read.data ?? 0;
    if (value === amount) return;
    const outcome = await send(() => save(item, value));
    if (!outcome.ok) return setProblem(outcome.problem);
    router.refresh();
  };
  return (
    <>
      <input
        aria-label={t("kitAll.storeOf", { item: name })}
        aria-invalid={problem !== undefined}
        inputMode="decimal"
        placeholder={t("kitAll.none")}
        className="min-h-9 w-16 border-rule border-line bg-card px-1.5 py-0.5 text-right focus:border-ink aria-invalid:border-beet"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => void store()}
      />
      {problem && (
        <span role="alert" className="block text-sm font-semibold text-beet">
          ✕ {say(problem)}
        </span>
      )}
    </>
  );
}
