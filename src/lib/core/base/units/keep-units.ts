const NO_BREAK = '\u00a0';

/** A text in which no line breaks between a figure and its unit, or a whole and its fraction. */
export const keepUnits = (text: string): string =>
	text.replace(/(?<=\d) (?=(?:%|mm|cm|m|kg|g|lb|oz|lux|MB|in|ft|N)(?![a-z])|\d+\/\d)/g, NO_BREAK);
