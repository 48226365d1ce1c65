import { importValuesAction, overrideAction, previewOverrideAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { readOverrides, readUses } from "@/server/programme";
import { Library } from "@/ui/library/library";
import { t } from "@/ui/words/all";

export const metadata = { title: t("library.title") };

export default function Page() {
  return screen(async (actor) => {
    const [overrides, uses] = await Promise.all([readOverrides(actor), readUses(actor)]);
    return (
      <Library
        overrides={overrides}
        uses={uses}
        preview={previewOverrideAction}
        override={overrideAction}
        takeIn={importValuesAction}
      />
    );
  });
}
