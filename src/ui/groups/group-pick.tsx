"use client";

import { useRouter } from "next/navigation";
import { SelectField } from "@/ui/primitives/field";
import { t } from "./words";

interface GroupPickProps {
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly groupId?: string;
  /** Where the page of a group, or of all, is found. */
  readonly hrefOf: (groupId: string | undefined) => string;
}

/** All households, or those of one group; nothing where there is no group. */
export function GroupPick({ groups, groupId, hrefOf }: GroupPickProps) {
  const router = useRouter();
  if (groups.length === 0) return null;
  return (
    <SelectField
      label={t("groupPick.label")}
      value={groupId ?? ""}
      className="max-w-60 print:hidden"
      onChange={(e) => router.push(hrefOf(e.target.value || undefined))}
    >
      <option value="">{t("groupPick.all")}</option>
      {groups.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}
