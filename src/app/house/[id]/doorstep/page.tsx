import { notFound } from "next/navigation";
import { resurveyAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readHousehold, readProgramme } from "@/server/households";
import { readReference, usualBagKg } from "@/server/reference";
import { Doorstep } from "@/ui/doorstep/doorstep";

export default async function Page({ params }: PageProps<"/house/[id]/doorstep">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    const { place } = household;
    return (
      <Doorstep
        title={`${household.code} ${household.name}`}
        start={{
          name: household.name,
          adults: String(household.adults),
          children: String(household.children),
          tastes: household.tastes,
          note: household.note,
          kind: place?.kind ?? "balcony",
          length: place?.lengthTyped ?? "",
          width: place?.widthTyped ?? "",
          sun: [...(place?.sun ?? [])],
          limit: place?.limitTyped ?? "",
        }}
        isNew={false}
        crops={(await readReference(actor)).crops}
        usualBagKg={usualBagKg(await readProgramme(actor))}
        save={resurveyAction.bind(null, household.id, household.version)}
      />
    );
  });
}
