import { LANGUAGES, type Language } from '@/core/share/languages/catalogue'

/** The other languages that a sheet can be read in. */
export function LanguageLinks({ language }: { readonly language: Language }) {
  return (
    <p className="no-print">
      {Object.entries(LANGUAGES)
        .filter(([key]) => key !== language)
        .map(([key, name]) => (
          <a key={key} href={`?lang=${key}`} lang={key} hrefLang={key} className="me-3">
            {name}
          </a>
        ))}
    </p>
  )
}
