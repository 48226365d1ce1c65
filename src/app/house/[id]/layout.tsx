import { notFound } from "next/navigation";
import { screen } from "@/app/screen";
import { readHousehold, readNextStep } from "@/server/households";
import { HouseHead } from "@/ui/house-head";

/** Every screen of a household needs one that is there; found out above the loading state, so that the answer is a real 404. */
export default async function Layout({ children, params }: LayoutProps<"/house/[id]">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    const { code, name } = household;
    return (
      <>
        <HouseHead household={{ id: household.id, code, name }} next={await readNextStep(actor, household)} />
        <div className="pb-16 lg:pb-0">{children}</div>
      </>
    );
  }, "see-household");
}
