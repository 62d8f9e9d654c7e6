// What somebody reads or hears comes from packages/words: no sentence stands in the code.

/** Attributes whose text is seen or heard. */
const HEARD =
  /^(aria-(label|description|roledescription|valuetext)|title|alt|placeholder|label|action|heading|hint|caption|legend|empty|what|says|more|detail)$/;
/** Calls whose texts nobody reads: errors of a programmer, queries, names of files and of elements. */
const UNREAD =
  /(^|\.)(\w*Error|warn|error|log|query|querySelector(All)?|includes|startsWith|endsWith|split|replace|replaceAll|test|match|matchAll|indexOf|addEventListener|setAttribute|toHaveText|Logger|RegExp|Symbol|hash|set|loadScript|createElementNS|any|forms|postMessage)$/;
/** Properties and variables that hold code: styles, paths, queries. */
const CODE =
  /class|style|transform|font|path|url|href|sql|select|columns|^d$|mime|accept|font|media|transition|grid|filter|viewBox|points|textposition|^(alike|famil(y|ies)|key|own|shared)$/i;
const CODE_TEXT =
  /^[\w-]+\(|\dpx\b|^#|\/\/|^[\w.+-]+\/[\w.+*;= -]+$|--[a-z]|font-face|Archivo|Atkinson|_figure|\bvar\(|^(?=.*[\d%])[\d\s.%a-z-]+$|^[a-z-]+( \u0001)+$|^[A-Z_ ]+$|=>|\bas const\b|^(SELECT|INSERT|UPDATE|DELETE|CREATE|ALTER|DROP|SHOW|SET|WITH|REPLACE|COALESCE|FROM|WHERE|LEFT JOIN)\b|^JOIN \w+ \w+ ON|no-cache|= \?| IN \(|IS (NOT )?NULL/;

const letters = /\p{L}{2,}/u;
/** Two words side by side, one word with a capital that is no code, or a word with a mark of a sentence. */
const reads = (text) =>
  letters.test(text) &&
  !CODE_TEXT.test(text.trim()) &&
  (/\p{L}[\p{L}’-]*[,:;.?!…]?\s+[\p{L}\d“({\u0001]/u.test(text) ||
    /^\s*\p{Lu}\p{Ll}+[ .:?!…]*$/u.test(text) ||
    /\p{L}[.?!…]\s*$/u.test(text));

const textOf = (node) =>
  node.type === 'Literal'
    ? typeof node.value === 'string'
      ? node.value
      : ''
    : node.quasis.map((q) => q.value.cooked ?? '').join('\u0001');

const calleeName = (node) => {
  const { callee } = node;
  if (!callee) return '';
  if (callee.type === 'Identifier') return callee.name;
  return callee.type === 'MemberExpression' && callee.property.type === 'Identifier' ? `x.${callee.property.name}` : '';
};

/** Whether nobody reads what stands here: a type, a key, something that is compared, a query. */
function isUnread(node) {
  let [child, parent] = [node, node.parent];
  while (parent) {
    if (
      parent.type.startsWith('TS') &&
      parent.type !== 'TSAsExpression' &&
      parent.type !== 'TSNonNullExpression' &&
      parent.type !== 'TSSatisfiesExpression'
    )
      return true;
    if (
      ['ImportDeclaration', 'ExportNamedDeclaration', 'ExportAllDeclaration', 'SwitchCase'].includes(parent.type) &&
      child === (parent.source ?? parent.test)
    )
      return true;
    if (parent.type === 'ImportExpression') return true;
    if (parent.type === 'BinaryExpression' && /^(===|!==|in|<|>)$/.test(parent.operator)) return true;
    if (parent.type === 'MemberExpression' && parent.property === child) return true;
    if (
      (parent.type === 'Property' || parent.type === 'PropertyDefinition') &&
      (parent.key === child || CODE.test(parent.key.name ?? parent.key.value ?? ''))
    )
      return true;
    if (parent.type === 'VariableDeclarator' && parent.id.type === 'Identifier' && CODE.test(parent.id.name)) return true;
    if (
      (parent.type === 'CallExpression' || parent.type === 'NewExpression') &&
      parent.callee !== child &&
      UNREAD.test(calleeName(parent))
    )
      return true;
    if (parent.type === 'AssignmentExpression' && CODE.test(parent.left.property?.name ?? '')) return true;
    if (parent.type === 'TaggedTemplateExpression' || parent.type === 'Decorator') return true;
    if (parent.type === 'JSXAttribute')
      return parent.name.name === 'key' || (!HEARD.test(parent.name.name ?? '') && CODE.test(String(parent.name.name)));
    if (/Function|Statement|Declaration$|JSXElement|JSXFragment/.test(parent.type)) return false;
    [child, parent] = [parent, parent.parent];
  }
  return false;
}

/** Whether it is itself what an element shows, be it on a condition. */
function isShown(node) {
  let [child, parent] = [node, node.parent];
  while (parent.type === 'LogicalExpression' || (parent.type === 'ConditionalExpression' && parent.test !== child))
    [child, parent] = [parent, parent.parent];
  return parent.type === 'JSXExpressionContainer' && /JSXElement|JSXFragment/.test(parent.parent.type);
}

/** Whether it stands in a sentence where nothing else is known: `say('…', { name: name || 'it' })`. */
function isFallbackSaid(node) {
  let [child, parent] = [node, node.parent];
  let fallsBack = false;
  while (parent.type === 'LogicalExpression' || parent.type === 'ConditionalExpression') {
    fallsBack ||= parent.type === 'LogicalExpression' && parent.right === child;
    [child, parent] = [parent, parent.parent];
  }
  const call = parent.type === 'Property' && parent.value === child && parent.parent.parent;
  return fallsBack && call && call.type === 'CallExpression' && /^(say|told)$/.test(calleeName(call));
}

export const wordsFromCatalogue = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { literal: 'Words come from packages/words: “{{text}}” belongs into a catalogue, and `say` or `<Say>` here.' },
  },
  create(context) {
    const report = (node, text) =>
      context.report({ node, messageId: 'literal', data: { text: text.replaceAll('\u0001', '…').trim().slice(0, 60) } });
    const judge = (node) => {
      const text = textOf(node);
      if ((reads(text) && !isUnread(node)) || (letters.test(text) && (isShown(node) || isFallbackSaid(node)))) report(node, text);
    };
    return {
      JSXText: (node) => letters.test(node.value) && report(node, node.value),
      JSXAttribute: (node) => {
        if (node.value?.type === 'Literal' && HEARD.test(String(node.name.name)) && letters.test(textOf(node.value)))
          report(node, textOf(node.value));
      },
      Literal: (node) => node.parent.type !== 'JSXAttribute' && judge(node),
      TemplateLiteral: judge,
    };
  },
};
