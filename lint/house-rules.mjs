// Rules of the house that the linter cannot say. Prints where one is broken, and ends with 1 then.
//
// No operation by its name outside of its own folder or sketch: what differs from one operation to the next is a
// fact of the operation. And the core reads no clock.
import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';

const root = join(import.meta.dirname, '..');
const IS_TEST = /\.test\.tsx?$/;
const IS_FIXTURE = /\.fixture\.tsx?$/;
/** Where no operation is named; and the folder within it of what is drawn of each operation. */
const GENERIC = ['core/src/plan/', 'core/src/choose/', 'app/src/'];
const OF_OPERATIONS = 'app/src/areas/cut/operation/';

/** Names of operations: each has a folder. Asking for a type takes long, so only these are asked for. */
const NAMES = new Set(
  readdirSync(join(root, 'core/src/operation'), { withFileTypes: true })
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

const listsOperations = (type) => {
  const names = (type?.isUnion() ? type.types : type ? [type] : [])
    .filter((one) => one.isStringLiteral())
    .map(({ value }) => value);
  return names.length >= MANY && SIGNS.every((sign) => names.includes(sign));
};
const keysAreOperations = (type) => SIGNS.every((sign) => type?.getProperty(sign) !== undefined);

const EQUALS = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
  ts.SyntaxKind.EqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsToken,
]);
const isName = (node) => ts.isStringLiteralLike(node) && NAMES.has(node.text);
const keyOf = (name) => (ts.isIdentifier(name) || ts.isStringLiteralLike(name) ? name.text : null);

/** The operation that a part of a program names, or null. */
function operationNamed(node, checker) {
  if (ts.isBinaryExpression(node) && EQUALS.has(node.operatorToken.kind)) {
    const { left, right } = node;
    for (const [literal, other] of [
      [left, right],
      [right, left],
    ])
      if (isName(literal) && listsOperations(checker.getTypeAtLocation(other))) return literal.text;
  } else if (ts.isCaseClause(node)) {
    const { expression } = node.parent.parent;
    if (isName(node.expression) && listsOperations(checker.getTypeAtLocation(expression)))
      return node.expression.text;
  } else if (ts.isPropertyAssignment(node)) {
    const key = keyOf(node.name);
    if (key !== null && NAMES.has(key) && keysAreOperations(checker.getContextualType(node.parent)))
      return key;
  } else if (ts.isPropertyAccessExpression(node)) {
    const key = node.name.text;
    if (NAMES.has(key) && keysAreOperations(checker.getTypeAtLocation(node.expression))) return key;
  } else if (ts.isElementAccessExpression(node)) {
    const key = node.argumentExpression;
    if (isName(key) && keysAreOperations(checker.getTypeAtLocation(node.expression))) return key.text;
  } else if (ts.isExpression(node) && isName(node)) {
    const within = node.parent;
    if (ts.isBinaryExpression(within) && EQUALS.has(within.operatorToken.kind)) return null;
    if (ts.isLiteralTypeNode(within) || (ts.isPropertyAssignment(within) && within.name === node))
      return null;
    if (listsOperations(checker.getContextualType(node))) return node.text;
  }
  return null;
}

const readsClock = (node) =>
  ts.isNewExpression(node)
  && ts.isIdentifier(node.expression)
  && node.expression.text === 'Date'
  && !node.arguments?.length;

const { config } = ts.readConfigFile(join(root, 'tsconfig.json'), ts.sys.readFile);
const { options, fileNames } = ts.parseJsonConfigFileContent(config, ts.sys, root);
const placeOf = (file) => relative(root, file);
const isGeneric = (place) =>
  GENERIC.some((folder) => place.startsWith(folder))
  && !place.startsWith(OF_OPERATIONS)
  && !IS_FIXTURE.test(place);
const isCore = (place) => place.startsWith('core/src/');
const asked = fileNames.filter((file) => {
  const place = placeOf(file);
  return !IS_TEST.test(file) && (isGeneric(place) || isCore(place));
});

const program = ts.createProgram(asked, options);
const checker = program.getTypeChecker();
let broken = 0;
for (const file of asked) {
  const source = program.getSourceFile(file);
  const place = placeOf(file);
  const report = (node, message) => {
    broken += 1;
    const { line, character } = source.getLineAndCharacterOfPosition(node.getStart(source));
    console.log(`${place}:${line + 1}:${character + 1}  ${message}`);
  };
  const look = (node) => {
    const name = isGeneric(place) ? operationNamed(node, checker) : null;
    if (name !== null)
      report(
        node,
        `No operation by its name here: ask a fact of the operation (${name}), or move this into its own file.`,
      );
    if (isCore(place) && readsClock(node)) report(node, 'The core is pure: pass the time in.');
    ts.forEachChild(node, look);
  };
  look(source);
}
process.exitCode = broken > 0 ? 1 : 0;
