import next from 'eslint-config-next/core-web-vitals'
import typescript from 'eslint-config-next/typescript'
import prettier from 'eslint-config-prettier'

// What stands on a page: only there is anything for the rules of React, of Next and of accessible markup to read.
const PAGES = ['src/app/**/*.{ts,tsx}', 'src/ui/**/*.{ts,tsx}', '**/*.tsx']

const config = [
  { ignores: ['.next/**', 'dist/**', 'public/**', 'next-env.d.ts', '.demo/**'] },
  ...next.map((part) => (part.rules ? { ...part, files: PAGES } : part)),
  ...typescript,
  prettier,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportDefaultDeclaration', message: 'Default exports only where a tool asks for them.' },
      ],
      // Photos come from our own routes, already in the size they are shown in.
      '@next/next/no-img-element': 'off',
      // Own pages are left by plain links: the next page is read fresh from the server.
      '@next/next/no-html-link-for-pages': 'off',
      '@next/next/no-location-assign-relative-destination': 'off',
    },
  },
  {
    files: ['src/app/**', 'src/workers/**', '*.config.*', 'src/proxy.ts', '**/*.d.ts'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  // A whole document of its own, no page of Next.
  {
    files: ['src/ui/links/LinkDocument.tsx'],
    rules: { '@next/next/no-head-element': 'off', '@next/next/no-css-tags': 'off' },
  },
  { files: ['.dependency-cruiser.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
]
export default config
