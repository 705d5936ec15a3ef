export const words = {
  'app.name': 'Zolbek',
  'app.skip': 'Skip to the content',

  'keys.start': 'Open the first questions',
  'keys.title': 'Help and settings',
  'keys.keyboard': 'Keyboard',

  'reader.title': 'Language and units',
  'reader.language': 'Language',
  'reader.units': 'Units',
  'reader.metric': 'Metric: L, m³, cm, kg, °C',
  'reader.us': 'US: gal, qt, cu ft, in, lb, °F',
  'reader.hint':
    'For this device. Figures are kept in metric units; another unit can be typed behind a number in either ("2 gal", "3 in", "8 cm").',
  'keys.help': 'Show this list',
  'keys.blend': 'Go to Blend',
  'keys.bins': 'Go to Bins',
  'keys.collection': 'Go to Pots & plants',
  'keys.log': 'Go to Log',
  'keys.undo': 'Undo the last change of the mix',
  'keys.redo': 'Redo it',
  'keys.add': 'Add a component to the mix',
  'keys.batch': 'Work out a batch',
  'keys.save': 'Save the recipe',
  'keys.step': 'In a field of parts: one part more or less',
  'keys.halfStep': 'In a field of parts: half a part more or less',
  'keys.search': 'Search the list',
  'keys.new': 'Add to the list',

  'problem.nowhere': 'There is nothing at {path}.',

  'keys.bench': 'Go to Bench',
  'keys.write': 'Write the mix down in words',
  'keys.tub': 'Top up what is in the tub',
  'keys.extras': 'Base mix with extras',
  'keys.today': 'Go to Today',
  'keys.days': 'Go to Potting days',

  'news.title': 'Your mixes are judged differently from now on',
  'news.water':
    'Water is judged by a hot day and how short it leaves the plant, for a pot that stands alone and is never filled quite up: most pots need water more often than was said.',
  'news.ph': 'The pH follows water, feed and what rain leaches: most mixes stay lower than was said.',
  'news.years':
    'Years count frost that really freezes the pot through, dust that washes out, and crumbs that give way; they come as a range.',
  'news.fit':
    'What kills a plant can no longer be outweighed, and weight, floating and stock are notes: the word of the whole comes first, then why.',
  'news.records':
    'Batches, histories and what your plants stand in keep the values they were made with; days on which plants fall due were reckoned anew.',
  'news.understood': 'Understood',
} as const;

type Said = typeof words;

declare module '../i18n/words' {
  interface Catalogue extends Said {}
}
