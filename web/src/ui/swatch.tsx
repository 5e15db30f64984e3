/** A colour as it lies in the bottle. The name beside it says which; colour alone never does. */
export function Swatch({ colour, size = 14 }: { colour: string; size?: number }) {
  return (
    <span
      aria-hidden="true"
      className="inline-block shrink-0 border border-ink/45"
      style={{ width: size, height: size, background: colour }}
    />
  );
}
