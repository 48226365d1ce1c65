/** What is needed once rows were refused. */
export { faultsToCsv } from "@/core/exchange";
