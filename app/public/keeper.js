// The service worker: Angular's, with what it does where the storage is full. It notes down who looks at
// which version; where that cannot be written, it would answer nothing, and the page could not be opened
// any more, not even to take the household's file out of it.

/** What it notes for itself; it has the same in memory. */
const NOTES = /\/(assignments|latest|manifests)$/;

const put = Cache.prototype.put;
Cache.prototype.put = function (request, response) {
  return put.call(this, request, response).catch((error) => {
    const { pathname } = new URL(typeof request === 'string' ? request : request.url, self.location.href);
    if (error.name !== 'QuotaExceededError' || !NOTES.test(pathname)) throw error;
  });
};

const respondWith = FetchEvent.prototype.respondWith;
FetchEvent.prototype.respondWith = function (answer) {
  const { request } = this;
  return respondWith.call(
    this,
    Promise.resolve(answer).catch(() => answerOf(request)),
  );
};

/** From the server; where nobody answers, what is kept of any version. */
async function answerOf(request) {
  try {
    return await fetch(request);
  } catch (error) {
    const kept = await caches.match(
      request.mode === 'navigate' ? new URL('index.html', self.location.href) : request,
    );
    if (!kept) throw error;
    return kept;
  }
}

// Where scripts have to be trusted, its own is.
self.trustedTypes?.createPolicy('default', {
  createScriptURL: (url) => {
    if (new URL(url, self.location.href).origin === self.location.origin) return url;
    throw new TypeError('No script is taken from elsewhere.');
  },
});
importScripts('./ngsw-worker.js');
