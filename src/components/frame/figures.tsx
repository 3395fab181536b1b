/** Numbers in a line, each under its name. */
export function Figures({
  figures,
}: {
  readonly figures: readonly (readonly [name: string, value: string])[];
}) {
  return (
    <dl className="flex flex-wrap gap-x-10 gap-y-3 px-6 py-4 max-sm:px-4">
      {figures.map(([name, value]) => (
        <div key={name}>
          <dt className="label">{name}</dt>
          <dd className="figure-text text-[25px] leading-tight">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
