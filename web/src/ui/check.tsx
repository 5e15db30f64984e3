import type { ReactNode } from 'react';

/** A yes or no with its words beside it. */
export function Check({
  checked,
  onChange,
  children,
  className = '',
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: ReactNode;
  className?: string;
}) {
  return (
    <label className={`flex min-h-6 items-start gap-2 ${className}`}>
      <input
        type="checkbox"
        className="mt-1"
        checked={checked}
        onChange={(event) => {
          onChange(event.target.checked);
        }}
      />
      <span>{children}</span>
    </label>
  );
}
