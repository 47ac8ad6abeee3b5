// ESLint rule: no operation by its name outside of its own folder or sketch.
// What differs from one operation to the next is a fact of the operation.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ESLintUtils } from '@typescript-eslint/utils';

/** Names of operations: each has a folder. Asking for a type takes long, so only these are asked for. */
const NAMES = new Set(
  readdirSync(join(import.meta.dirname, '../core/src/operation'), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name),
);

/** A type that lists so many names of operations is one of operations: a tool "drill" is not. */
const MANY = 12;
const SIGNS = [
  'turn',
  'face',
  'shoulder',
  'mill-side',
  'mill-slot',
  'plunge',
  'ramp',
  'mill-bore',
  't-slot',
  'fly-cut',
];

const literalsOf = (type) =>
  (type?.isUnion?.() ? type.types : type ? [type] : []).filter((one) => one.isStringLiteral?.());

const listsOperations = (type) => {
  const names = literalsOf(type).map(({ value }) => value);
  return names.length >= MANY && SIGNS.every((sign) => names.includes(sign));
};

const keysAreOperations = (type) => {
  const names = type?.getProperties?.().map((property) => property.name) ?? [];
  return SIGNS.every((sign) => names.includes(sign));
};

export const operationKeys = ESLintUtils.RuleCreator.withoutDocs({
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      named:
        'No operation by its name here: ask a fact of the operation ({{name}}), or move this into its own file.',
    },
  },
  defaultOptions: [],
  create(context) {
    const services = ESLintUtils.getParserServices(context);
    const checker = services.program.getTypeChecker();
    const report = (node, name) => context.report({ node, messageId: 'named', data: { name } });
    const contextual = (node) => checker.getContextualType(services.esTreeNodeToTSNodeMap.get(node));
    return {
      BinaryExpression({ operator, left, right }) {
        if (!['===', '!==', '==', '!='].includes(operator)) return;
        for (const [literal, other] of [
          [left, right],
          [right, left],
        ])
          if (literal.type === 'Literal' && NAMES.has(literal.value))
            if (listsOperations(services.getTypeAtLocation(other))) report(literal, literal.value);
      },
      SwitchCase({ test, parent }) {
        if (
          test?.type === 'Literal'
          && NAMES.has(test.value)
          && listsOperations(services.getTypeAtLocation(parent.discriminant))
        )
          report(test, String(test.value));
      },
      Literal(node) {
        if (!NAMES.has(node.value) || node.parent.type === 'BinaryExpression') return;
        if (listsOperations(contextual(node))) report(node, node.value);
      },
      'ObjectExpression > Property'(node) {
        if (node.computed || !NAMES.has(node.key.name ?? node.key.value)) return;
        if (!keysAreOperations(contextual(node.parent))) return;
        report(node.key, node.key.name ?? String(node.key.value));
      },
      MemberExpression({ object, property, computed }) {
        const name = computed ? property.type === 'Literal' && property.value : property.name;
        if (NAMES.has(name) && keysAreOperations(services.getTypeAtLocation(object))) report(property, name);
      },
    };
  },
});
