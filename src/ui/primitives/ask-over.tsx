import { AlertDialog } from "radix-ui";
import { Button } from "./button";

interface AskOverProps {
  readonly question: string;
  readonly yes: string;
  readonly no: string;
  readonly onYes: () => void;
  readonly onClose: () => void;
}

/** Asks over the screen, before something is done that would be missed in a long list. There while it asks. */
export function AskOver({ question, yes, no, onYes, onClose }: AskOverProps) {
  return (
    <AlertDialog.Root defaultOpen onOpenChange={(open) => !open && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <AlertDialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-10 w-[min(26rem,92vw)] -translate-1/2 border-rule border-ink bg-card p-5"
        >
          <AlertDialog.Title className="text-lg font-bold">{question}</AlertDialog.Title>
          <div className="mt-4 flex gap-2">
            <AlertDialog.Action asChild>
              <Button look="warn" onClick={onYes}>
                {yes}
              </Button>
            </AlertDialog.Action>
            <AlertDialog.Cancel asChild>
              <Button>{no}</Button>
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
