'use strict';
// Finds pages by their words; all of them are in pages.js, nothing is fetched.
(() => {
  const field = document.getElementById('find'), found = document.getElementById('found');
  const german = document.documentElement.lang === 'de';
  field.form.addEventListener('submit', event => event.preventDefault());
  field.addEventListener('input', () => {
    const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
    const score = ([, title, text]) => words.every(w => (title + ' ' + text).toLowerCase().includes(w))
      ? words.reduce((s, w) => s + (title.toLowerCase().includes(w) ? 50 : 0) +
          text.toLowerCase().split(w).length, 0) : 0;
    const hits = words.length ? PAGES.filter(p => p[0].startsWith('de/') === german || !german && !p[0].includes('/'))
      .map(p => [score(p), p]).filter(([s]) => s).sort((a, b) => b[0] - a[0]).slice(0, 12) : [];
    found.hidden = !hits.length;
    found.replaceChildren(...hits.map(([, [path, title]]) => {
      const item = document.createElement('li'), link = document.createElement('a');
      link.href = field.dataset.up + path;
      link.textContent = title;
      item.append(link);
      return item;
    }));
  });
})();
