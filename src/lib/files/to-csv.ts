import Papa from 'papaparse';

/** Rows as CSV; what a spreadsheet would take for a formula gets a quote before it. */
export const toCsv = (rows: readonly object[]): string =>
	Papa.unparse([...rows], { newline: '\n', escapeFormulae: /^'*[=+\-@\t\r]/ });
