/** What is wrong, said once for every boundary: a code with its numbers, which the interface turns into words. */
export interface Problem {
  readonly code: string;
  readonly [detail: string]: string | number;
}

/** A problem as the message of a Zod issue, so that it travels through any schema. */
export const problemMessage = (problem: Problem): string => JSON.stringify(problem);

/** The problem behind a Zod message; a bare word is its code, anything else is `invalid`. */
export function readProblem(message: string): Problem {
  if (message.startsWith("{")) {
    try {
      const parsed: unknown = JSON.parse(message);
      if (typeof parsed === "object" && parsed !== null && "code" in parsed) return parsed as Problem;
    } catch {
      // Not ours: falls through to the general code.
    }
  }
  return { code: /^[a-z]+(-[a-z]+)*$/.test(message) ? message : "invalid" };
}

/** Problems by field path, as in `place.length`. */
export type FieldProblems = Readonly<Record<string, Problem>>;

/** First problem of each field from a Zod error's issues; what belongs to no field goes under `form`. */
export function fieldProblems(issues: readonly { path: PropertyKey[]; message: string }[]): FieldProblems {
  const fields: Record<string, Problem> = {};
  for (const { path, message } of issues) fields[path.join(".") || "form"] ??= readProblem(message);
  return fields;
}

/** The outcome of a use case: a value, or what went wrong, with the fields that it went wrong in. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problem: Problem; readonly fields?: FieldProblems };
