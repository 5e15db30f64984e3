import { useId, useState, type InputHTMLAttributes } from 'react';

export interface TypedInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'type'> {
  /** As it is kept; empty where none is set. */
  value: string;
  /** As it is shown, where that differs. */
  shown?: string;
  /** What a text means; null where it means nothing. */
  read: (text: string) => string | null;
  /** Whether a text can be taken while it is still being typed; left out: as soon as it means something. */
  isWhole?: (text: string) => boolean;
  /** What may stand here, for who typed something else. */
  allowed: string;
  /** What was typed, once it means something; empty where it was taken out. */
  onChange: (value: string) => void;
}

/** Something typed in one's own way. What cannot be read stays as it was typed, with what is allowed; what was kept before is kept. */
export function TypedInput({ value, shown = value, read, isWhole = () => true, allowed, onChange, ...rest }: TypedInputProps) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [hasLeft, setLeft] = useState(false);
  const text = typed ?? shown;
  const isWrong = hasLeft && text.trim() !== '' && read(text) === null;
  return (
    <span className="block min-w-0 flex-1">
      <input
        {...rest}
        type="text"
        autoComplete="off"
        aria-invalid={isWrong || rest['aria-invalid']}
        aria-describedby={isWrong ? id : rest['aria-describedby']}
        className="field figures min-w-0"
        value={text}
        onChange={(event) => {
          setTyped(event.target.value);
          setLeft(false);
          const meant = read(event.target.value);
          if ((meant !== null && isWhole(event.target.value)) || event.target.value.trim() === '') onChange(meant ?? '');
        }}
        onBlur={() => {
          const meant = typed === null ? null : read(typed);
          if (meant !== null && meant !== value) onChange(meant);
          // what is understood is shown as everything else; what is not stays to be put right
          if (meant !== null || text.trim() === '') setTyped(null);
          else setLeft(true);
        }}
      />
      {isWrong && (
        <span id={id} role="alert" className="block text-[0.8125rem] font-semibold text-brick">
          Allowed: {allowed}
        </span>
      )}
    </span>
  );
}
