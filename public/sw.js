// Keeps the shell of the application on the device, so that it opens without a connection: the page as it was last, and the files that it named. Never what the
// server answers: that belongs to who is signed in.

const SHELL = 'zolbek-shell';
const PAGE = '/';
const MOST = 200;

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(SHELL).then((shell) => shell.add(PAGE)).then(() => self.skipWaiting()));
});
self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api/')) {
    return;
  }
  if (url.pathname.startsWith('/build/assets/')) {
    event.respondWith(kept(request));
  } else if (request.mode === 'navigate') {
    event.respondWith(page(request));
  }
});

// files are named after what is in them: one that is here is the right one
async function kept(request) {
  const shell = await caches.open(SHELL);
  const here = await shell.match(request);
  if (here !== undefined) {
    return here;
  }
  const answer = await fetch(request);
  if (answer.ok) {
    await shell.put(request, answer.clone());
    const all = await shell.keys();
    await Promise.all(all.slice(1, Math.max(1, all.length - MOST)).map((old) => shell.delete(old)));
  }

  return answer;
}

async function page(request) {
  const shell = await caches.open(SHELL);
  try {
    const answer = await fetch(request);
    // a picture that somebody opens by its address is no page to come back to
    if (answer.ok && answer.headers.get('Content-Type')?.startsWith('text/html')) {
      await shell.put(PAGE, answer.clone());
    }

    return answer;
  } catch (fault) {
    const here = await shell.match(PAGE);
    if (here === undefined) {
      throw fault;
    }

    return here;
  }
}
