/** Head of a table of figures: what each row is called at the left, the figures' names over their right edges. */
export const HeadRow = ({ first, names }: { readonly first: string; readonly names: readonly string[] }) => (
  <thead>
    <tr className="text-right align-bottom">
      <th scope="col" className="text-left font-normal">
        {first}
      </th>
      {names.map((name) => (
        <th key={name} scope="col" className="pl-2 font-normal">
          {name}
        </th>
      ))}
    </tr>
  </thead>
);
