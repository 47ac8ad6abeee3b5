// npm run formulas: writes docs/formulas.md from the comments and constants of the core; --check says whether it is current.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { projectRoot } from './lib/packages.mjs';
import { say } from './lib/say.mjs';

const CORE = join(projectRoot, 'core/src');
const TARGET = join(projectRoot, 'docs/formulas.md');
/** Folders of the core, from the lowest floor up, with their titles. */
const FOLDERS = [
  ['quantity', 'Quantities'],
  ['profile', 'Profiles'],
  ['gear', 'Gears'],
  ['bit', 'Geometry of a bit'],
  ['material', 'Metals'],
  ['tool', 'Tools'],
  ['machine', 'Machines'],
  ['mechanics', 'Mechanics'],
  ['setting', 'Setting'],
  ['operation', 'Operations'],
  ['plan', 'The plan'],
  ['compare', 'Comparing by the motor'],
  ['learn', 'Learning from cuts'],
  ['cost', 'Cost'],
  ['inventory', 'Inventory'],
  ['identify', 'What a cutter is made of'],
  ['rescue', 'Rescue of an edge'],
  ['choose', 'Choosing'],
  ['solid', 'Solids'],
  ['grind', 'Grinding'],
  ['wheel', 'Wheels and sharpening'],
  ['form', 'Form cutters'],
];
/** Longer values are tables of their own: read in the file. */
const LONGEST_VALUE = 260;
const OURS = 'our typical value';

/** Units by the end of a constant's name. */
const UNIT_BY_NAME = [
  [/MM_REV$/, 'mm/rev'],
  [/MM_S$/, 'mm/s'],
  [/MM_MIN$/, 'mm/min'],
  [/M_PER_MIN$/, 'm/min'],
  [/RA_UM$/, 'µm'],
  [/_UM$/, 'µm'],
  [/(_MM|^MM)$/, 'mm'],
  [/_DEG$/, '°'],
  [/_K$/, 'K'],
  [/_C$/, '°C'],
  [/_RPM$/, 'rpm'],
  [/(_S|_MS)$/, 's'],
  [/_MIN$/, 'min'],
  [/_GPA$/, 'GPa'],
  [/(SHARE|TIMES|FACTOR|RATIO|SLACK|RESERVE|FLOOR|CEILING|SPREAD|EXPONENT|PITCHES|DIAMETERS)(_|$)/, 'ratio'],
];
/** Units as they stand at the end of a comment. */
const UNIT_IN_WORDS =
  /,\s(mm\/rev|mm\/s|mm\/min|mm a tooth|mm|um|µm|K|°C|degrees|rpm|s|seconds|m\/min|minutes|N\/mm²|W\/mK|kW|GPa|in)\b/;

/** Every source file of a folder that is neither a test nor a fixture, by name. */
function sources(folder) {
  return readdirSync(folder, { withFileTypes: true })
    .flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return sources(path);
      return /\.ts$/.test(entry.name) && !/\.(test|fixture)\.ts$/.test(entry.name) ? [path] : [];
    })
    .sort();
}

/** The comment in front of a statement, as plain lines. */
function commentOf(text, node) {
  const ranges = ts.getLeadingCommentRanges(text, node.getFullStart()) ?? [];
  const last = ranges.at(-1);
  if (!last || !text.startsWith('/**', last.pos)) return '';
  return text
    .slice(last.pos + 3, last.end - 2)
    .split('\n')
    .map((line) => line.replace(/^\s*\* ?/, ''))
    .join('\n')
    .trim();
}

