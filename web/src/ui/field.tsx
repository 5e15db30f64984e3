import { useId, type ReactNode } from 'react';

interface FieldProps {
  label: string;
  error?: string | undefined;
  hint?: string | undefined;
  className?: string;
  /** In a table, whose heading says it: the label is read out only. */
  inTable?: boolean;
  children: (ids: { id: string; 'aria-describedby': string | undefined; 'aria-invalid': boolean }) => ReactNode;
}

/** A label, its control, and below it what is wrong or what is meant. */
export function Field({ label, error, hint, className = '', inTable = false, children }: FieldProps) {
  const id = useId();
  const told = error ?? hint;
  return (
    <div className={`relative min-w-0 ${className}`}>
      <label htmlFor={id} className={inTable ? 'sr-only' : 'mb-0.5 block text-[0.8125rem] text-ink-2'}>
        {label}
      </label>
      {children({ id, 'aria-describedby': told ? `${id}-told` : undefined, 'aria-invalid': error !== undefined })}
      {told && (
        <p
          id={`${id}-told`}
          role={error ? 'alert' : undefined}
          className={`mt-0.5 text-[0.8125rem] ${error ? 'font-semibold text-brick' : 'text-ink-3'}`}
        >
          {told}
        </p>
      )}
    </div>
  );
}
