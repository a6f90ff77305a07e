/** Sentences, one below the other. */
export const Sentences = ({ of }: { readonly of: readonly string[] }) => (
  <ul className="mb-2">
    {of.map((sentence, i) => (
      <li key={i}>{sentence}</li>
    ))}
  </ul>
)
