export const words = {
  'pickers.nothing': 'Nothing is called that.',
  'blend.noComponent': 'No component is called that.',
  'blend.inStock': '{litres} in stock',
  'blend.notInStock': 'not in stock',
  'blend.plant': 'Plant',
  'blend.groups': 'By group',
  'blend.library': 'From the library',
  'blend.unknowns': 'Cannot be named',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
