/** A table of words and figures, the first column words. */
export function FactTable({ head, rows }: { head: readonly string[]; rows: readonly (readonly string[])[] }) {
  return (
    <table className="w-full text-note">
      <thead className="text-left text-fine text-muted">
        <tr>
          {head.map((name, i) => (
            <th key={name} scope="col" className={i > 0 ? "pl-3 text-right" : ""}>
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([first, ...others], r) => (
          <tr key={r} className="border-t border-line">
            <th scope="row" className="py-1 text-left font-semibold">
              {first}
            </th>
            {others.map((text, i) => (
              <td key={i} className="py-1 pl-3 text-right tabular-nums">
                {text}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
