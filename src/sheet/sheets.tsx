import { Document, Page, renderToBuffer, StyleSheet, Svg, Text, View } from "@react-pdf/renderer";
import type { ReactNode } from "react";
import { assessGarden } from "@/core/garden";
import { settingFrom } from "@/core/setting";
import { type Sheet, type SheetRow, sheetOf } from "@/core/sheet";
import { referenceWith } from "@/library";
import { taskWords } from "@/ui/days/task-words";
import { ripenessWords } from "@/ui/verdict/ripeness-words";
import { wordsFor } from "@/ui/words/words-for";
import type { PrintStyle, SheetAsk } from "./ask";
import { MarkAt, MARKS, SectionDrawing, TopDrawing } from "./bag-drawings";
import { Code } from "./code";
import { HEAD, TEXT } from "./fonts";
import { t } from "@/ui/words/all";

type Words = ReturnType<typeof wordsFor>;

/** Inner height of a side, pt: what does not find room there is cut, so that a sheet never has a third side. */
const PADDING = 30;
const SIDE_PT = { A4: 841.89 - 2 * PADDING - 1, LETTER: 792 - 2 * PADDING - 1 };

/** Height of a line to write on, and of the head above it, pt. */
const LINE_PT = 21;
const HEAD_PT = 16;

const s = StyleSheet.create({
  page: { fontFamily: TEXT, fontSize: 11, lineHeight: 1.25, padding: PADDING, color: "#000" },
  head: { flexDirection: "row", justifyContent: "space-between", borderBottomWidth: 2, paddingBottom: 4 },
  name: { fontFamily: HEAD, fontSize: 22, lineHeight: 1.1 },
  muted: { color: "#444" },
  title: { flexShrink: 0, fontFamily: HEAD, fontSize: 13, borderTopWidth: 1.2, marginTop: 8, paddingTop: 3 },
  row: { flexDirection: "row", borderBottomWidth: 0.6, paddingVertical: 4 },
  bold: { fontWeight: 700 },
  columns: { flexDirection: "row" },
  half: { width: "50%", paddingRight: 8 },
  caution: { borderLeftWidth: 3, paddingLeft: 5, marginTop: 2.5, fontSize: 9.5 },
  cell: { flexShrink: 0, borderRightWidth: 0.6, borderBottomWidth: 0.6, height: LINE_PT, paddingLeft: 3 },
});

/** So much fits on two sides; the rest stands on the screen, and the sheet says so. */
const MOST_ROWS = 14;
const MOST_TASKS = 30;
const MOST_GOALS = 8;
const MOST_CAUTIONS = 9;

/** One row: its bag drawn, what is in it when, and its water. The more rows, the smaller the drawings. */
function RowBlock({ row, size, words }: { row: SheetRow; size: number; words: Words }) {
  const { bag, crop, day, quantity, month } = words;
  const { view, number, plantings, water } = row;
  return (
    <View style={s.row} wrap={false}>
      {size > 0 && <SectionDrawing view={view} size={size} />}
      {size > 0 && <TopDrawing view={view} plantings={plantings} size={size} />}
      <View style={{ flex: 1, paddingLeft: 8 }}>
        <Text>
          <Text style={s.bold}>
            {number} {bag(view.bag.kindId)}
          </Text>
          {"  "}
          <Text style={s.muted}>{t("sheet.soil", { soil: quantity(view.soilL, "volume") })}</Text>
        </Text>
        {plantings.slice(0, 4).map(({ planting, goal, season, method, real }, i) => (
          <View key={planting.id} style={{ flexDirection: "row" }}>
            <Svg width={10} height={10} viewBox="0 0 10 10">
              <MarkAt mark={MARKS[i % MARKS.length] ?? "full"} x={4} y={6} r={2.6} />
            </Svg>
            <Text style={{ flex: 1 }}>
              <Text style={s.bold}>{crop(goal.id)}</Text>
              {planting.plants ? ` × ${planting.plants}` : ""}, {t(`methods.${method.method}`)}:{" "}
              {[
                real?.sownOn
                  ? t("sheet.wasSown", { day: day(real.sownOn) })
                  : t("sheet.sown", { day: day(planting.sowOn) }),
                season.stages.move &&
                  !real?.movedOn &&
                  t("sheet.moved", { day: day(season.stages.move.likely) }),
                season.stages.firstPick &&
                  t("sheet.picked", {
                    from: day(season.stages.firstPick.early),
                    to: day((season.stages.lastPick ?? season.stages.firstPick).late),
                  }),
              ]
                .filter(Boolean)
                .join("; ")}
            </Text>
          </View>
        ))}
        {water.length > 0 && (
          <Text>
            <Text style={s.bold}>{t("sheet.water")}</Text>{" "}
            {water
              .map((w) =>
                t("sheet.waterIn", {
                  month: month(w.month),
                  litres: quantity(w.litres, "volume"),
                  days: w.everyDays < 1 ? t("water.twiceADay") : t("water.aboutEvery", { days: w.everyDays }),
                }),
              )
              .join("; ")}
          </Text>
        )}
      </View>
    </View>
  );
}

