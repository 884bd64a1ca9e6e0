// A page holds no control of its own: each is wrapped once, in ui/ (docs/decisions/0031).
const CONTROLS = new Set(['input', 'select', 'textarea']);

export default {
  meta: {
    type: 'problem',
    docs: { description: 'controls come from ui/' },
    schema: [],
    messages: { bare: 'Take a control of app/src/ui/field: v-text, v-field, v-choice, v-check, v-day …' },
  },
  create(context) {
    return {
      Element(node) {
        if (!CONTROLS.has(node.name)) return;
        const { start, end } = node.sourceSpan;
        const at = (place) => context.sourceCode.getLocFromIndex(place.offset);
        context.report({ loc: { start: at(start), end: at(end) }, messageId: 'bare' });
      },
    };
  },
};
