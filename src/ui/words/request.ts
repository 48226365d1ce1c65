import { getRequestConfig } from "next-intl/server";
import words from "./en.json";

export default getRequestConfig(async () => ({ locale: "en-GB", timeZone: "UTC", messages: words }));
