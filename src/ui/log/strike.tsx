import { AlertDialog } from "radix-ui";
import { Button } from "@/ui/primitives/button";
import { t } from "./words";

interface StrikeProps {
  readonly onClose: () => void;
  readonly onStrike: () => void;
}

/** Asks before a record is struck out. */
export function Strike({ onClose, onStrike }: StrikeProps) {
  return (
    <AlertDialog.Root defaultOpen onOpenChange={(open) => !open && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <AlertDialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-10 w-[min(26rem,92vw)] -translate-1/2 border-rule border-ink bg-card p-5"
        >
          <AlertDialog.Title className="text-lg font-bold">{t("log.strikeAsk")}</AlertDialog.Title>
          <div className="mt-4 flex gap-2">
            <AlertDialog.Action asChild>
              <Button look="warn" onClick={onStrike}>
                {t("log.strikeYes")}
              </Button>
            </AlertDialog.Action>
            <AlertDialog.Cancel asChild>
              <Button>{t("log.strikeNo")}</Button>
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
