/** The choices of a list, by their keys: trades, stages, kinds of places. */
export const Options = ({ of }: { readonly of: Readonly<Record<string, string>> }) =>
  Object.entries(of).map(([key, words]) => (
    <option key={key} value={key}>
      {words}
    </option>
  ))
