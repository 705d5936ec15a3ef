export const words = {
  'common.edit': 'Edit',
  'common.archive': 'Archive',
  'common.restore': 'Take back',
  'common.archived': '{name} is in the archive.',
  'common.restored': '{name} is back.',
  'common.retry': 'Try again',
  'common.total': '{total, plural, one {# entry} other {# entries}}',
  'common.inUse': 'In use',
  'common.inArchive': 'Archive',
  'common.search': 'Search by name',
  'common.tickAll': 'Tick all shown',

  'bins.tick': 'Compare {name}',

  'exchange.open': 'Files in and out',
  'exchange.title': 'Files in and out',
  'exchange.kind': 'What',
  'exchange.components': 'Components',
  'exchange.lots': 'Deliveries',
  'exchange.sieve-tests': 'Sieve analyses',
  'exchange.out': 'Out',
  'exchange.export': 'Save as CSV',
  'exchange.template': 'Empty template',
  'exchange.in': 'In',
  'exchange.hint':
    'CSV in UTF-8 with comma or semicolon; decimal point or comma. First you are told what would happen.',
  'exchange.choose': 'Choose a CSV file',
  'exchange.json': 'Choose a component’s JSON file',
  'exchange.tooLarge': 'The file may have at most 4 MB.',
  'exchange.would': '{added} to add, {changed} to change, {same} the same, {refused} refused.',
  'exchange.did': 'Taken in: {added} added, {changed} changed.',
  'exchange.nothing': 'Nothing was taken in.',
  'exchange.take': 'Take all of it in',
  'exchange.takeGood': 'Take only the {count, plural, one {good row} other {# good rows}} in',
  'exchange.line': 'Line',
  'exchange.status.added': 'add',
  'exchange.status.changed': 'change',
  'exchange.status.same': 'same',
  'exchange.status.refused': 'refused',
  'exchange.onlyRefused': 'Only the refused',
  'exchange.saveJson': 'Save with its history (JSON)',

  'view.csv': 'CSV',
  'view.csvLabel': 'The data of this view as CSV',

  'exchange.plants': 'Plants',
  'exchange.plant-history': 'Histories',
  'exchange.pots': 'Pots',
  'exchange.jsonPlant': 'Choose a plant’s JSON file',
  'exchange.jsonPot': 'Choose a pot’s JSON file',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
