import { overview, readProgramme } from "@/server/households";
import { Households } from "@/ui/households/households";
import { screen } from "@/app/screen";

export default function Page() {
  return screen(async (actor) => {
    const { name, town } = await readProgramme(actor);
    return <Households programme={`${name}, ${town}`} summaries={await overview(actor)} />;
  });
}
