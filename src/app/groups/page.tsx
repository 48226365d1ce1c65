import { saveGroupAction } from "@/app/actions/households";
import { screen } from "@/app/screen";
import { readGroups } from "@/server/groups";
import { Groups } from "@/ui/groups/groups";
import { t } from "@/ui/words/all";

export const metadata = { title: t("groups.title") };

export default function Page() {
  return screen(async (actor) => <Groups groups={await readGroups(actor)} save={saveGroupAction} />);
}
