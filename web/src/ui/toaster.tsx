import { useEffect } from 'react';
import { Toaster as SonnerToaster } from 'sonner';
import { toasterIsThere } from '../store/toast.js';
import { useIsPhone } from './use-is-phone.js';

/** Where toasts are shown, all in one style. */
export function Toaster() {
  const isPhone = useIsPhone();
  useEffect(toasterIsThere, []);
  return (
    <SonnerToaster
      // on a phone the large buttons of the evening are below, and must not be covered
      position={isPhone ? 'top-center' : 'bottom-right'}
      toastOptions={{
        classNames: {
          toast: '!bg-ink !text-paper !border-ink !rounded-sm !font-[inherit]',
          actionButton: '!bg-paper !text-ink !rounded-sm',
          description: '!text-paper',
        },
      }}
    />
  );
}
