export const words = {
  'today.title': 'Today',
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
  'calendar.feed': 'Calendar file for the phone (iCalendar)',
  'calendar.feedHint': 'Opened once it is taken in; subscribed to, it follows. It is only reachable where Zolbek runs.',
  'calendar.more': '{count} more',
  'calendar.open': 'Open tasks of this month',
  'calendar.none': 'Nothing is due this month.',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
