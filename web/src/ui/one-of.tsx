interface OneOfProps<Id extends string> {
  label: string;
  value: Id;
  options: readonly { id: Id; name: string; disabled?: boolean }[];
  onChange: (id: Id) => void;
  className?: string;
}

/** A few things side by side, one of them pressed. */
export function OneOf<Id extends string>({ label, value, options, onChange, className = '' }: OneOfProps<Id>) {
  return (
    <div role="group" aria-label={label} className={`flex flex-wrap gap-1.5 ${className}`}>
      {options.map(({ id, name, disabled = false }) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === value}
          disabled={disabled}
          className={`min-h-[2rem] rounded-sm border px-2.5 text-[0.875rem] disabled:opacity-50 ${id === value ? 'border-ink bg-field font-semibold' : 'border-line-strong'}`}
          onClick={() => {
            onChange(id);
          }}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
