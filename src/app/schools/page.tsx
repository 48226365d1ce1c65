import { previewSchoolsAction, saveSchoolsAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { readProgramme } from "@/server/programme";
import { ForChangers } from "@/ui/rights";
import { SchoolsForm } from "@/ui/schools/schools";
import { t } from "@/ui/words/all";

export const metadata = { title: t("schools.title") };

export default function Page() {
  return screen(async (actor) => {
    const { schools } = await readProgramme(actor);
    return (
      <div className="max-w-5xl px-4 py-4 lg:px-6">
        <h1 className="text-title font-bold">{t("schools.title")}</h1>
        <p className="mb-4 text-muted">{t("schools.lead")}</p>
        <ForChangers>
          <SchoolsForm
            saved={schools}
            above={undefined}
            preview={previewSchoolsAction.bind(null, null)}
            save={saveSchoolsAction.bind(null, null)}
          />
        </ForChangers>
      </div>
    );
  });
}
