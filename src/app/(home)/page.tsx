import { overview } from "@/server/households";
import { readProgramme } from "@/server/programme";
import { Households } from "@/ui/households/households";
import { screen } from "@/app/screen";

export default function Page({ searchParams }: PageProps<"/">) {
  return screen(async (actor) => {
    const { name, town } = await readProgramme(actor);
    return <Households programme={`${name}, ${town}`} {...await overview(actor, await searchParams)} />;
  });
}
