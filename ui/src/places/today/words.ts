export const words = {
  'today.title': 'Today',
  'today.water': 'Look for water first',
  'today.season.frost':
    'Frosty nights: water little, around noon, and only what is not frozen. Evergreens and what stands under a roof are dry first.',
  'today.season.rest':
    'Cold and no growth: leafless plants need little. Evergreens, small pots and what stands under a roof are dry first.',
  'today.season.growth': 'In growth: look every day, at small pots and full crowns first.',
  'today.season.heat':
    'Hot days: look twice, in the morning and after noon. Small pots in the sun may need water twice.',
  'today.waterLasts': 'lasts {hours}',
  'today.waterLeft': '{hours} left',
  'today.waterNow': 'look now',
  'today.waterSince': 'watered {hours} ago',
  'today.watered': 'Watered',
  'today.waits': 'Can wait',
  'today.wateredOf': '{name}: watered',
  'today.waitsOf': '{name}: can wait',
  'today.waterKept': '{verdict, select, water {{name} is watered.} other {{name} can wait.}}',
  'today.waterLimits': 'After the weather that was and all that was tapped; hours without rain. The finger decides.',
  'today.toRound': 'The whole round',
  'today.waterUnknown':
    '{count, plural, one {# plant is} other {# plants are}} not counted: write down pot, mix and place, and the list knows.',
  'today.waterNone': 'Once plants have a pot, a mix and a place, those that are dry first stand here.',

  'today.tasks': 'To look after',
  'today.noTasks': 'Nothing is due today.',
  'today.moreTasks': 'All {count} on the calendar',
  'today.days': 'Potting this week',
  'today.noDays': 'No potting day this week.',
  'today.planDay': 'Plan a potting day',
  'today.low': 'Running low',
  'today.noLow': 'Nothing runs low.',
  'today.lowOf': '{stock} left, mark {low}',
  'today.tests': 'Half-done tests',
  'today.due': 'Due to be repotted',
  'today.noDue': 'No plant is due.',
  'today.moreDue': 'All {count} in Plants',
  'today.recovering': 'In recovery',
  'today.noRecovering': 'No plant is in recovery.',
  'today.pottedOn': 'potted {date}',
  'today.empty': 'Nothing here yet. Add your first plants, or begin with a mix.',
  'today.start': 'Answer the first questions',
  'today.addPlant': 'Add a plant',
  'today.openDay': 'Open',
  'today.toBench': 'To the bench',
  'today.goOn': 'Go on',
  'today.look': 'Look',
  'today.calendar': 'Calendar',
  'today.dayState': '{done} of {plants} potted',

  'calendar.title': 'Calendar',
  'calendar.month': '{month} {year}',
  'calendar.before': 'Month before',
  'calendar.after': 'Month after',
  'calendar.feed': 'Calendar for the phone (iCalendar)',
  'calendar.feedHint': 'As a file it is taken in once; by its address a phone follows it, wherever it reaches Zolbek.',
  'calendar.more': '{count} more',
  'calendar.open': 'Open tasks of this month',
  'calendar.none': 'Nothing is due this month.',
  'today.waterUnsent': '{verdict, select, water {watered} other {can wait}}, not sent yet',
  'calendar.feedDone': 'Close',
  'calendar.feedFile': 'Take the file',
  'calendar.address': 'Address to subscribe to',
  'calendar.addressHint':
    'Whoever has it reads the calendar without signing in, and nothing else. A new one makes the one before lead nowhere.',
  'calendar.noAddress': 'None was made yet.',
  'calendar.addressMade': 'Made {date}.',
  'calendar.makeAddress': 'Make an address',
  'calendar.renewAddress': 'Make a new one',
  'calendar.copy': 'Copy',
  'calendar.copied': 'The address is copied.',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
