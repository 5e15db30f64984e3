/** The names of a table's columns. */
export function TableHead({ heads }: { heads: readonly string[] }) {
  return (
    <thead>
      <tr className="border-b border-line text-left text-[0.8125rem] text-ink-3">
        {heads.map((head) => (
          <th key={head} scope="col" className="px-2 py-1 font-normal">
            {head}
          </th>
        ))}
      </tr>
    </thead>
  );
}
