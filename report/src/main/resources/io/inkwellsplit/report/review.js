'use strict';
// Settles doubtful values: shows one at a time, lets its cuts be moved, and gathers lines of a corrections file.
(() => {
  const data = JSON.parse(document.getElementById('data').textContent);
  const cases = data.cases;
  const decided = new Map(); // index of a case → the lines it adds to the corrections, and the parts of its words
  const byId = id => document.getElementById(id);
  const LISTED_OF_A_GROUP = 50; // a large group is settled as a whole, and must not hide the others
  const LISTED = 2000; // a browser is slow with more buttons
  cases.forEach((one, at) => { one.at = at; });
  let current = 0;
  let words = [];
  let meant = false; // whether what is suggested was taken: a part then means what does not stand in the value
  let earlier = '';
  let saved = true;

  const isWord = text => /[\p{L}\p{N}]/u.test(text);

  /** Makes an element; texts become text nodes, so no value is ever read as markup. */
  function element(name, attributes = {}, ...children) {
    const made = document.createElement(name);
    for (const [key, value] of Object.entries(attributes)) {
      if (key.startsWith('on')) made.addEventListener(key.slice(2), value);
      else if (value === true) made.setAttribute(key, '');
      else if (value !== false) made.setAttribute(key, value);
    }
    made.append(...children.map(child => (typeof child === 'string' ? visible(child) : child)));
    return made;
  }

  /** Shows a sign for each control character, and for each that turns the direction of writing around. */
  function visible(text) {
    return text
      .replace(/[\u0000-\u0008\u000B\u000C\u000E-\u001F]/g, c => String.fromCharCode(0x2400 + c.charCodeAt(0)))
      .replace(/[\u007F-\u009F\u061C\u200E\u200F\u2028-\u202E\u2066-\u2069]/g, '\uFFFD');
  }

  // ---- the words of a value

  /** Cuts a value wherever a blank stands, or a part begins or ends in any way to read it. */
  function cutWords(one) {
    const ends = new Set([0, one.text.length]);
    one.ways.forEach(way => way.parts.forEach(([, start, end]) => ends.add(start).add(end)));
    for (const blank of one.text.matchAll(/\s+/g)) ends.add(blank.index).add(blank.index + blank[0].length);
    for (const sign of one.text.matchAll(/[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}]/gu)) {
      ends.add(sign.index).add(sign.index + sign[0].length);
    }
    const places = [...ends].sort((a, b) => a - b);
    return places.slice(1)
      .map((end, i) => ({ start: places[i], end, text: one.text.slice(places[i], end), part: '', also: [] }))
      .filter(word => word.text.trim());
  }

  function take(one, way) {
    const cut = cutWords(one);
    for (const word of cut) {
      const its = isWord(word.text) && way
        ? way.parts.filter(([, start, end]) => start <= word.start && word.end <= end).map(([key]) => key) : [];
      [word.part = '', ...word.also] = its;
    }
    return cut;
  }

  /** Makes a word another part; what it was as well, such as the last name of the second person, it is no more. */
  function give(word, part) {
    if (word.part !== part) {
      meant = false;
      word.part = part;
      word.also = [];
    }
  }

  const letters = () => words.filter(word => isWord(word.text));

  /** Words in a row that are one part. */
  function runs() {
    const all = [];
    letters().forEach((word, at) => {
      const last = all[all.length - 1];
      if (last && last.part === word.part) last.words.push(word);
      else all.push({ part: word.part, from: at, words: [word] });
    });
    return all;
  }

  /** The parts with their texts, as a corrections file says them. */
  function parts(one, ofWords) {
    const found = new Map();
    ofWords.filter(word => word.part && isWord(word.text)).forEach(word => [word.part, ...word.also].forEach(part => {
      if (!found.has(part)) found.set(part, []);
      found.get(part).push(word);
    }));
    return [...found].map(([part, its]) => {
      const from = its[0].start;
      const to = its[its.length - 1].end;
      const alone = ofWords.every(word => its.includes(word) || !isWord(word.text) || word.end <= from || word.start >= to);
      const whole = one.text.slice(from, to);
      return [part, alone && !whole.includes(';') ? whole : its.map(word => word.text).join(' ')];
    });
  }

  /** What the suggestion changes: the parts that it has and the likeliest way has not. */
  function changes(one) {
    const read = new Set(is(one, take(one, one.ways[0])).split('; '));
    return one.suggested.split('; ').filter(pair => !read.has(pair));
  }

  const is = (one, ofWords) => parts(one, ofWords).map(([part, text]) => `${part}=${text}`).join('; ');

  /** A part for each word between blanks and commas; nothing where a word would have two. */
  function roles(one, ofWords) {
    const all = [];
    for (const piece of one.text.matchAll(/[^\s,]+/g)) {
      const inside = ofWords.filter(word => isWord(word.text) && word.start < piece.index + piece[0].length && word.end > piece.index);
      const own = new Set(inside.map(word => word.part));
      if (own.size > 1) return null;
      all.push(own.size && [...own][0] ? [...own][0] : '-');
    }
    return all.some(role => role !== '-') ? all : null;
  }

  /** Gives the words of another value of the same shape their parts by their place. */
  function byRoles(one, list) {
    const its = cutWords(one);
    [...one.text.matchAll(/[^\s,]+/g)].forEach((piece, i) => {
      its.filter(word => word.start < piece.index + piece[0].length && word.end > piece.index)
        .forEach(word => give(word, isWord(word.text) && list[i] && list[i] !== '-' ? list[i] : ''));
    });
    return its;
  }

  // ---- cuts

  /** Moves the cut before the word at `at` by one word; returns where it then is. */
  function moveCut(at, step) {
    const all = letters();
    if (step > 0 && at < all.length) {
      give(all[at], all[at - 1].part);
      return at + 1;
    }
    if (step < 0 && at > 0) {
      give(all[at - 1], all[at].part);
      return at - 1;
    }
    return at;
  }

  /** Cuts a run before the word at `at`: what follows becomes the first part that the value has not. */
  function cutHere(at) {
    const all = letters();
    const old = all[at].part;
    const fresh = data.parts[cases[current].column].find(key => !all.some(word => word.part === key));
    for (let i = at; i < all.length && all[i].part === old; i++) give(all[i], fresh);
  }

  let dragged = null;
  document.addEventListener('pointermove', event => {
    if (!dragged) return;
    const all = letters();
    const boxes = [...document.querySelectorAll('#editor .word')].map(box => box.getBoundingClientRect());
    let to = dragged.at;
    while (to < dragged.most && event.clientX > (boxes[to].left + boxes[to].right) / 2) to = moveCut(to, 1);
    while (to > dragged.least && event.clientX < (boxes[to - 1].left + boxes[to - 1].right) / 2) to = moveCut(to, -1);
    if (to !== dragged.at && all.length) {
      dragged.at = to;
      show();
    }
  });
  document.addEventListener('pointerup', () => { dragged = null; });

  // ---- decisions

  const scopes = {
    value: { label: one => `this value only (${rows(one.rows)})`, can: () => true },
    group: {
      label: one => `all ${same(one).length} values of this ${one.layout ? 'layout' : 'shape'} and doubt here (${rows(rowsOf(same(one)))})`
        + (meant ? ', each as suggested' : isOneShape(one) ? '' : `, each ${nth(one) === 1 ? 'by its runner-up' : 'as it is read'}`),
      can: one => same(one).length > 1 && (meant || isOneShape(one) ? roles(one, words) !== null : nth(one) === 0 || nth(one) === 1),
    },
    shape: {
      label: one => `every value of the shape ${one.shape}, now and later, the certain ones too`,
      can: one => !meant && !one.shape.endsWith('…') && roles(one, words) !== null,
    },
  };
  const rows = number => number === 1 ? '1 row' : `${number} rows`;
  const same = one => cases.filter(other => other.group === one.group);
  // The rest of a large group is not on this page: what is settled here are these.
  const rowsOf = some => some.reduce((sum, other) => sum + other.rows, 0);
  const isOneShape = one => same(one).every(other => other.shape === one.shape);
  /** Which of its ways the parts are now; -1 if none. */
  const nth = one => one.ways.findIndex(way => is(one, take(one, way)) === is(one, words));

  function settle() {
    const one = cases[current];
    if (!parts(one, words).length) {
      say('Give at least one word a part.');
      return;
    }
    const scope = document.querySelector('input[name=scope]:checked').value;
    const taught = [...document.querySelectorAll('input[name=word]:checked')]
      .map(box => [one.column, 'word', box.value, box.dataset.part]);
    const list = roles(one, words);
    const asMeant = meant;
    const decide = (other, its, lines) => decided.set(other.at, { lines, parts: its.map(word => word.part), meant: asMeant });
    if (scope !== 'value' && meant) {
      same(one).filter(other => other.suggested)
        .forEach(other => decide(other, take(other, other.ways[0]), [[other.column, 'value', other.text, other.suggested]]));
    } else if (scope !== 'value') {
      const byPlace = scope === 'shape' || isOneShape(one);
      const chosen = nth(one);
      same(one).filter(other => byPlace ? other.shape === one.shape : other.ways[chosen]).forEach(other => {
        const its = byPlace ? byRoles(other, list) : take(other, other.ways[chosen]);
        decide(other, its, scope === 'group' ? [[other.column, 'value', other.text, is(other, its)]] : []);
      });
    }
    const own = scope === 'shape' ? [one.column, 'shape', one.shape, list.join(' ')] : [one.column, 'value', one.text, meant ? one.suggested : is(one, words)];
    decide(one, words, [own, ...taught]);
    saved = false;
    go(next());
  }

  /** The next value that nobody has settled, from here on. */
  function next() {
    for (let i = 1; i <= cases.length; i++) {
      const at = (current + i) % cases.length;
      if (!decided.has(at)) return at;
    }
    return current;
  }

  function takeBack() {
    if (decided.delete(current)) {
      saved = false;
      go(current);
    }
  }

  const cell = text => /[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;

  /** The corrections file: what was there, then every line once. */
  function file() {
    const lines = new Set([...decided.keys()].sort((a, b) => a - b)
      .flatMap(at => decided.get(at).lines).map(line => line.map(cell).join(',')));
    const before = earlier ? earlier.replace(/\r?\n$/, '') : 'Column,For,Text,Is';
    return [before, ...lines].join('\n') + '\n';
  }

  function save() {
    const link = element('a', { href: URL.createObjectURL(new Blob([file()], { type: 'text/csv' })), download: 'corrections.csv' });
    document.body.append(link);
    link.click();
    link.remove();
    saved = true;
    say('The corrections are saved in the folder of your downloads, as corrections.csv.');
  }

  byId('earlier').addEventListener('change', async event => {
    const [chosen] = event.target.files;
    const text = chosen ? (await chosen.text()).replace(/^\uFEFF/, '') : '';
    const fits = /^"?Column"?,"?For"?,"?Text"?,"?Is"?(,|\r?\n|$)/.test(text);
    earlier = fits ? text : '';
    if (!fits) event.target.value = '';
    say(fits ? 'What you decide is added to that file.' : 'That is no corrections file: it must begin with Column,For,Text,Is.');
  });

  // ---- what is seen

  function say(text) {
    byId('progress').textContent = text;
  }

  function progress() {
    const settled = [...decided.keys()];
    const done = settled.reduce((sum, at) => sum + cases[at].rows, 0);
    const all = cases.reduce((sum, one) => sum + one.rows, 0);
    say(`${settled.length} of ${cases.length} values settled, ${done} of ${rows(all)}.`);
  }

  function list() {
    const box = byId('list');
    box.replaceChildren();
    let group = null;
    let items = null;
    let listed = 0;
    let ofGroup = 0;
    cases.forEach((one, at) => {
      if (one.group !== group) {
        group = one.group;
        ofGroup = 0;
        items = element('ul');
        box.append(element('h2', {}, `${one.column}: ${one.layout || one.shape} – ${one.doubts} (${rows(one.groupRows)})`), items);
      }
      const isListed = at === current || (ofGroup < LISTED_OF_A_GROUP && listed < LISTED);
      if (!isListed) return;
      ofGroup += 1;
      listed += 1;
      items.append(element('li', {}, element('button', {
        type: 'button',
        'aria-current': at === current ? 'true' : 'false',
        'data-at': at,
        tabindex: at === current ? '0' : '-1',
        onclick: () => go(at),
      },
      element('span', { class: 'state', 'aria-label': decided.has(at) ? 'settled' : 'open', role: 'img' }, decided.has(at) ? '✓' : '·'),
      element('span', { class: 'text' }, one.text),
      element('span', { class: 'rows' }, rows(one.rows)))));
    });
  }

  function wordsBox(one) {
    const box = element('div', { class: 'words', role: 'group', 'aria-label': 'The words and their parts' });
    const all = runs();
    let read = 0;
    const signsBefore = start => {
      const text = one.text.slice(read, start).trim();
      if (text) box.append(element('span', { class: 'sign' }, text));
    };
    all.forEach((run, i) => {
      signsBefore(run.words[0].start);
      if (i > 0) box.append(cutBox(run, all[i - 1]));
      const line = element('div', { class: 'line' });
      run.words.forEach((word, j) => {
        if (j > 0) {
          const between = one.text.slice(run.words[j - 1].end, word.start).trim();
          line.append(between ? element('span', { class: 'word-sign' }, between) : '', element('button', {
            type: 'button', class: 'gap', 'aria-label': `Cut between ${run.words[j - 1].text} and ${word.text}`, title: 'Cut here',
            onclick: () => { cutHere(run.from + j); show(); focusCut(run.from + j); },
          }, '|'));
        }
        line.append(element('span', { class: 'word' }, word.text));
      });
      read = run.words[run.words.length - 1].end;
      const keys = ['', ...data.parts[one.column]];
      box.append(element('div', { class: 'run' }, line,
        element('select', {
          'aria-label': `Part of ${run.words.map(word => word.text).join(' ')}`,
          onchange: event => { run.words.forEach(word => give(word, event.target.value)); show(); },
        }, ...keys.map(key => element('option', { value: key, selected: key === run.part }, key || 'no part')))));
    });
    signsBefore(one.text.length);
    return box;
  }

  function cutBox(run, before) {
    return element('div', {
      class: 'cut', role: 'slider', tabindex: '0', 'data-at': run.from,
      'aria-label': `Cut between ${before.part || 'no part'} and ${run.part || 'no part'}`,
      'aria-valuemin': before.from, 'aria-valuemax': run.from + run.words.length, 'aria-valuenow': run.from,
      'aria-valuetext': `before ${run.words[0].text}`,
      onkeydown: event => {
        const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (step) {
          event.preventDefault();
          const to = moveCut(run.from, step);
          show();
          focusCut(to);
        }
      },
      onpointerdown: event => {
        event.preventDefault();
        dragged = { at: run.from, least: before.from + 1, most: run.from + run.words.length - 1 };
      },
    });
  }

  function focusCut(at) {
    const cut = document.querySelector(`.cut[data-at="${at}"]`);
    (cut || byId('editor')).focus();
  }

  function waysBox(one) {
    const now = is(one, words);
    const suggested = one.suggested ? [element('li', {}, element('button', {
      type: 'button', 'aria-pressed': meant ? 'true' : 'false', onclick: takeSuggested,
    },
    element('kbd', {}, 's'),
    element('span', {}, 'as suggested: ', ...changes(one).map(pair => element('span', { class: 'pair' },
      element('i', {}, `${pair.slice(0, pair.indexOf('='))} `), pair.slice(pair.indexOf('=') + 1))))))] : [];
    return element('ol', { class: 'ways' }, ...one.ways.map((way, i) => {
      const its = take(one, way);
      return element('li', {}, element('button', {
        type: 'button', 'aria-pressed': !meant && is(one, its) === now ? 'true' : 'false',
        onclick: () => takeWay(way),
      },
      element('kbd', {}, String(i + 1)),
      element('span', {}, ...parts(one, its).map(([part, text]) => element('span', { class: 'pair' }, element('i', {}, `${part} `), text))),
      element('span', { class: 'p' }, way.p.toFixed(3))));
    }), ...suggested);
  }

  function takeWay(way) {
    words = take(cases[current], way);
    meant = false;
    show();
  }

  /** The likeliest way, with what is suggested in place of what is written. */
  function takeSuggested() {
    words = take(cases[current], cases[current].ways[0]);
    meant = true;
    show();
  }

  function show() {
    const one = cases[current];
    const chosen = document.querySelector('input[name=scope]:checked');
    const scope = chosen && scopes[chosen.value].can(one) ? chosen.value : 'value';
    byId('editor').replaceChildren(
      element('h2', {}, one.text),
      element('p', { class: 'why' }, `${one.column}, ${rows(one.rows)}, confidence ${one.confidence}. ${one.why}`),
      element('h3', {}, 'Its parts'),
      wordsBox(one),
      element('h3', {}, 'Ways to read it'),
      waysBox(one),
      element('fieldset', {}, element('legend', {}, 'This holds for'),
        ...Object.entries(scopes).map(([key, kind]) => element('label', { class: kind.can(one) ? '' : 'off' },
          element('input', { type: 'radio', name: 'scope', value: key, checked: key === scope, disabled: !kind.can(one) }),
          ` ${kind.label(one)}`))),
      element('fieldset', {}, element('legend', {}, 'And in the whole column'),
        ...runs().filter(run => run.part).map(run => {
          const text = one.text.slice(run.words[0].start, run.words[run.words.length - 1].end);
          return element('label', {}, element('input', { type: 'checkbox', name: 'word', value: text, 'data-part': run.part }),
            ` ${text} is always ${run.part}`);
        })),
      element('div', { class: 'decide' },
        element('button', { type: 'button', class: 'main', id: 'settle', onclick: settle }, 'Settle, and go on'),
        element('button', { type: 'button', onclick: takeBack, disabled: !decided.has(current) }, 'Take the decision back')));
  }

  function go(at) {
    current = at;
    words = take(cases[at], cases[at].ways[0]);
    if (decided.has(at)) decided.get(at).parts.forEach((part, i) => give(words[i], part));
    meant = decided.has(at) && decided.get(at).meant;
    byId('editor').replaceChildren();
    show();
    list();
    progress();
    const button = document.querySelector(`#list button[data-at="${at}"]`);
    button.scrollIntoView({ block: 'nearest' });
    button.focus({ preventScroll: true });
  }

  document.addEventListener('keydown', event => {
    if ((event.ctrlKey || event.metaKey) && event.key === 's') {
      event.preventDefault();
      save();
      return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.matches('select, input[type=file]')) return;
    const way = cases[current].ways[Number(event.key) - 1];
    const inList = event.target.closest('#list') || event.target === document.body;
    const isButton = event.target.tagName === 'BUTTON' && !inList;
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      if (event.target.tagName === 'INPUT') return;
      event.preventDefault();
      go((current + (event.key === 'ArrowDown' ? 1 : cases.length - 1)) % cases.length);
    } else if (way) {
      takeWay(way);
    } else if (event.key === 's' && cases[current].suggested) {
      takeSuggested();
    } else if (event.key === 'Enter' && !isButton) {
      event.preventDefault();
      settle();
    } else if (event.key === 'Backspace') {
      event.preventDefault();
      takeBack();
    }
  });
  window.addEventListener('beforeunload', event => { if (!saved) event.preventDefault(); });
  byId('save').addEventListener('click', save);

  if (cases.length) {
    byId('intro').textContent = 'Each of these values was read with a doubt. Say how it is to be read: one decision can settle many.'
      + (data.left ? ` ${data.left} more values, which settle fewest rows, are not shown; they come back at the next run.` : '');
    go(0);
  } else {
    byId('intro').textContent = 'Nothing is doubtful: there is nothing to settle.';
    byId('save').disabled = true;
  }
})();
