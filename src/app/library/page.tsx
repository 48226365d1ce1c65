import { getTranslations } from "next-intl/server";
import { importValuesAction, overrideAction, previewOverrideAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readOverrides } from "@/server/programme";
import { Library } from "@/ui/library/library";

export const generateMetadata = async () => ({ title: (await getTranslations("library"))("title") });

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
