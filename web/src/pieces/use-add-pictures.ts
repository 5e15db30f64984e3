import type { Picture } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { useStorePictureMutation } from '../store/api.js';
import { toast } from '../store/toast.js';
import { notifyFailure } from '../ui/notify.js';

const MOST_BYTES = 25_000_000;

/** Stores photographs and hands over each that was taken, as it is; one that is too large or no picture is told and left out. */
export function useAddPictures(): {
  add: (files: readonly File[], taken: (picture: Picture) => unknown) => Promise<void>;
  isAdding: boolean;
} {
  const [store, { isLoading }] = useStorePictureMutation();
  const add = async (files: readonly File[], taken: (picture: Picture) => unknown): Promise<void> => {
    for (const file of files) {
      if (file.size > MOST_BYTES) {
        toast.error(`${file.name} was not added`, { description: 'It is too large; allowed: up to 25 MB.' });
        continue;
      }
      try {
        await taken({ id: nanoid(8), caption: '', pins: [], ...(await store(file).unwrap()) });
      } catch (error) {
        notifyFailure(`${file.name} was not added`, error);
      }
    }
  };
  return { add, isAdding: isLoading };
}
