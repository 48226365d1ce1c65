"use client";

import { createContext, type ReactNode, useContext } from "react";
import { cn } from "@/ui/primitives/cn";
import { rights } from "@/ui/words/en";
import { translator } from "@/ui/words/translate";

const t = translator({ rights });

/** What whoever looks may do; the server holds to it whatever a screen offers. */
export interface Rights {
  /** Whether they see the whole programme, or only what is a household's own. */
  readonly seesAll: boolean;
  /** Whether they may change it. */
  readonly changes: boolean;
  /** Whether they may write down what happened. */
  readonly writes: boolean;
}

const RightsOf = createContext<Rights>({ seesAll: true, changes: true, writes: true });
export const RightsProvider = RightsOf.Provider;

export const useRights = (): Rights => useContext(RightsOf);

/** What is offered to those alone who may do it. */
export const Only = ({ may, children }: { may: keyof Rights; children: ReactNode }) =>
  useRights()[may] ? children : null;

/** A form of the programme's: whoever may only look sees what it holds, and who changes it. */
export function ForChangers({ children, className }: { children: ReactNode; className?: string }) {
  if (useRights().changes) return children;
  return (
    <>
      <p
        className={cn(
          "my-2 w-fit border-l-4 border-line bg-card px-3 py-1.5 text-note font-semibold",
          className,
        )}
      >
        {t("rights.looks")}
      </p>
      <fieldset disabled className="contents">
        {children}
      </fieldset>
    </>
  );
}
