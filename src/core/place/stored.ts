import type { Wants } from "../food";
import { amountText, toMinor } from "../money";
import type { Survey, SurveyTyped } from "./survey";

/** A survey as it is kept: its money in minor units of the programme's currency, and what would be sold beside what is eaten. */
export type StoredSurvey = Omit<Survey, "budget" | "wants" | "sell"> & {
  readonly budgetMinor: number | null;
  readonly wants: Wants;
};

/** A survey that was understood, as it is kept. @param currency ISO 4217 */
export function storedSurvey({ budget, wants, sell, ...rest }: Survey, currency: string): StoredSurvey {
  const { group, week, price } = sell;
  return {
    ...rest,
    budgetMinor: budget === null ? null : toMinor(budget, currency),
    wants:
      group !== "" && week && price
        ? { ...wants, sell: { group, kgWeek: week.value, minorKg: toMinor(price, currency) } }
        : wants,
  };
}

/** What would be sold, as it stands in the survey's form. */
export const typedSale = ({ sell }: Wants, currency: string): SurveyTyped["sell"] =>
  sell
    ? { group: sell.group, week: `${sell.kgWeek} kg`, price: amountText(sell.minorKg, currency) }
    : { group: "", week: "", price: "" };
