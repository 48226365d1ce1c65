import { importValuesAction, overrideAction, previewOverrideAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readOverrides } from "@/server/programme";
import { Library } from "@/ui/library/library";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("library.title") };

export default function Page() {
  return screen(async (actor) => (
    <Library
      overrides={await readOverrides(actor)}
      preview={previewOverrideAction}
      override={overrideAction}
      takeIn={importValuesAction}
    />
  ));
}
