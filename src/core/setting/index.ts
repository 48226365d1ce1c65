/** What is a plan judged against? The town's climate, the place, its people, the programme's ways and prices, and the library. */
export { goalIn } from "./goal-in";
export { settingUnder } from "./under";
export {
  mixOf,
  type PlainSetting,
  type Reference,
  type Setting,
  settingFrom,
  shapeOf,
  type Trial,
} from "./setting";
