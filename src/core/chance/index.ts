/** Which of many ways is tried? Chance with a seed, so that a search takes the same way on every machine. */
export { scattered } from "./scattered";
export { seededRandom } from "./seeded";
