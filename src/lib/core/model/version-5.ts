import { eachOf, type Loose } from './loose.ts';

const WAYS: Partial<Record<string, string>> = {
	'laser distance meter': 'laser',
	'digital level': 'level',
	'luggage scale': 'scale',
	'light meter': 'light'
};

/** Version 5 kept what an instrument showed for a field as bare numbers, and replaced them when it was read again. */
export const fromVersion5 = (file: Loose): Loose => ({
	...file,
	readings: eachOf(file.readings, shown)
});

const shown = ({ by, simulated, values }: Loose): unknown =>
	Array.isArray(values)
		? values.map((value: unknown, index) => ({
				...{ id: `read-${index}`, value, way: WAYS[String(by)] ?? 'tape', at: null, by: '' },
				...{ simulated: simulated === true, struck: false }
			}))
		: values;
