import { labelsPdf } from "@/sheet/labels";
import { writeFileSync } from "node:fs";
const pdf = await labelsPdf(
  Array.from({ length: 9 }, (_, i) => ({
    of: "label" as const,
    household: {
      code: `0${i}`,
      name: "Orvane",
      href: "http://127.0.0.1:4555/house/4908bc9e-8c08-5586-8319-da2efe2cfaee/log",
    },
    lines: [
      { item: "packet/kale", amount: 0.5 },
      { item: "mix/potting-mix", amount: 10.5 },
      { item: "gear/cane", amount: 4 },
    ],
  })),
  { units: "metric", currency: "EUR", paper: "A4" },
);
writeFileSync("/tmp/labels.pdf", pdf);
process.exit();
