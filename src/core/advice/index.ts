/** What would a trainer say to a row in which nothing is wrong? Rotation, tired mix, worn bags, bags that stand empty. */
export { type Advice, adviceFor } from "./advice";
export { bagAge } from "./age";
