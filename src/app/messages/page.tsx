import { receiveMessageAction, remindNowAction } from "@/app/actions/records";
import { screen } from "@/app/screen";
import { readMessages } from "@/server/messages";
import { Messages } from "@/ui/messages/messages";
import { t } from "@/ui/words/all";

export const metadata = { title: t("messages.title") };

export default async function Page({ searchParams }: PageProps<"/messages">) {
  const { page } = await searchParams;
  return screen(async (actor) => (
    <Messages {...await readMessages(actor, page)} receive={receiveMessageAction} remind={remindNowAction} />
  ));
}
