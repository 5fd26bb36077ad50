// Plays items in a QTI 3 player and says what each answer scored.
const later = {};
const Player = window.qti3Player.Qti3Player ?? window.qti3Player.default ?? window.qti3Player;
const vm = new Vue({
  render: (h) =>
    h(Player, {
      props: { suppressAlertMessages: true, suppressInvalidResponseMessages: true },
      on: {
        notifyQti3PlayerReady: (player) => (later.player = player),
        notifyQti3ItemReady: () => later.ready?.(),
        notifyQti3EndAttemptCompleted: (data) => later.ended?.(data.state),
      },
    }),
}).$mount('#app');

const control = { max_attempts: 0, show_feedback: true, validate_responses: false };

let opened = 0;

/** Each time under another name: the player does not open an item again that lies there already. */
const open = (xml) =>
  new Promise((ready) => {
    opened += 1;
    later.ready = ready;
    later.player.loadItemFromXml(xml.replace(/ identifier="[^"]*"/, ` identifier="item-${opened}"`), {
      guid: `item-${opened}`,
      status: 'interacting',
      sessionControl: control,
    });
  });

/** The place to answer that a response belongs to. */
function place(component, id) {
  if (component.responseIdentifier === id && component.setResponse) return component;
  return component.$children.reduce((found, child) => found ?? place(child, id), null);
}

async function scored(xml, responses) {
  await open(xml);
  Object.entries(responses).forEach(([id, value]) => place(vm, id).setResponse(value));
  const state = await new Promise((ended) => {
    later.ended = ended;
    later.player.endAttempt('next');
  });
  return (outcome) => state.outcomeVariables.find((v) => v.identifier === outcome).value;
}

const texts = (element, query) => [...element.querySelectorAll(query)].map((e) => e.textContent);

function rightOnes(item) {
  return Object.fromEntries(
    [...item.querySelectorAll('qti-response-declaration')].map((declared) => {
      const values = texts(declared, 'qti-correct-response qti-value');
      const single = declared.getAttribute('cardinality') === 'single';
      return [declared.getAttribute('identifier'), single ? (values[0] ?? null) : values];
    }),
  );
}

/** The answer that a condition waits for. */
function awaited(condition) {
  const test = condition.firstElementChild;
  const values = texts(test, 'qti-base-value');
  const answer = {
    'qti-or': () => values[0],
    'qti-string-match': () => values[0],
    'qti-match': () => (test.querySelector('qti-multiple, qti-ordered') ? values : values[0]),
    'qti-equal': () => Array.from({ length: Number(values[0]) }, (_, i) => `A${i}`),
    'qti-inside': () => test.getAttribute('coords').split(',').slice(0, 2).join(' '),
  }[test.localName];
  return [test.querySelector('[identifier]').getAttribute('identifier'), answer()];
}

window.play = async (xml) => {
  const item = new DOMParser().parseFromString(xml, 'text/xml').documentElement;
  const right = rightOnes(item);
  const outcome = await scored(xml, right);
  const read = item.querySelector('[external-scored]') !== null;
  const faults = read || outcome('SCORE') === outcome('MAXSCORE') ? [] : [`right answers score ${outcome('SCORE')}`];
  for (const condition of item.querySelectorAll('qti-response-else-if')) {
    const [variable, answer] = awaited(condition);
    const missed = await scored(xml, { ...right, [variable]: answer });
    if (missed('SCORE') >= missed('MAXSCORE')) faults.push(`${variable} = ${answer} scores full`);
    const said = [...condition.querySelectorAll('[identifier="FEEDBACK"] > * > qti-base-value')].map((e) => e.textContent);
    if (!said.every((id) => missed('FEEDBACK').includes(id))) faults.push(`${variable} = ${answer} says nothing`);
  }
  return faults;
};
