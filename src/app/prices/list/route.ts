import { fileResponse } from "@/app/file";
import { readUnits } from "@/app/units";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";
import { priceListFile } from "@/server/prices";
import { readProgramme } from "@/server/programme";
import { itemWords } from "@/ui/kit/item-words";
import { wordsFor } from "@/ui/words/words-for";

/** The price list as CSV. */
export const GET = async (): Promise<Response> =>
  fileResponse(
    await outcomeOf(async () => {
      const actor = await currentActor();
      const words = wordsFor(await readUnits(), (await readProgramme(actor)).currency);
      return priceListFile(actor, (item) => itemWords({ item, amount: 1 }, words).name);
    }),
  );
export const dynamic = "force-dynamic";
