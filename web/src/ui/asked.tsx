import { AlertDialog } from 'radix-ui';
import { Button } from './button.js';

export interface Question {
  title: string;
  text: string;
  yes: string;
}

/** The question, in front of everything else. */
export function Asked({ asked, onAnswer }: { asked: Question; onAnswer: (yes: boolean) => void }) {
  return (
    <AlertDialog.Root
      open
      onOpenChange={(open) => {
        if (!open) onAnswer(false);
      }}
    >
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-20 bg-black/40" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-30 w-[min(28.75rem,94vw)] -translate-x-1/2 -translate-y-1/2 rounded-sm border border-line-strong bg-page p-5">
          <AlertDialog.Title className="text-xl font-semibold">{asked.title}</AlertDialog.Title>
          <AlertDialog.Description className="mt-1 text-ink-2">{asked.text}</AlertDialog.Description>
          <div className="mt-4 flex justify-end gap-2">
            <AlertDialog.Cancel asChild>
              <Button>Cancel</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button
                look="ink"
                onClick={() => {
                  onAnswer(true);
                }}
              >
                {asked.yes}
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
