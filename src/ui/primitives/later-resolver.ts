import type { FieldValues, Resolver } from "react-hook-form";
import type { z } from "zod";

/**
 * Checks a form against a schema whose script comes after the screen is there, so that the screen is there sooner. Call
 * `load` once when the form appears: it is then at hand without signal too.
 */
export const laterResolver =
  <Typed extends FieldValues, Read extends FieldValues>(
    load: () => Promise<z.ZodType<Read, Typed>>,
  ): Resolver<Typed, unknown, Read> =>
  async (...asked) => {
    const [{ zodResolver }, schema] = await Promise.all([import("@hookform/resolvers/zod"), load()]);
    return zodResolver(schema)(...asked);
  };