const firstParagraph = (comment) =>
  comment
    .split(/\n\s*\n|\n@|\n```/)[0]
    .replace(/\s*\n\s*/g, ' ')
    .replace(/^@.*/, '')
    .trim();

function unitOf(name, comment) {
  const byName = UNIT_BY_NAME.find(([pattern]) => pattern.test(name));
  if (byName) return byName[1];
  return UNIT_IN_WORDS.exec(comment)?.[1] ?? 'ratio or count';
}

/** Where a value comes from: what its comment names, else our own. */
function sourceOf(comment) {
  const named = /Source: ([^]*?)(?:\.\s|\.$|$)/.exec(comment);
  if (named) return named[1].replace(/\s+/g, ' ').trim();
  if (/\bexact/i.test(comment)) return 'exact';
  const standard = /\b(?:ISO|DIN) \d[\d-]*/.exec(comment);
  return standard ? standard[0] : OURS;
}

const cell = (text) => text.replace(/\|/g, '\\|').replace(/\s+/g, ' ').trim();

/** Constants and relations of a file. */
function readFile(path) {
  const text = readFileSync(path, 'utf8');
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const constants = [];
  const relations = [];
  let last = '';
  for (const node of file.statements) {
    const comment = commentOf(text, node);
    const isExported = node.modifiers?.some((one) => one.kind === ts.SyntaxKind.ExportKeyword) ?? false;
    if (ts.isFunctionDeclaration(node) && isExported && node.name && comment)
      relations.push({ name: node.name.text, what: firstParagraph(comment), source: sourceOf(comment) });
    if (!ts.isVariableStatement(node)) continue;
    for (const { name, initializer } of node.declarationList.declarations) {
      if (!initializer || !ts.isIdentifier(name)) continue;
      if (ts.isArrowFunction(initializer)) {
        if (isExported && comment)
          relations.push({ name: name.text, what: firstParagraph(comment), source: sourceOf(comment) });
        continue;
      }
      if (!/^[A-Z][A-Z\d_]*$/.test(name.text)) continue;
      const value = initializer
        .getText(file)
        .replace(/ as const$/, '')
        .replace(/\s+/g, ' ');
      if (!/\d/.test(value) || /=>|new (Map|Set|WeakMap)|^\//.test(value)) continue;
      const said = comment || last;
      last = said;
      constants.push({
        name: name.text,
        value: value.length > LONGEST_VALUE ? 'a table, in the file' : value,
        unit: unitOf(name.text, said),
        source: sourceOf(said),
        what: firstParagraph(said),
      });
    }
  }
  return { constants, relations };
}

function section(path) {
  const { constants, relations } = readFile(path);
  if (constants.length + relations.length === 0) return '';
  const lines = [`### \`${relative(CORE, path)}\``, ''];
  if (relations.length > 0) {
    lines.push('| relation | what | source |', '|---|---|---|');
    for (const { name, what, source } of relations)
      lines.push(
        `| \`${name}\` | ${cell(what)} | ${cell(source === OURS ? 'definition, or ours' : source)} |`,
      );
    lines.push('');
  }
  if (constants.length > 0) {
    lines.push('| constant | value | unit | source | what |', '|---|---|---|---|---|');
    for (const { name, value, unit, source, what } of constants)
      lines.push(`| \`${name}\` | \`${cell(value)}\` | ${unit} | ${cell(source)} | ${cell(what)} |`);
    lines.push('');
  }
  return lines.join('\n');
}

const HEAD = `# Formulas, constants and their sources

Written by \`npm run formulas\` from the comments and constants of \`core/src\`, so it cannot drift: \`npm test\` compares it. Each relation is one function with its units, range and errors in its comment; each constant has its unit and its source, or is our own typical value, to be replaced by what worked in the shop. The tables of metals (\`material/library.ts\`) and of tool materials (\`tool/library.ts\`) are typical values that a shop overrides.
`;

const body = FOLDERS.flatMap(([folder, title]) => [
  `## ${title}\n`,
  ...sources(join(CORE, folder)).map(section).filter(Boolean),
]);
const made = [HEAD, ...body].join('\n');

if (process.argv.includes('--check')) {
  const isCurrent = readFileSync(TARGET, 'utf8') === made;
  if (!isCurrent) say('docs/formulas.md is not what the core says: run npm run formulas.');
  process.exitCode = isCurrent ? 0 : 1;
} else {
  writeFileSync(TARGET, made);
  say(`docs/formulas.md: ${made.split('\n').length} lines`);
}
