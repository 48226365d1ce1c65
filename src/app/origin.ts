import { headers } from "next/headers";

/** Where this request came to: by the host that it names, as a proxy or the browser has it. Codes on paper lead there. */
export async function ownOrigin(): Promise<string> {
  const asked = await headers();
  const host = asked.get("x-forwarded-host") ?? asked.get("host") ?? "localhost";
  return `${asked.get("x-forwarded-proto") ?? "http"}://${host}`;
}
