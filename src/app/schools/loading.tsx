export { default } from "@/app/(home)/loading";
