/** What the Bench needs once it is there. */
export { Plan } from "@/core/plan";
