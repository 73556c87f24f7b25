'use strict';
// Shows what it is told to, and tells when it is really there. Messages: docs/patch-page.md.
(() => {
  const words = document.currentScript.dataset;
  const at = id => document.getElementById(id);
  const stage = at('stage'), patch = at('patch');
  const KEY = 'bold-lantern-token';
  let socket = null, shown = null, retry = 0, over = false;

  const send = message => {
    if (socket && socket.readyState === WebSocket.OPEN) socket.send(JSON.stringify(message));
  };
  const fills = () => Boolean(document.fullscreenElement) ||
    (innerWidth >= screen.width && innerHeight >= screen.height);
  const gamut = () => ['rec2020', 'p3', 'srgb'].find(g => matchMedia(`(color-gamut: ${g})`).matches) || '';
  const facts = () => ({
    visible: document.visibilityState === 'visible', fills: fills(),
    width: Math.round(innerWidth * devicePixelRatio), height: Math.round(innerHeight * devicePixelRatio),
    ratio: devicePixelRatio, depth: screen.colorDepth, gamut: gamut(),
  });

  function idle(text) {
    shown = null;
    stage.hidden = true;
    at('idle').hidden = false;
    at('says').textContent = text;
  }

  // A frame begins once the one before was handed over, which does not say that it is on the glass:
  // after the page came to the front or connected, a browser's first frames may stay behind. Each
  // frame differs from the last one by a dot, so that none is left out.
  const FRAMES = 3, FRAMES_AFTER_COMING = 30;
  let framesToPass = FRAMES_AFTER_COMING;
  function painted(then, frames = framesToPass) {
    at('dot').style.background = frames % 2 ? '#000' : '#010101';
    requestAnimationFrame(() => {
      if (frames > 1) return painted(then, frames - 1);
      framesToPass = FRAMES;
      then();
    });
  }

  function show({ n, rgb, region }) {
    at('idle').hidden = true;
    stage.hidden = false;
    const box = region || ownRegion();
    Object.assign(patch.style, {
      left: `${100 * box.left}%`, top: `${100 * box.top}%`,
      width: `${100 * box.width}%`, height: `${100 * box.height}%`,
      background: `rgb(${rgb[0]}, ${rgb[1]}, ${rgb[2]})`,
    });
    shown = { n, at: null, whole: true };
    painted(() => {
      if (!shown || shown.n !== n) return;
      shown.at = performance.now();
      send({ shown: n, ...facts() });
    });
  }

  // A square in the middle, the same share of light on a screen of any shape.
  function ownRegion() {
    const side = 0.5 * Math.min(innerWidth, innerHeight);
    return { left: 0.5 - side / innerWidth / 2, top: 0.5 - side / innerHeight / 2,
             width: side / innerWidth, height: side / innerHeight };
  }

  function still(n) {
    const same = shown && shown.n === n && shown.at !== null && shown.whole;
    painted(() => send({ still: n, ms: same ? performance.now() - shown.at : -1 }));
  }

  function files(list) {
    at('files').replaceChildren(...list.map(({ title, path }) => {
      const item = document.createElement('li'), link = document.createElement('a');
      link.href = path;
      link.textContent = title;
      link.target = '_blank';
      link.rel = 'noopener';
      item.append(link);
      return item;
    }));
  }

  function askCode(text) {
    idle(text);
    at('pair').hidden = false;
    at('fill').hidden = at('hint').hidden = true;
    at('name').textContent = 'Bold Lantern';
    at('code').value = '';
    at('code').focus();
  }

  function onMessage(message) {
    if (message.welcome) {
      localStorage.setItem(KEY, message.welcome.token);
      retry = 0;
      framesToPass = FRAMES_AFTER_COMING;
      at('pair').hidden = true;
      at('name').textContent = document.title = message.welcome.name;
      at('fill').hidden = !document.documentElement.requestFullscreen;
      at('hint').hidden = false;
      idle(words.ready);
      wakeLock();
    } else if (message.refused) {
      if (message.refused === 'token') localStorage.removeItem(KEY);
      askCode({ code: words.wrong, busy: words.busy }[message.refused] || words.new);
    } else if (message.elsewhere) {
      over = true;
      idle(words.elsewhere);
      socket.close();
    } else if (message.show) show(message.show);
    else if (message.hide) idle(words.ready);
    else if ('words' in message) at('words').textContent = message.words;
    else if (message.still) still(message.still);
    else if (message.files) files(message.files);
  }

  // The code in the address, as it was scanned from the program's window; good for once.
  function scanned() {
    const code = /^#(\d{6})$/.exec(location.hash)?.[1];
    if (code) history.replaceState(null, '', '/');
    return code;
  }

  function connect() {
    socket = new WebSocket(`ws://${location.host}/page`);
    socket.onopen = () => {
      const token = localStorage.getItem(KEY), code = scanned();
      if (token) send({ hello: { token }, ...facts() });
      else if (code) send({ hello: { code, name: '' }, ...facts() });
      else askCode(words.new);
    };
    socket.onmessage = event => onMessage(JSON.parse(event.data));
    socket.onclose = () => {
      if (over) return;
      idle(retry > 3 ? words.off : words.lost);
      at('pair').hidden = true;
      setTimeout(connect, Math.min(5000, 250 * 2 ** retry++));
    };
  }

  async function wakeLock() { // only where the browser lets a page without encryption have it
    try { await navigator.wakeLock?.request('screen'); } catch { /* the person was told to */ }
  }

  function changed() {
    if (shown) shown.whole = false;
    framesToPass = FRAMES_AFTER_COMING;
    send({ changed: true, ...facts() });
  }

  at('pair').addEventListener('submit', event => {
    event.preventDefault();
    send({ hello: { code: at('code').value.replace(/\D/g, ''), name: at('called').value }, ...facts() });
  });
  at('fill').addEventListener('click', () => document.documentElement.requestFullscreen());
  document.addEventListener('visibilitychange', changed);
  document.addEventListener('fullscreenchange', changed);
  window.addEventListener('resize', changed);
  window.addEventListener('pagehide', changed);
  connect();
})();
