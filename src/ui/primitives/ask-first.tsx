"use client";

import { useState } from "react";
import { Button } from "./button";
import { t } from "./words";

/** The way back takes the focus that the first button had: what is asked comes into sight, and Enter does no harm. */
const takeFocus = (button: HTMLElement | null) => button?.focus();

/** A button for what is not taken back with another press: asks once more where it stands. */
export function AskFirst({
  name,
  of = "",
  question,
  yes,
  onYes,
}: {
  name: string;
  /** Whom or what it is about, for those who hear the button alone. */
  of?: string;
  question: string;
  yes: string;
  onYes: () => void;
}) {
  const [isAsked, setAsked] = useState(false);
  const label = (text: string) => (of ? `${text}: ${of}` : text);
  if (!isAsked)
    return (
      <Button look="quiet" aria-label={label(name)} onClick={() => setAsked(true)}>
        {name}
      </Button>
    );
  return (
    <>
      <span role="alert" className="font-semibold text-beet">
        ▲ {question}
      </span>
      <Button
        look="warn"
        aria-label={label(yes)}
        onClick={() => {
          setAsked(false);
          onYes();
        }}
      >
        {yes}
      </Button>
      <Button ref={takeFocus} onClick={() => setAsked(false)}>
        {t("app.leaveIt")}
      </Button>
    </>
  );
}
