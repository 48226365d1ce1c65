import { Document, Page, renderToBuffer, StyleSheet, Text, View } from "@react-pdf/renderer";
import { itemWords } from "@/ui/kit/item-words";
import { wordsFor } from "@/ui/words/words-for";
import type { LabelAsk, PrintStyle } from "./ask";
import { Code } from "./code";
import { HEAD, TEXT } from "./fonts";
import { t } from "@/ui/words/all";

/** Labels on a sheet of paper: two beside each other, four below each other. */
const ACROSS = 2;
const DOWN = 4;
const PT_MM = 72 / 25.4;
const SIZE = { A4: { width: 210, height: 297 }, LETTER: { width: 215.9, height: 279.4 } };
const MARGIN_MM = 10;
/** Lines of a parcel that a label has room for. */
const MOST_LINES = 9;

const s = StyleSheet.create({
  page: { fontFamily: TEXT, fontSize: 11.5, lineHeight: 1.25, padding: MARGIN_MM * PT_MM, color: "#000" },
  name: { fontFamily: HEAD, fontSize: 20, lineHeight: 1.1 },
});

/** Labels for parcels: whose each is, what is in it, and the code that leads to its log. */
export async function labelsPdf(asks: readonly LabelAsk[], style: PrintStyle): Promise<Uint8Array> {
  const words = wordsFor(style.units, style.currency);
  const { width, height } = SIZE[style.paper];
  const label = {
    width: ((width - 2 * MARGIN_MM) / ACROSS) * PT_MM,
    height: ((height - 2 * MARGIN_MM) / DOWN) * PT_MM - 0.5,
    padding: 8,
    borderWidth: 0.6,
    borderStyle: "dashed",
  } as const;
  const pages = Array.from({ length: Math.ceil(asks.length / (ACROSS * DOWN)) }, (_, i) =>
    asks.slice(i * ACROSS * DOWN, (i + 1) * ACROSS * DOWN),
  );
  return renderToBuffer(
    <Document title={t("sheet.labels")} author="Pip Row" language="en">
      {pages.map((list, i) => (
        <Page key={i} size={style.paper} style={s.page}>
          <View style={{ flexDirection: "row", flexWrap: "wrap" }}>
            {list.map(({ household: { code, name, href }, lines }) => (
              <View key={code} style={label}>
                <View style={{ flexDirection: "row", justifyContent: "space-between" }}>
                  <Text style={{ ...s.name, flex: 1 }}>
                    {code} {name}
                  </Text>
                  <Code text={href} size={64} />
                </View>
                {lines.slice(0, MOST_LINES).map((line) => {
                  const { name: what, amount } = itemWords(line, words);
                  return (
                    <Text key={line.item}>
                      <Text style={{ fontWeight: 700 }}>{amount}</Text> {what}
                    </Text>
                  );
                })}
                {lines.length > MOST_LINES && (
                  <Text>{t("daysAll.more", { count: lines.length - MOST_LINES })}</Text>
                )}
              </View>
            ))}
          </View>
        </Page>
      ))}
    </Document>,
  );
}
