import { takeNotesAction } from "@/app/actions/records";
import { screen } from "@/app/screen";
import { TakeNotes } from "@/ui/notes/take-notes";
import { t } from "@/ui/words/all";

export const metadata = { title: t("takeNotes.title") };

export default function Page() {
  return screen(async () => <TakeNotes take={takeNotesAction} />, "change-programme");
}
