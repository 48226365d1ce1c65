"use client";

import { useState } from "react";
import type { z } from "zod";
import { type Problem, readProblem } from "@/core/problem";
import { TextField } from "./field";

interface TypedFieldProps<T> {
  readonly label: string;
  readonly hint?: string;
  readonly type?: "text" | "date";
  readonly inputMode?: "numeric";
  readonly className?: string;
  /** What the value looks like when nobody is typing. */
  readonly text: string;
  readonly schema: z.ZodType<T, string>;
  readonly onValue: (value: T) => void;
}

/** A field that takes effect while it is typed in, as soon as the text can be read; until then it says what is wrong and keeps it. */
export function TypedField<T>({ text, schema, onValue, ...field }: TypedFieldProps<T>) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<Problem>();
  return (
    <TextField
      {...field}
      value={typed ?? text}
      problem={problem}
      onChange={(e) => {
        setTyped(e.target.value);
        const read = schema.safeParse(e.target.value);
        setProblem(read.success ? undefined : readProblem(read.error.issues[0]?.message ?? ""));
        if (read.success) onValue(read.data);
      }}
      onBlur={() => {
        // A text that was read has become the value; one that was not stays, with its problem.
        if (!problem) setTyped(undefined);
      }}
    />
  );
}