/** How large the drawings of a row can be, pt, so that all rows find room on one side. */
function drawingSize(rows: number): number {
  if (rows <= 4) return 110;
  if (rows <= 6) return 84;
  if (rows <= 9) return 48;
  return rows <= 11 ? 32 : 0;
}

/** So few rows leave room for the pick guide on their side. */
const hasRoom = (sheet: Sheet): boolean => sheet.rows.length <= 5;

function FirstSide({ ask, sheet, words }: { ask: SheetAsk; sheet: Sheet; words: Words }) {
  const { longDay } = words;
  const rows = sheet.rows.slice(0, MOST_ROWS);
  const { code, name, href } = ask.household;
  return (
    <>
      <View style={s.head}>
        <View style={{ flex: 1 }}>
          <Text style={s.name}>
            {code} {name}
          </Text>
          <Text style={s.muted}>
            {t("sheet.lead", { programme: ask.programme, day: longDay(ask.today) })}
          </Text>
        </View>
        <View style={{ alignItems: "center" }}>
          <Code text={href} size={62} />
          <Text style={{ fontSize: 8 }}>{t("sheet.code")}</Text>
        </View>
      </View>
      {rows.length === 0 && <Text style={{ marginTop: 10 }}>{t("days.nothingAtAll")}</Text>}
      {rows.map((row) => (
        <RowBlock key={row.view.row.id} row={row} size={drawingSize(rows.length)} words={words} />
      ))}
      {sheet.rows.length > rows.length && (
        <Text style={s.muted}>{t("sheet.more", { count: sheet.rows.length - rows.length })}</Text>
      )}
      {hasRoom(sheet) && <PickGuide sheet={sheet} words={words} />}
    </>
  );
}

/** What is to be done when, in two columns; the rest of the weeks is left out. */
function Dates({ sheet, words }: { sheet: Sheet; words: Words }) {
  const { day } = words;
  const tasks = sheet.tasks.slice(0, MOST_TASKS);
  const middle = Math.ceil(tasks.length / 2);
  const column = (list: Sheet["tasks"]) => (
    <View style={s.half}>
      {list.map((task) => (
        <View key={task.id} style={{ flexDirection: "row" }} wrap={false}>
          <Text style={{ ...s.bold, width: 50 }}>{day(task.from)}</Text>
          <Text style={{ flex: 1, paddingRight: 4 }}>
            {t("days.reminder", { row: String(task.row), what: taskWords(task, words).title })}
          </Text>
          <View style={{ width: 9, height: 9, borderWidth: 0.8, marginTop: 1.5 }} />
        </View>
      ))}
    </View>
  );
  return (
    <View>
      <Text style={{ ...s.title, marginTop: 0, borderTopWidth: 0 }}>{t("sheet.dates")}</Text>
      {tasks.length === 0 && <Text>{t("days.nothing")}</Text>}
      <View style={s.columns}>
        {column(tasks.slice(0, middle))}
        {column(tasks.slice(middle))}
      </View>
    </View>
  );
}

