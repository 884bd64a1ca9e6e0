// Every field says what it is: by a label around it, a label for its id, or a name of its own.
const FIELDS = new Set(['input', 'select', 'textarea']);
const NAMES = ['aria-label', 'aria-labelledby'];

/** What an attribute says, written plainly or bound; undefined where it is missing. */
function attribute(element, ...names) {
  const plain = element.attributes.find(({ name }) => names.includes(name));
  const bound = element.inputs.find(({ name }) => names.includes(name));
  return plain ? `'${plain.value}'` : bound?.value?.source;
}

export default {
  meta: {
    type: 'problem',
    docs: { description: 'every field in a template has a label' },
    schema: [],
    messages: {
      unlabelled: 'This field has no label: put one around it, or one for its id, or an aria-label.',
    },
  },
  create(context) {
    const labelled = new Set();
    const fields = [];
    const labels = [];
    return {
      Element(node) {
        if (node.name === 'label') {
          labels.push(node);
          const of = attribute(node, 'for', 'htmlFor');
          if (of !== undefined) labelled.add(of);
        }
        if (FIELDS.has(node.name) && attribute(node, 'type') !== "'hidden'") fields.push(node);
      },
      'Program:exit'() {
        for (const field of fields) {
          const isNamed = NAMES.some((name) => attribute(field, name) !== undefined);
          const isWithin = labels.some((label) => holds(label, field));
          if (!isNamed && !isWithin && !labelled.has(attribute(field, 'id')))
            context.report({ loc: field.loc ?? placeOf(context, field), messageId: 'unlabelled' });
        }
      },
    };
  },
};

function holds(outer, inner) {
  return (
    outer.sourceSpan.start.offset <= inner.sourceSpan.start.offset &&
    outer.sourceSpan.end.offset >= inner.sourceSpan.end.offset
  );
}

function placeOf(context, { sourceSpan: { start, end } }) {
  return {
    start: context.sourceCode.getLocFromIndex(start.offset),
    end: context.sourceCode.getLocFromIndex(end.offset),
  };
}
