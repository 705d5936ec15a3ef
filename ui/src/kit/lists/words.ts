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
  'exchange.format': 'As',
  'exchange.export': 'Save {what}',
  'exchange.more': 'Another table',
  'exchange.more.movements': 'movements of stock',
  'exchange.more.tests': 'bench tests',
  'exchange.more.recipes': 'recipes',
  'exchange.more.batches': 'batches',
  'exchange.more.days': 'potting days',
  'exchange.more.tasks': 'tasks',
  'exchange.more.checks': 'moisture checks',
  'exchange.more.sites': 'sites',
  'exchange.yard': 'The whole yard',
  'exchange.yardHint':
    'Every record and picture as one file. It is taken in where there is no yard yet: in a new folder, before anything is written down.',
  'exchange.yardOut': 'Save the whole yard (ZIP)',
  'exchange.backup': 'Backup',
  'exchange.backupHint':
    'A backup is put back where the data lies, by ./zolbek restore. Copies of the last days and weeks are made by themselves.',
  'exchange.yardIn': 'Choose the file of a whole yard',
  'exchange.yardTaken': 'The yard is here: {rows} rows.',
  'exchange.template': 'Empty template',
  'exchange.in': 'In',
  'exchange.hint':
    'A spreadsheet, or CSV in UTF-8 with comma or semicolon; decimal point or comma. First you are told what would happen.',
  'exchange.choose': 'Choose a table (CSV, ODS, XLSX)',
  'exchange.json': 'Choose a component’s JSON file',
  'exchange.tooLarge': 'The file may have at most {mb} MB.',
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
  'exchange.weather': 'Days of weather',
  'exchange.jsonPlant': 'Choose a plant’s JSON file',
  'exchange.jsonPot': 'Choose a pot’s JSON file',
  'exchange.growth': 'Growth',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
