export type AuditLine = {
  readonly at: string;
  readonly who: string;
  readonly what: string;
  readonly about: string;
  readonly from: string;
};

/** Who came in, who was refused, who changed who may come in: the newest first. */
export const Audit = ({ lines }: { readonly lines: readonly AuditLine[] }) => (
  <section aria-label="Audit">
    <h2>What happened</h2>
    <table className="w-full text-left text-[13px]">
      <thead className="text-mute">
        <tr>
          <th scope="col">when, UTC</th>
          <th scope="col">about</th>
          <th scope="col">what</th>
          <th scope="col">by</th>
          <th scope="col">from</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((l, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: lines are only added, and never moved
          <tr key={i} className="border-t border-line align-top">
            <td className="whitespace-nowrap font-mono">{l.at.slice(0, 19).replace("T", " ")}</td>
            <td>{l.about}</td>
            <td>{l.what}</td>
            <td>{l.who}</td>
            <td className="font-mono">{l.from}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);