function PickGuide({ sheet, words }: { sheet: Sheet; words: Words }) {
  const { crop } = words;
  const goals = sheet.goals.slice(0, MOST_GOALS);
  if (goals.length === 0) return null;
  return (
    <View>
      <Text style={s.title}>{t("sheet.ripe")}</Text>
      {goals.map((goal) => (
        <Text key={goal.id}>
          <Text style={s.bold}>{crop(goal.id)}</Text> {ripenessWords(goal, words)}
        </Text>
      ))}
    </View>
  );
}

const LOG_COLUMNS = [
  ["day", "13%"],
  ["bag", "9%"],
  ["what", "34%"],
  ["amount", "16%"],
  ["note", "28%"],
] as const;

/** More lines than any side has room for: the table goes to the foot of the page. */
const LOG_LINES = 26;

/** A table to fill with a pen; it takes what room is left. */
function LogTable() {
  const cells = (text: (column: (typeof LOG_COLUMNS)[number][0]) => string, isHead: boolean) =>
    LOG_COLUMNS.map(([column, width], i) => (
      <View
        key={column}
        style={{ ...s.cell, width, borderLeftWidth: i === 0 ? 0.6 : 0, ...(isHead && { height: HEAD_PT }) }}
      >
        <Text style={isHead ? s.bold : {}}>{text(column)}</Text>
      </View>
    ));
  return (
    <View style={{ flex: 1, overflow: "hidden" }}>
      <Text style={{ ...s.title, minHeight: 24 }}>{t("sheet.log")}</Text>
      <View style={{ flexDirection: "row", flexShrink: 0, minHeight: HEAD_PT, borderTopWidth: 0.6 }}>
        {cells((column) => t(`sheet.columns.${column}`), true)}
      </View>
      {Array.from({ length: LOG_LINES }, (_, i) => (
        <View key={i} style={{ flexDirection: "row", flexShrink: 0, minHeight: LINE_PT }}>
          {cells(() => "", false)}
        </View>
      ))}
    </View>
  );
}

function SecondSide({ sheet, words }: { sheet: Sheet; words: Words }) {
  const { caution } = words;
  return (
    <>
      <Dates sheet={sheet} words={words} />
      {!hasRoom(sheet) && <PickGuide sheet={sheet} words={words} />}
      <Text style={s.title}>{t("sheet.cautions")}</Text>
      {sheet.cautions.slice(0, MOST_CAUTIONS).map((fact) => (
        <Text key={fact.code} style={{ ...s.caution, ...(fact.isGrave && s.bold) }}>
          {caution(fact)}
        </Text>
      ))}
      <LogTable />
    </>
  );
}

/** One side of paper, and never more. */
const Side = ({ paper, children }: { paper: PrintStyle["paper"]; children: ReactNode }) => (
  <Page size={paper} style={s.page}>
    <View style={{ height: SIDE_PT[paper], overflow: "hidden" }} wrap={false}>
      {children}
    </View>
  </Page>
);

/** Sheets of some households, two sides each, as one file. */
export async function sheetsPdf(asks: readonly SheetAsk[], style: PrintStyle): Promise<Uint8Array> {
  const words = wordsFor(style.units, style.currency);
  const pages = asks.map((ask) => {
    const setting = settingFrom(ask.setting, referenceWith(ask.overrides));
    const sheet = sheetOf(assessGarden(ask.plan, setting), ask.records, { setting, today: ask.today });
    return { ask, sheet };
  });
  return renderToBuffer(
    <Document title={t("sheet.title")} author="Pip Row" language="en">
      {pages.flatMap(({ ask, sheet }) => [
        <Side key={`${ask.household.code} 1`} paper={style.paper}>
          <FirstSide ask={ask} sheet={sheet} words={words} />
        </Side>,
        <Side key={`${ask.household.code} 2`} paper={style.paper}>
          <SecondSide sheet={sheet} words={words} />
        </Side>,
      ])}
    </Document>,
  );
}
