"use client";

import { type ChangeEvent, useId, useState } from "react";
import { Button } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { shrink } from "./shrink";
import { t } from "./words";

/** A photo that goes with a record: taken or chosen, made small at once, seen before it is kept. */
export function PhotoField({
  photo,
  onPhoto,
}: {
  /** A JPEG in base 64. */
  photo: string | undefined;
  onPhoto: (photo: string | undefined) => void;
}) {
  const { problem } = useWords();
  const id = useId();
  const [isUnread, setUnread] = useState(false);
  const take = async (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    if (!file) return;
    const small = await shrink(file);
    setUnread(small === undefined);
    onPhoto(small);
  };
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {t("log.photoTake")}
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        // A new one, once the record that it went with is stored.
        key={photo === undefined ? "none" : "one"}
        onChange={(e) => void take(e)}
        aria-describedby={`${id}-hint`}
        className="w-full text-note"
      />
      <p id={`${id}-hint`} className="text-sm text-muted">
        {t("log.photoHint")}
      </p>
      {isUnread && (
        <p role="alert" className="text-sm font-semibold text-beet">
          ✕ {problem({ code: "photo-unread" })}
        </p>
      )}
      {photo && (
        <div className="mt-1 flex items-end gap-3">
          {/* Not yet anywhere that the framework could fetch it from. */}
          {/* eslint-disable-next-line @next/next/no-img-element */}
          <img
            src={`data:image/jpeg;base64,${photo}`}
            alt={t("log.photo")}
            className="max-h-32 border-rule border-ink"
          />
          <Button look="quiet" onClick={() => onPhoto(undefined)}>
            {t("log.photoDrop")}
          </Button>
        </div>
      )}
    </div>
  );
}
