/** Writes under docs: the project file from the schemas, the figures from their book, formulas and glossary. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import * as z from 'zod/mini';
import { PROJECT_VERSION, projectSchema } from '../src/lib/core/index.ts';
import { FORMULA_NOTES, FORMULA_UNITS, FORMULAS } from '../src/lib/words/en/formulas.ts';
import { GLOSSARY } from '../src/lib/words/en/glossary.ts';

interface Node {
	type?: string;
	description?: string;
	const?: unknown;
	enum?: unknown[];
	properties?: Record<string, Node>;
	items?: Node;
	anyOf?: Node[];
	oneOf?: Node[];
	additionalProperties?: Node | boolean;
}

function typeOf(node: Node): string {
	if (node.const !== undefined) return JSON.stringify(node.const);
	if (node.enum) return node.enum.map((value) => JSON.stringify(value)).join(', ');
	const options = node.anyOf ?? node.oneOf;
	if (options) return options.map(typeOf).join(' or ');
	if (node.items) return `list of ${typeOf(node.items)}`;
	return node.type ?? 'any';
}

/** One row a field; the fields of lists and of alternatives follow under their path. */
function rows(node: Node, path: string): string[] {
	const own = Object.entries(node.properties ?? {}).flatMap(([name, child]) => {
		const at = path ? `${path}.${name}` : name;
		return [`| \`${at}\` | ${typeOf(child)} | ${child.description ?? ''} |`, ...rows(child, at)];
	});
	const below = [...(node.anyOf ?? []), ...(node.oneOf ?? [])].flatMap((option) =>
		rows(option, path)
	);
	const items = node.items ? rows(node.items, `${path}[]`) : [];
	return [...own, ...below, ...items];
}

const schema = z.toJSONSchema(projectSchema) as Node;
const table = [...new Set(rows(schema, ''))];
writeFileSync(
	new URL('../docs/project-file.md', import.meta.url),
	`# Project file

JSON, version ${PROJECT_VERSION}; earlier versions are still opened; lengths in mm, weights in kg. Written by \`npm run docs\` from the schemas; \`GET /api/schema\` gives the JSON Schema. Only facts are in it: nothing that can be derived.

| field | type | meaning |
|---|---|---|
${table.join('\n')}
`
);

const BOOK = new URL('../src/lib/core/base/figures/', import.meta.url);
const ENTRY = /\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\nexport const (\w+) = ([^;]+);/g;

/** One row a figure: its name, its value as it is written, and what it means. */
function figuresIn(file: string): string {
	const text = readFileSync(new URL(file, BOOK), 'utf8');
	const title = /^\/\*\* (.*)\. \*\//.exec(text)![1];
	const lines = [...text.matchAll(ENTRY)].map(
		([, comment, name, value]) =>
			`| \`${name}\` | ${value} | ${comment!.replaceAll(/\n \*/g, '').replaceAll('|', '\\|').trim()} |`
	);
	return `## ${title}\n\n| figure | value | meaning and source |\n|---|---|---|\n${lines.join('\n')}\n`;
}

writeFileSync(
	new URL('../docs/figures.md', import.meta.url),
	`# Figures of the trade

Written by \`npm run docs\` from \`src/lib/core/base/figures\`. “From memory” means that no standard says it.

${readdirSync(BOOK)
	.filter((file) => !file.endsWith('.test.ts'))
	.map(figuresIn)
	.join('\n')}`
);

writeFileSync(
	new URL('../docs/glossary.md', import.meta.url),
	`# Words of the trade

One name for one thing; in the app under “Words and formulas”. Written by \`npm run docs\`.

${GLOSSARY.map(({ term, also, means }) => `- **${term}**${also ? ` (${also})` : ''}: ${means}`).join('\n')}
`
);

const cell = (text: string): string => text.replaceAll('|', '\\|');
writeFileSync(
	new URL('../docs/formulas.md', import.meta.url),
	`# Formulas

${FORMULA_UNITS} In the app under “Words and formulas”. Written by \`npm run docs\`; each function’s comment says the same beside its code.

| figure | formula | source | code |
|---|---|---|---|
${FORMULAS.map(({ figure, formula, source, code }) => `| ${figure} | ${cell(formula)} | ${source} | \`${code}\` |`).join('\n')}

${FORMULA_NOTES.join('\n\n')}
`
);
