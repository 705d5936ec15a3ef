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
  'keys.season': 'Go to Seasons',
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
  'people.you': 'Who you are here',
  'people.atDesk': 'You are at the machine itself: nobody is asked here. Signed in, your name stands with what you do.',
  'people.signIn': 'Sign in',
  'people.signOut': 'Sign out',
  'people.signedOut': 'Signed out',
  'people.signedOutHint': 'This session has ended. Sign in again: what you typed is still here.',
  'people.door': 'Who are you? Over the network of the yard it is to be known.',
  'people.byPassword': 'By name and password',
  'people.byPin': 'By PIN',
  'people.forgotten':
    'Forgotten? An owner sets a new password under People; at the machine, ./zolbek person NAME does.',
  'people.pinOf': 'PIN of {name}',
  'people.pairHint': 'This device becomes known. Type the code that the desk shows.',
  'people.deviceName': 'Name of this device',
  'people.deviceHint': 'Such as "shed tablet", so that it can be told from others.',
  'people.pairThis': 'Make this device known',
  'people.paired': 'This device is known as that of {name}. Choose a PIN: it is enough here from now on.',
  'people.pin': 'PIN',
  'people.pinHint': 'Four to eight digits, not all the same and not counted up.',
  'people.keepPin': 'Keep the PIN',
  'people.noPin': 'Not now',
  'people.noPinHint': 'Without a PIN you stay signed in on this device for a month.',
  'people.toPeople': 'People and this installation',
  'people.newPin': 'New PIN',
  'people.newPassword': 'New password',
  'people.pinKept': 'The PIN is kept.',
  'people.passwordKept': 'The password is changed; elsewhere you are signed out.',
  'people.passwordNow': 'Password until now',
  'people.keepPassword': 'Change the password',
  'unsent.title': 'Not sent yet',
  'unsent.waiting': '{count, plural, one {# tap} other {# taps}} not sent yet.',
  'unsent.hint': 'The server is not reached. What you tap is kept on this device and sent in order when it is.',
  'unsent.try': 'Try now',
  'unsent.refused': 'Not taken: {what}, tapped at {time}.',
  'unsent.seen': 'Understood',
  'unsent.tick': 'a tick at the tub',
  'unsent.load': 'a load that was mixed',
  'unsent.entry': 'a plant of the day',
  'unsent.water': 'a look at water',
  'unsent.round': 'a round with the can',
} as const;

type Said = typeof words;

declare module '../i18n/words' {
  interface Catalogue extends Said {}
}
