/** What the log needs once its form is there. */
export { RecordForm } from "@/core/record";
