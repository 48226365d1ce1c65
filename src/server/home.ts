import type { Role } from "@/core/role";
import { may } from "./may";

/** Where somebody begins: who sees the whole programme at its households, a household at its garden, a helper at the list of theirs. */
export const homeOf = ({
  role,
  households,
}: {
  readonly role: Role;
  readonly households?: readonly string[] | null;
}): string =>
  role === "household" && households?.[0]
    ? `/house/${households[0]}/garden`
    : may({ role }, "see-programme")
      ? "/"
      : "/round";
