/** What a schema found wrong with one value of a file or a request. */
interface Fault {
	code?: string;
	expected?: string;
	/** What is too small or too big: a number, a text, a list. */
	origin?: string;
	minimum?: number | bigint;
	maximum?: number | bigint;
	values?: readonly unknown[];
	keys?: readonly string[];
}

const NAMES: Record<string, string> = {
	number: 'a number',
	int: 'a whole number',
	string: 'a text',
	boolean: 'true or false',
	array: 'a list',
	object: 'an object',
	record: 'an object',
	null: 'empty'
};

/** Of more than this none is named. */
const MOST_NAMED = 5;

/** What is wrong with a value, to stand after its path. */
export function faultOf({ code, expected = '', origin, minimum, maximum, values, keys }: Fault) {
	const counted = origin === 'string' || origin === 'array';
	switch (code) {
		case 'invalid_type':
			return `it should be ${NAMES[expected] ?? expected}`;
		case 'too_small':
			return counted ? 'it is too short' : `it is less than ${minimum}`;
		case 'too_big':
			return counted ? 'it is too long' : `it is more than ${maximum}`;
		case 'invalid_value':
			return (values ?? []).length > MOST_NAMED
				? `it is none of the ${values!.length} kinds that are known`
				: `it should be ${(values ?? []).map((value) => JSON.stringify(value)).join(' or ')}`;
		case 'unrecognized_keys':
			return `it has parts that are not known: ${(keys ?? []).join(', ')}`;
		case 'invalid_format':
			return 'it is not written as it should be';
		default:
			return 'it is none of what it may be';
	}
}
