import { afterAll } from "vitest";
import { copyOf } from "../../scripts/parts/throwaway.mjs";

// Each file of checks begins with the demo as it is loaded, and not with what another has left.
const copy = await copyOf(process.env.DATABASE_URL!);
process.env.DATABASE_URL = copy.url;
afterAll(() => copy.drop());
