import next from '@next/eslint-plugin-next'
import boundaries from 'eslint-plugin-boundaries'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** What each layer may import besides itself: only what stands below it. */
const below = {
  app: ['pocket', 'features', 'components', 'wording', 'data', 'core'],
  pocket: ['features', 'actions', 'components', 'wording', 'workers', 'data', 'core'],
  features: ['actions', 'components', 'wording', 'workers', 'data', 'core'],
  actions: ['wording', 'data', 'core'],
  components: ['actions', 'wording', 'core'],
  wording: ['core'],
  workers: ['core'],
  data: ['core'],
}

/** The rooms of the core, each above those that it may ask: what is true, what follows from it, what is to be done. */
const ROOMS = [
  ...[
    'result',
    'calendar',
    'quantity',
    'advice',
    'random',
    'guard',
    'memo',
    'bounds',
    'climate',
    'entry',
    'crop',
  ],
  ...['containers', 'facts', 'harvest', 'pruning', 'season', 'spacing', 'support', 'transplant', 'health'],
  ...[
    'watering',
    'feeding',
    'light',
    'ground',
    'rotation',
    'supplies',
    'season-model',
    'trial',
    'led-season',
    'garden-health',
    'calls',
    'log',
  ],
  ...['garden-day', 'score', 'entry-check', 'quick-line'],
]

/** Whether a planting stands is asked once, in the season's room: everything else asks `stands` and `phase`. */
const ASKS_STANDS = ["[property.value='set-out']", "[property.name='end']"].map((stage) => ({
  selector: `MemberExpression[property.name='how'] > MemberExpression${stage}`,
  message: 'Ask the outlook’s `stands`, `phase` or `end`.',
}))

/** A quantity in a text is typed, and said in the gardener's units: `{length 0.3}`, `inEither`, or a say-function. */
const UNIT = String.raw`\d[\s\u00a0\u202f](°C|°F|cm|mm|m|L|mL|kg|g|km\u002Fh|m\u002Fs|mph|ft|in|gal|oz|lb)(?![\p{L}\p{N}²³])`
const WRITTEN_UNITS = [
  `:not(CallExpression[callee.name='inEither']) > Literal[value=/${UNIT}/u]`,
  `TemplateElement[value.raw=/${UNIT}/u]`,
  `JSXText[value=/${UNIT}/u]`,
].map((selector) => ({ selector, message: 'Say a quantity by its kind: wording/written, wording/say.' }))

export default tseslint.config(
  { ignores: ['.next/**', 'node_modules/**', '.scratch/**', 'next-env.d.ts', 'test-results/**'] },
  ...tseslint.configs.recommended,
  // Only what may hold hooks: the rule compiles each file that it looks at.
  {
    files: ['src/**/*.tsx', 'src/**/use-*.ts', 'src/components/**/*.ts'],
    ...hooks.configs.flat.recommended,
    rules: { ...hooks.configs.flat.recommended.rules, 'react-hooks/set-state-in-effect': 'off' },
  },
  {
    plugins: { '@next/next': next },
    rules: { ...next.configs.recommended.rules, ...next.configs['core-web-vitals'].rules },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { alwaysTryTypes: true } },
      'boundaries/elements': [
        { type: 'features', pattern: 'src/features/*', capture: ['feature'] },
        { type: 'core', pattern: 'src/core/*', capture: ['room'] },
        ...['data', 'workers', 'wording', 'components', 'actions', 'pocket', 'app', 'test'].map((type) => ({
          type,
          pattern: `src/${type}`,
        })),
      ],
      // What Next wants beside the layers only calls into them.
      'boundaries/ignore': [
        'src/proxy.ts',
        'src/instrumentation.ts',
        'src/hosts.ts',
        'src/guard.ts',
        'src/helper-may.ts',
        'src/true-address.ts',
      ],
    },
    rules: {
      'boundaries/no-unknown-files': 'error',
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          checkAllOrigins: true,
          policies: [
            { from: { element: { type: '*' } }, allow: { to: { module: { origin: ['external', 'core'] } } } },
            ...Object.entries(below).map(([type, types]) => ({
              from: { element: { type } },
              allow: { to: { element: { types: { anyOf: types } } } },
            })),
            ...ROOMS.map((room, at) => ({
              from: { element: { type: 'core', captured: { room } } },
              allow: { to: { element: { type: 'core', captured: { room: ROOMS.slice(0, at + 1) } } } },
            })),
            ...['app', 'pocket', 'actions', 'components', 'wording', 'workers', 'data'].map((type) => ({
              from: { element: { type } },
              allow: { to: { element: { type } } },
            })),
            {
              from: { element: { type: 'features' } },
              allow: {
                to: {
                  element: { type: 'features', captured: { feature: '{{ from.element.captured.feature }}' } },
                },
              },
            },
            {
              from: { element: { type: 'core' } },
              disallow: { to: { module: { origin: ['external', 'core'] } } },
              message: 'The core computes: it imports nothing outside itself but the store of its memory.',
            },
            {
              from: { element: { type: 'core' } },
              allow: { to: { module: { origin: 'external', source: ['quick-lru'] } } },
            },
          ],
        },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/core/season/**', '**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...ASKS_STANDS] },
  },
  {
    files: ['src/{features,components,wording}/**/*.{ts,tsx}'],
    // Formulas stand in the units of their sources.
    ignores: ['**/*.test.ts', 'src/wording/workings/**'],
    rules: { 'no-restricted-syntax': ['error', ...ASKS_STANDS, ...WRITTEN_UNITS] },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['src/components/link.tsx'],
    rules: {
      'no-restricted-imports': ['error', { name: 'next/link', message: 'Take components/link.' }],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['process', 'window', 'document', 'fetch', 'localStorage', 'performance', 'console', 'crypto'].map(
          (name) => ({
            name,
            message: 'The core is pure: pass in what it needs.',
          }),
        ),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass in a seeded generator.' },
        { object: 'Date', property: 'now', message: 'Pass in today.' },
      ],
      'no-restricted-syntax': [
        'error',
        ...ASKS_STANDS,
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Pass in today.' },
      ],
    },
  },
  {
    // Tests may look at a layer from outside.
    files: ['src/**/*.test.ts', 'src/test/**'],
    rules: { 'boundaries/dependencies': 'off' },
  },
)
