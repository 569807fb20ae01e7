/**
 * Lists every sentence with its code: those of `src/lib/words`, and those that still stand elsewhere in the code.
 * `npm run words` prints them all; `npm run words -- fixing` those of files whose path holds that word.
 */
import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';

const [wanted = ''] = process.argv.slice(2);

/** A text that a person reads: two words or more. */
const isSentence = (text: string): boolean => /[A-Za-z’]{2,} [A-Za-z’]/.test(text);

/** The text of a literal, with its values in braces. */
function textOf(node: ts.Node): string | null {
	if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
	if (!ts.isTemplateExpression(node)) return null;
	const spans = node.templateSpans.map(
		({ expression, literal }) => `{${expression.getText()}}${literal.text}`
	);
	return node.head.text + spans.join('');
}

/** Names of the properties and constants a node stands in, from the outside in. */
function codeOf(node: ts.Node): string {
	const names: string[] = [];
	for (let at: ts.Node | undefined = node; at; at = at.parent)
		if ((ts.isPropertyAssignment(at) || ts.isVariableDeclaration(at)) && 'text' in at.name)
			names.unshift(at.name.text);
	return names.join('/');
}

function sentencesIn(file: string): string[] {
	const source = ts.createSourceFile(
		file,
		readFileSync(file, 'utf8'),
		ts.ScriptTarget.Latest,
		true
	);
	const found: string[] = [];
	const visit = (node: ts.Node): void => {
		const text = textOf(node);
		if (text !== null && isSentence(text) && !ts.isImportDeclaration(node.parent))
			found.push(`${codeOf(node)}: ${text}`);
		else ts.forEachChild(node, visit);
	};
	visit(source);
	return found;
}

function list(title: string, files: string[]): void {
	let count = 0;
	console.log(`# ${title}`);
	for (const file of files.filter((each) => each.includes(wanted)).sort()) {
		const sentences = sentencesIn(file);
		count += sentences.length;
		if (sentences.length > 0)
			console.log(`\n${file}\n${sentences.map((s) => `  ${s}`).join('\n')}`);
	}
	console.log(`\n${count} sentences\n`);
}

const files = (readdirSync('src', { recursive: true }) as string[])
	.map((file) => `src/${file}`)
	.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));
const inWords = (file: string): boolean => file.startsWith('src/lib/words/');
list('In src/lib/words', files.filter(inWords));
list(
	'Elsewhere',
	files.filter((file) => !inWords(file))
);
