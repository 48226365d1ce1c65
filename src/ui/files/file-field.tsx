"use client";

import type { Problem } from "@/core/problem";
import { useWords } from "@/ui/words/use-words";

/** Takes a file of one's own, and says what is wrong with the last one. */
export function FileField({
  label,
  accept,
  failure,
  onFile,
}: {
  label: string;
  accept: string;
  failure: Problem | undefined;
  onFile: (file: File) => void;
}) {
  const { problem } = useWords();
  return (
    <>
      <label className="mt-2 block text-sm font-semibold">
        {label}
        <input
          type="file"
          accept={accept}
          className="mt-1 block w-full text-sm font-normal"
          onChange={(e) => {
            const [file] = e.target.files ?? [];
            if (file) onFile(file);
          }}
        />
      </label>
      {failure && (
        <p role="alert" className="mt-2 font-semibold text-beet">
          ✕ {problem(failure)}
        </p>
      )}
    </>
  );
}
