"use client";

import { inForce, SCHOOL_NAMES, type SchoolName, type Schools, SCHOOLS } from "@/core/school";
import { SelectField } from "@/ui/primitives/field";
import { t } from "./words";

interface SwitchesProps {
  readonly own: Schools;
  /** What the level above has in force; left out at the programme, where the usual ones are. */
  readonly above: Schools | undefined;
  readonly only?: readonly SchoolName[];
  readonly onChange: (schools: Schools) => void;
}

/** The schools as switches, each with what the choice in force means in numbers. */
export function SchoolSwitches({ own, above, only = SCHOOL_NAMES, onChange }: SwitchesProps) {
  const inherited = inForce(above);
  const now = inForce(above, own);
  const option = (name: SchoolName, choice: string) =>
    t(`ways.options.${name}.${choice}` as "ways.options.core.stones");
  return (
    <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
      {only.map((name) => (
        <SelectField
          key={name}
          label={t(`ways.names.${name}`)}
          hint={t(`schools.means.${name}.${now[name]}` as "schools.means.core.stones")}
          value={own[name] ?? ""}
          onChange={(e) => {
            const { [name]: _, ...rest } = own;
            onChange(e.target.value === "" ? rest : { ...rest, [name]: e.target.value });
          }}
        >
          <option value="">
            {t(above === undefined ? "schools.usual" : "schools.asAbove", {
              choice: option(name, inherited[name]),
            })}
          </option>
          {SCHOOLS[name].map((choice) => (
            <option key={choice} value={choice}>
              {option(name, choice)}
            </option>
          ))}
        </SelectField>
      ))}
    </div>
  );
}
