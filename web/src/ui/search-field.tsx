/** A list is searched by it as one types; `/` leads to it. */
export function SearchField({
  label,
  placeholder,
  text,
  onChange,
}: {
  label: string;
  placeholder: string;
  text: string;
  onChange: (text: string) => void;
}) {
  return (
    <label className="mb-3 block w-72">
      <span className="sr-only">{label}</span>
      <input
        type="search"
        data-search
        placeholder={placeholder}
        className="field"
        value={text}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </label>
  );
}
