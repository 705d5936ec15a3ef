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
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
