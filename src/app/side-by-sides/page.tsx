import { beginSideBySideAction, leavePairOutAction, lookAtAction } from "@/app/actions/findings";
import { screen } from "@/app/screen";
import { may } from "@/server/may";
import { readSideBySides } from "@/server/side-by-sides";
import { SideBySides } from "@/ui/side-by-sides/side-by-sides";
import { t } from "@/ui/words/all";

export const metadata = { title: t("sideBySides.title") };

export default function Page() {
  return screen(async (actor) => (
    <SideBySides
      {...await readSideBySides(actor)}
      {...(may(actor, "change-programme")
        ? { acts: { begin: beginSideBySideAction, look: lookAtAction, leaveOut: leavePairOutAction } }
        : {})}
    />
  ));
}
