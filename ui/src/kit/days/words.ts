export const words = {
  'common.save': 'Save',
  'common.notNumber': 'Type a number, such as 2 or 1.5.',

  'field.note': 'Note',

  'days.on': 'On',
  'days.newTitle': 'New potting day',
  'days.frame': 'Frame of the day',
  'days.tub': 'Tub',
  'days.scoop': 'Scoop',
  'days.spare': 'Spare on top',
  'days.spareLearned':
    '{days, plural, =0 {Usual: {share}.} one {One mix of earlier days used what was reckoned and a share more: {share} is advised.} other {# mixes of earlier days teach: {share} is advised.}}',
  'days.helpers': 'Helpers',
  'days.helpersHint': 'Names, each with Enter',
  'days.toDay': 'Put plants on a day',
  'days.whichDay': 'Which day',
  'days.newDay': 'a new day',
  'days.added': '{count, plural, one {One plant is} other {# plants are}} on {name}.',

  'entry.soil': 'What it is of',
  'soil.as_stood': 'the mix that it stands in',
  'soil.nursery_peat': 'nursery peat',
  'soil.coir': 'coir',
  'soil.bark_compost': 'bark compost',
  'soil.loam': 'loam',
  'soil.garden_clay': 'garden clay',
  'soil.sand_grit': 'sand and grit',
  'soil.unknown': 'not known',
  'entry.how': 'Its collar',
  'entry.how.flush': 'level with the surface',
  'entry.how.raised': 'raised over it',
  'entry.how.buried': 'buried, while it is trained',
  'entry.howCm': 'By',
  'potting.whyAnyway': 'Why it is right all the same',
  'ball.length_cm': 'Ball length',
  'ball.width_cm': 'Ball width',
  'ball.height_cm': 'Ball height',
  'ball.treatment': 'How it is treated',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
