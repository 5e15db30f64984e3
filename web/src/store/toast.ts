import type { ExternalToast, toast as sonnerToast } from 'sonner';

type Toast = typeof sonnerToast;

let mounted: () => void = () => undefined;
const there = new Promise<void>((resolve) => {
  mounted = resolve;
});

/** Said by what shows them, once it is on the page: what is told before waits for it. */
export const toasterIsThere = (): void => {
  mounted();
};

const later = (tell: (toast: Toast) => unknown): void => {
  void Promise.all([import('sonner'), there]).then(([{ toast }]) => tell(toast));
};

/** Short words at the edge of the page. What shows them is fetched after the page. */
export const toast = Object.assign(
  (words: string, options?: ExternalToast): void => {
    later((shown) => shown(words, options));
  },
  {
    error: (words: string, options?: ExternalToast): void => {
      later((shown) => shown.error(words, options));
    },
    dismiss: (id?: string | number): void => {
      later((shown) => shown.dismiss(id));
    },
  },
);
