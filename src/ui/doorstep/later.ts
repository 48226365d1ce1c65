/** What the survey needs once its form is there. */
export { Survey } from "@/core/place";
