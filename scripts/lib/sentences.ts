/** What people read, found in the code. */
import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';

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

/** Sentences of a file of code, each with its code. */
export function sentencesIn(file: string): string[] {
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

/** Text between the tags of a component, its values left out. */
export function textsOfComponent(file: string): string[] {
	const markup = readFileSync(file, 'utf8')
		.replace(/<(script|style)[\s\S]*?<\/\1>/g, '')
		.replace(/<!--[\s\S]*?-->/g, '');
	return (markup.match(/(?<=[>}])[^<>{}]+(?=[<{])/g) ?? [])
		.map((text) => text.replace(/\s+/g, ' ').trim())
		.filter(isSentence);
}

/** Files of the app that are no tests, by their ending. */
export const filesEnding = (end: string): string[] =>
	(readdirSync('src', { recursive: true }) as string[])
		.map((file) => `src/${file}`)
		.filter((file) => file.endsWith(end) && !file.endsWith(`.test${end}`))
		.sort();
