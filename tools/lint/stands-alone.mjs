// A browser test needs no other before it: it keeps nothing for the next one outside of itself, and where it shares
// a page with others it goes somewhere first, or all of them do so in a beforeEach.
const ARRIVALS = new Set([
  ...['goTo', 'goOn', 'holds', 'begin', 'beginByHand', 'answerHowToCount'],
  // By a link that stands on every page.
  ...['buy', 'freshWindow', 'launch', 'at'],
]);
const TESTS = new Set(['it', 'story']);
/** A describe: its own tests, how many more are in those within it, and what they have in common. */
const BLOCK = () => ({ tests: [], deeper: 0, sharesPage: false, arrives: false });

export const standsAlone = {
  meta: {
    type: 'problem',
    docs: { description: 'every browser test can be run without the others' },
    schema: [],
    messages: {
      kept: 'Another test would need this one before it: set “{{name}}” in beforeAll, or make both steps of a story (e2e/story).',
      stays:
        'It begins where another test has left the page: go somewhere first (person.goOn), or make both steps of a story (e2e/story).',
    },
  },
  create(context) {
    const around = [BLOCK()];
    const leave = () => {
      for (const test of dependent(around)) context.report({ node: test, messageId: 'stays' });
      const { tests, deeper } = around.pop();
      if (around.length > 0) around.at(-1).deeper += tests.length + deeper;
    };
    return {
      CallExpression(node) {
        const name = calledName(node.callee);
        const here = around.at(-1);
        if (name === 'describe') around.push(BLOCK());
        else if (TESTS.has(name)) here.tests.push(node);
        else if (name === 'beforeAll')
          here.sharesPage ||= /\bPerson\.at\(/.test(context.sourceCode.getText(node));
        else if (name === 'beforeEach') here.arrives ||= goesSomewhere(node);
      },
      'CallExpression:exit'(node) {
        if (calledName(node.callee) === 'describe') leave();
      },
      'AssignmentExpression[left.type="Identifier"]'(node) {
        const test = testAround(node);
        if (test && !isWithin(test, definitionOf(context, node.left)))
          context.report({ node, messageId: 'kept', data: { name: node.left.name } });
      },
      'Program:exit': leave,
    };
  },
};

/** Which tests of the innermost block share a page with others, and stay where those have left it. */
function dependent(around) {
  const { tests, deeper } = around.at(-1);
  const isAlone = tests.length + deeper < 2 && around.slice(0, -1).every((outer) => !outer.sharesPage);
  const isShared = around.some(({ sharesPage }) => sharesPage);
  if (isAlone || !isShared || around.some(({ arrives }) => arrives)) return [];
  return tests.filter((test) => firstAct(test) && !goesSomewhere(test));
}

/** it, it.each(…)(…), describe.each(…)(…): what is called in the end. */
function calledName(callee) {
  if (callee.type === 'Identifier') return callee.name;
  if (callee.type === 'CallExpression') return calledName(callee.callee);
  return callee.property?.name === 'each' ? calledName(callee.object) : undefined;
}

/** Whether what is done first brings a page to a place of its own. */
function goesSomewhere(call) {
  const { callee } = firstAct(call) ?? {};
  return ARRIVALS.has(callee?.property?.name ?? callee?.name);
}

/** What is awaited first, or handed back to be awaited; undefined where nothing is. */
function firstAct(call) {
  const given = call.arguments.filter(({ type }) => /^(Arrow)?Function|^Object/.test(type));
  const awaited = given.map(firstAwaited).find(Boolean)?.argument;
  return awaited ?? given.map(({ body }) => body).find((body) => body?.type === 'CallExpression');
}

function firstAwaited(node) {
  if (!node || typeof node.type !== 'string') return undefined;
  if (node.type === 'AwaitExpression') return node;
  for (const [key, value] of Object.entries(node)) {
    if (key === 'parent') continue;
    for (const each of Array.isArray(value) ? value : [value]) {
      const found = firstAwaited(each);
      if (found) return found;
    }
  }
  return undefined;
}

function testAround(node) {
  for (let each = node.parent; each; each = each.parent)
    if (each.type === 'CallExpression' && TESTS.has(calledName(each.callee))) return each;
  return undefined;
}

function definitionOf(context, identifier) {
  for (let scope = context.sourceCode.getScope(identifier); scope; scope = scope.upper) {
    const variable = scope.set.get(identifier.name);
    if (variable) return variable.defs[0]?.node;
  }
  return undefined;
}

function isWithin(outer, node) {
  return node !== undefined && node.range[0] >= outer.range[0] && node.range[1] <= outer.range[1];
}
