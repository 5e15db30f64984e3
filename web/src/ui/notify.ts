import { refusalOf, type Deleted } from '../store/api.js';
import { toast } from '../store/toast.js';

/** So long there is a way back: long enough to be read from a bench. */
const LONG_MS = 12_000;
/** Where the way back takes back the last edit, it must be gone before there is another. */
const BRIEF_MS = 4000;

/** Says that something did not go, and why. */
export function notifyFailure(words: string, error: unknown): void {
  toast.error(words, { description: refusalOf(error)?.data.message ?? 'The server does not answer.' });
}

/** Says what was done, with the way back on it; a way back that fails is told as well. */
export function notifyWithUndo(
  words: string,
  undo: () => unknown,
  { description, brief = false, id }: { description?: string | undefined; brief?: boolean; id?: string } = {},
): void {
  const back = async (): Promise<void> => {
    try {
      await undo();
    } catch (error) {
      notifyFailure('It could not be taken back', error);
    }
  };
  toast(words, {
    ...(id === undefined ? {} : { id }),
    ...{ duration: brief ? BRIEF_MS : LONG_MS, description, action: { label: 'Undo', onClick: () => void back() } },
  });
}

type Gone = Pick<Deleted, 'kind' | 'id'>;
const noticeOf = ({ kind, id }: Gone): string => `deleted/${kind}/${id}`;

/** Says that something was deleted, what else that means, and where it is; with the way back on it. */
export function notifyDeleted(words: string, gone: Gone, restore: (gone: Gone) => { unwrap: () => Promise<void> }, more = ''): void {
  const description = `${more}It stays for 30 days under Recently deleted.`;
  notifyWithUndo(words, () => restore(gone).unwrap(), { description, id: noticeOf(gone) });
}

/** It is back, or gone for good: there is nothing to take back any more. */
export const noticeIsOld = (gone: Gone): void => {
  toast.dismiss(noticeOf(gone));
};
