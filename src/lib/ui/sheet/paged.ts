import type { Attachment } from 'svelte/attachments';
import type { SheetName } from '$lib/core/index.ts';

const quoted = (text: string): string => `"${text.replace(/["\\]/g, '\\$&').replace(/\n/g, ' ')}"`;

/**
 * Numbers the pages as the browser lays them out, with what they are of at the foot of each: a count of rows would not
 * know how tall they print. Source: CSS Paged Media, margin boxes and page counters.
 */
export const paged =
	(title: string, size: SheetName): Attachment =>
	() => {
		const style = new CSSStyleSheet();
		const foot = 'font: 9pt "Atkinson Hyperlegible Next Variable", sans-serif; color: #000;';
		style.replaceSync(`@page {
			size: ${size};
			margin: 12mm 14mm 16mm;
			@bottom-left { content: ${quoted(title)}; ${foot} }
			@bottom-right { content: "page " counter(page) " of " counter(pages); ${foot} }
		}`);
		document.adoptedStyleSheets.push(style);
		return () => {
			document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== style);
		};
	};
