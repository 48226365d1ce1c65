import type { Role } from "@/core/role";

/** Whether this server shows the made-up programme, so that its made-up accounts stand on the page where one signs in. */
export const isDemo = (): boolean => process.env.PIP_ROW_DEMO === "1";

/** An account of the made-up programme: nobody's. */
export interface DemoAccount {
  readonly role: Role;
  readonly name: string;
  readonly account: string;
  readonly password: string;
  /** Codes of the household whose card it is, or of those that a helper writes for. */
  readonly households?: readonly string[];
}

export const DEMO_ACCOUNTS: readonly DemoAccount[] = [
  { role: "organiser", name: "Maud Ferrin", account: "maud", password: "larkmouth-roofs" },
  { role: "trainer", name: "Ilva Renn", account: "ilva", password: "larkmouth-stairs" },
  {
    role: "helper",
    name: "Tob Asker",
    account: "tob",
    password: "larkmouth-yards",
    households: ["01", "04", "07"],
  },
  { role: "household", name: "House 01", account: "card01", password: "246802", households: ["01"] },
  { role: "reader", name: "Town desk", account: "desk", password: "larkmouth-desks" },
];
