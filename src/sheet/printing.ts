import { PDFDocument } from "pdf-lib";
import type { LabelAsk, PrintStyle, SheetAsk } from "./ask";
import { labelsPdf } from "./labels";
import { sheetsPdf } from "./sheets";

/** One file for many households: some are drawn at a time and added, so that no more than those are held while they are drawn. */
export class Printing {
  private readonly all = PDFDocument.create();
  private printed = 0;

  constructor(private readonly style: PrintStyle) {}

  /** @returns how many households are on paper now */
  async add(asks: readonly (SheetAsk | LabelAsk)[]): Promise<number> {
    const sheets = asks.filter((ask) => ask.of === "sheet");
    const labels = asks.filter((ask) => ask.of === "label");
    if (sheets.length > 0) await this.append(await sheetsPdf(sheets, this.style));
    if (labels.length > 0) await this.append(await labelsPdf(labels, this.style));
    this.printed += asks.length;
    return this.printed;
  }

  async finish(): Promise<{ pdf: Uint8Array; pages: number }> {
    const all = await this.all;
    all.setCreator("Pip Row");
    all.setProducer("Pip Row");
    return { pdf: await all.save(), pages: all.getPageCount() };
  }

  private async append(bytes: Uint8Array): Promise<void> {
    const all = await this.all;
    const some = await PDFDocument.load(bytes);
    for (const page of await all.copyPages(some, some.getPageIndices())) all.addPage(page);
  }
}
