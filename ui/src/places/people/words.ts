export const words = {
  'people.title': 'People',
  'people.about':
    'Who may come in over the network of the yard, and what each may do there. At the machine itself nobody is asked.',
  'people.none':
    'Nobody yet: whoever sits at this machine does everything. To let a tablet or a helper in, begin with an owner.',
  'people.add': 'Add a person',
  'people.addOwner': 'Add the owner',
  'people.change': 'Name and role',
  'people.firstHint': 'The first one owns the yard: may let others in, look after copies and change settings.',
  'people.roleLabel': 'What they may do',
  'people.may.reader': 'Looks at everything, computes, changes nothing.',
  'people.may.helper': 'The bench, checks, watering and tasks too.',
  'people.may.grower': 'All of the job.',
  'people.may.owner': 'People, copies and settings too.',
  'people.passwordIfAny': 'Password (a paired device needs none)',
  'people.hasPassword': 'has a password',
  'people.hasNoPassword': 'has no password',
  'people.hasPin': 'has a PIN',
  'people.aDevice': 'A device',
  'people.seen': 'last signed in {date}',
  'people.forget': 'Forget',
  'people.forgot': '{name} is no longer known.',
  'people.pair': 'Pair a device',
  'people.setPassword': 'Set password',
  'people.goes': 'Leaves',
  'people.gone': '{count, plural, one {# who left} other {# who left}}',
  'people.passwordOf': 'New password for {name}',
  'people.passwordSetHint': '{name} is signed out everywhere and signs in with the new one.',
  'people.passwordSet': '{name} has a new password.',
  'people.pairOf': 'Pair a device of {name}',
  'people.codeAnew': 'Another code',
  'people.codeDone': 'Done',
  'people.scan': 'Scan this with the camera of the device, or open:',
  'people.notServed':
    'Zolbek is served for this machine alone. Start it with ./zolbek serve --lan, then open /pair there and type:',
  'people.codeUntil': 'For one device, until {time}.',
  'people.warning':
    'With a certificate of its own the browser warns once that it does not know it. That is expected: compare the address, then go on.',
  'people.installation': 'This installation',
  'people.mb': '{mb} MB',
  'people.gb': '{gb} GB',
  'people.lastCopy': 'Last copy',
  'people.noCopy': 'none yet',
  'people.clock': 'Clock',
  'people.clockBehind': 'went back: something was written on {date}. Set it right.',
  'people.data': 'Data',
  'people.pictures': 'Pictures',
  'people.free': 'Free on the disk',
  'people.errors': 'Went wrong',
  'people.slow': 'Slow ({ms} ms and more)',
  'people.counted': '{today} today, {week} in a week',
  'people.workers': 'Workers',
  'people.network': 'Over the network',
  'people.noNetwork': 'not served',
  'people.version': 'Version',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
