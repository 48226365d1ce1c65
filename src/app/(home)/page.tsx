import { overview } from "@/server/households";
import { Households } from "@/ui/households/households";
import { screen } from "@/app/screen";

export default function Page() {
  return screen(async (actor) => <Households summaries={await overview(actor)} />);
}
