/** What is it fed, and how much? Doses of granules by school. */
export { type Dose, doseFor, equalFeed, type Feed } from "./dose";
