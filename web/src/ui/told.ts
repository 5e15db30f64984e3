import { toast } from 'sonner';
import { refusalOf } from '../store/api.js';

/** So long there is a way back: long enough to be read from a bench. */
const LONG_MS = 12_000;
/** Where the way back takes back the last edit, it must be gone before there is another. */
const BRIEF_MS = 4000;

/** Where what was deleted can be found for a while. */
export const KEPT_WORDS = 'It stays for 30 days under Recently deleted.';

/** Says that something did not go, and why. */
export function toldFailure(words: string, error: unknown): void {
  toast.error(words, { description: refusalOf(error)?.data.message ?? 'The server does not answer.' });
}

/** Says what was done, with the way back on it; a way back that fails is told as well. */
export function toldWithUndo(
  words: string,
  undo: () => unknown,
  { description, brief = false }: { description?: string | undefined; brief?: boolean } = {},
): void {
  const back = async (): Promise<void> => {
    try {
      await undo();
    } catch (error) {
      toldFailure('It could not be taken back', error);
    }
  };
  toast(words, { duration: brief ? BRIEF_MS : LONG_MS, description, action: { label: 'Undo', onClick: () => void back() } });
}
