/** A stroke or a filled shape of a picture, in a field of 100 by 100. */
export interface ArtShape {
	d: string;
	fill?: string;
	stroke?: string;
	width?: number;
}

export interface Art {
	name: string;
	ground: string;
	shapes: ArtShape[];
}

/** Contour lines of a sea bed: waves that drift down the sheet. */
function soundings(seed: number, ink: string): ArtShape[] {
	return Array.from({ length: 6 }, (_, row) => {
		const y = 22 + row * 8 + ((seed * (row + 3)) % 5);
		const swing = 7 - row * 0.7 + (seed % 3);
		return {
			d: `M4 ${y} C 22 ${y - swing}, 34 ${y + swing}, 50 ${y} S 80 ${y - swing}, 96 ${y + 2}`,
			stroke: ink,
			width: 1.1
		};
	});
}

function chart(name: string, seed: number, land: string): Art {
	return {
		name,
		ground: '#fbf7ea',
		shapes: [
			...soundings(seed, '#5f93a0'),
			{
				d: `M0 100 V${74 + seed} C 18 ${58 + seed}, 30 92, 52 ${76 + seed} S 82 66, 100 ${80 - seed} V100 Z`,
				fill: land
			},
			{ d: 'M76 14 l3 9 9 3 -9 3 -3 9 -3 -9 -9 -3 9 -3 Z', fill: '#a5432d' },
			{ d: 'M6 6 H94 V94 H6 Z', stroke: '#8a7a5c', width: 0.7 }
		]
	};
}

/** A wading bird on a mud flat; each stands its own way. */
function wader(name: string, ground: string, lean: number, feather: string): Art {
	return {
		name,
		ground,
		shapes: [
			{ d: 'M0 78 C 30 72, 62 82, 100 75 V100 H0 Z', fill: '#00000018' },
			{
				d: `M30 46 C 34 32, 56 30, 66 ${42 + lean} C 74 50, 80 54, 84 60 C 70 62, 60 66, 46 62 C 36 60, 28 56, 30 46 Z`,
				fill: feather
			},
			{ d: `M33 46 C 30 34, 30 28, 36 ${24 - lean}`, stroke: feather, width: 5 },
			{ d: `M38 ${19 - lean} a5.5 5.5 0 1 0 0.1 0 Z`, fill: feather },
			{ d: `M34 ${24 - lean} L 14 ${30 + lean * 2}`, stroke: '#3a2a1c', width: 1.6 },
			{ d: 'M48 62 L46 82 M56 62 L58 82 M46 82 l-5 2 M58 82 l5 2', stroke: '#6d3b1f', width: 1.8 }
		]
	};
}

const ferry: Art = {
	name: 'The evening ferry',
	ground: '#f0d9b5',
	shapes: [
		{ d: 'M0 62 H100 V100 H0 Z', fill: '#6f97a3' },
		{ d: 'M70 34 a13 13 0 1 0 0.1 0 Z', fill: '#e2a05a' },
		{ d: 'M18 60 H72 L64 72 H26 Z', fill: '#5b3a27' },
		{ d: 'M30 46 H56 V60 H30 Z', fill: '#fbf5e8' },
		{ d: 'M46 30 H52 V46 H46 Z', fill: '#a5432d' },
		{ d: 'M49 28 C 42 22, 36 24, 30 18', stroke: '#8b8f97', width: 2.4 },
		{ d: 'M4 80 q8 -4 16 0 t16 0 t16 0 t16 0 t16 0', stroke: '#d9e6e8', width: 1.2 }
	]
};

const landing: Art = {
	name: 'Landing sign',
	ground: '#2f5f7a',
	shapes: [
		{ d: 'M10 18 H90 V82 H10 Z', stroke: '#f3e8d3', width: 2 },
		{ d: 'M24 42 H76 M32 60 H68', stroke: '#f3e8d3', width: 7 },
		{ d: 'M48 24 l4 0 0 6 -4 0 Z', fill: '#f3e8d3' }
	]
};

const mender: Art = {
	name: 'Net mender',
	ground: '#d9c8a4',
	shapes: [
		...Array.from({ length: 7 }, (_, line) => ({
			d: `M${line * 16 - 8} 40 L${line * 16 + 24} 100 M${line * 16 + 8} 40 L${line * 16 - 24} 100`,
			stroke: '#5b6f72',
			width: 0.9
		})),
		{ d: 'M40 66 C 38 44, 46 34, 52 34 S 66 46, 64 68 Z', fill: '#6b4432' },
		{ d: 'M52 32 a7 7 0 1 0 0.1 0 Z', fill: '#e3b894' },
		{ d: 'M0 40 H100', stroke: '#8a7a5c', width: 1.4 }
	]
};

const tide: Art = {
	name: 'Tide table',
	ground: '#fdf9f1',
	shapes: [
		{ d: 'M12 16 H88', stroke: '#2f2b27', width: 2.4 },
		{ d: 'M12 56 C 22 24, 34 24, 44 56 S 66 88, 88 44', stroke: '#1f6f9c', width: 2 },
		{ d: 'M12 56 H88 M12 30 H88 M12 82 H88', stroke: '#cdbb9a', width: 0.7 }
	]
};

const GALLERY: Art[] = [
	chart('North channel chart', 0, '#d8c08a'),
	chart('South channel chart', 4, '#cdb07a'),
	wader('Curlew', '#c9d6b8', 0, '#54483a'),
	wader('Redshank', '#e8cba0', 3, '#6b4432'),
	wader('Dunlin', '#dcb5a4', -3, '#3c3a3f'),
	wader('Turnstone', '#b4c7d2', 1, '#38302a'),
	wader('Heron', '#cfd9d6', 5, '#5b6672'),
	wader('Oystercatcher', '#e6d3b8', -1, '#26242a'),
	wader('Avocet', '#d3c7b1', 4, '#3a3f45'),
	...[1, 2, 3, 4, 5].map((sheet) =>
		chart(`Estuary, sheet ${sheet}`, sheet % 5, sheet % 2 === 0 ? '#cdb07a' : '#d8c08a')
	),
	landing,
	mender,
	ferry,
	tide
];

/** Names of the pictures that can be drawn in a frame. */
export const ART_NAMES = GALLERY.map(({ name }) => name);

export const artOf = (name: string): Art | undefined => GALLERY.find((art) => art.name === name);
