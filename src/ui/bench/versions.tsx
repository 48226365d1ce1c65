"use client";

import { useRouter } from "next/navigation";
import { Dialog } from "@/ui/primitives/dialog";
import { type ReactNode, useState } from "react";
import type { Day } from "@/core/day";
import type { KeptPlan, Plan } from "@/core/plan";
import type { Setting } from "@/core/setting";
import type { Outcome } from "@/core/problem";
import { Button } from "@/ui/primitives/button";
import { send } from "@/ui/primitives/send";
import { format } from "@/ui/words/translate";
import { useRights } from "@/ui/rights";
import { Compare } from "./compare";
import { t } from "./words";

interface VersionsProps {
  readonly trigger: ReactNode;
  readonly earlier: readonly KeptPlan[];
  readonly plan: Plan;
  readonly setting: Setting;
  readonly today: Day;
  readonly onOpen: (version: KeptPlan) => void;
  readonly onName: (id: string, name: string) => Promise<Outcome<null>>;
}

/** Earlier states of the plan, those set aside in a conflict too: named, held beside the plan as it is, and opened like any other change. */
export function Versions({ trigger, earlier, plan, setting, today, onOpen, onName }: VersionsProps) {
  const { changes } = useRights();
  const router = useRouter();
  const [open, setOpen] = useState(true);
  const [beside, setBeside] = useState<string>();
  const compared = earlier.find((v) => v.id === beside);
  const titleOf = (v: KeptPlan) =>
    v.name ||
    (v.setAside
      ? t("bench.setAside", { version: v.version })
      : t("bench.versionLine", { version: v.version }));
  const rename = async (id: string, name: string) => {
    if ((await send(() => onName(id, name))).ok) router.refresh();
  };
  return (
    <Dialog title={t("bench.versions")} where="middle" open={open} onOpenChange={setOpen} trigger={trigger}>
      {earlier.length === 0 && <p className="text-muted">{t("bench.noVersions")}</p>}
      {compared && (
        <Compare
          title={titleOf(compared)}
          titleAfter={t("compare.now")}
          before={compared.plan}
          after={plan}
          setting={setting}
          today={today}
        />
      )}
      <ul>
        {earlier.map((v) => (
          <li
            key={v.id}
            className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-t border-line py-2"
          >
            <span className="min-w-0 flex-1">
              <b>{titleOf(v)}</b>
              <span className="block text-sm text-muted">
                {format.dateTime(new Date(v.savedAt), {
                  day: "numeric",
                  month: "short",
                  year: "numeric",
                  hour: "2-digit",
                  minute: "2-digit",
                })}{" "}
                · {v.savedBy}
              </span>
            </span>
            <input
              aria-label={t("bench.nameVersion", { version: v.version })}
              placeholder={t("bench.noName")}
              defaultValue={v.name}
              maxLength={80}
              disabled={!changes}
              onBlur={(e) => e.target.value.trim() !== v.name && void rename(v.id, e.target.value)}
              className="min-h-9 w-36 border-rule border-line bg-card px-2 focus:border-ink"
            />
            <Button
              aria-pressed={beside === v.id}
              onClick={() => setBeside(beside === v.id ? undefined : v.id)}
            >
              {t("bench.compare")}
            </Button>
            <Button
              onClick={() => {
                onOpen(v);
                setOpen(false);
              }}
            >
              {t("bench.openVersion")}
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
