/** Cautions: what could happen, and what to do. */
export const CAUTIONS = {
	'age-unknown': () => ({
		message:
			'The age of this wall’s plaster and paint is not known: from before about 1990 they may hold lead or asbestos.',
		remedy:
			'Find out, or treat it as old: keep dust down, wet the hole, wear a fitting mask, and have textured coats tested first.'
	}),
	'board-alone': () => ({
		message: 'Drywall (plasterboard) alone holds little, and less with time.',
		remedy: 'Use an anchor made for it, or a stud.'
	}),
	'masonry-by-packet': () => ({
		message: 'Plugs in brick hold by what they are set in: hollow and soft bricks hold far less.',
		remedy: 'Use the packet’s figure for your brick, and ask an installer for heavy pieces.'
	}),
	'masonry-dust': () => ({
		message: 'Masonry dust harms lungs and eyes.',
		remedy: 'Wear a mask and eye protection, and hold a vacuum under the hole.'
	}),
	'old-coatings': () => ({
		message:
			'Old paint can hold lead; old plaster, textured coats, board and tile glue can hold asbestos.',
		remedy:
			'Have a sample tested before drilling or sanding. Until then make no dust: use the picture rail, or existing fixings. A licensed person deals with asbestos.'
	}),
	'on-paper': () => ({
		message: 'Tape and adhesive strips tear wallpaper off.',
		remedy: 'Mark with a soft pencil or on low-tack tape at an edge; hang by hooks or screws.'
	}),
	'on-tile': () => ({
		message: 'Tiles crack, and there is often a pipe behind them.',
		remedy: 'Ask a specialist before drilling near taps, showers or in a wet room.'
	}),
	'panelling-moves': () => ({
		message: 'Panels move with the seasons and are thin.',
		remedy:
			'Hang light pieces from the rails and stiles; take heavy ones through to what is behind.'
	}),
	'plaster-crumbles': () => ({
		message: 'Old plaster cracks and comes off its laths.',
		remedy:
			'Tape the place, drill slowly without hammer action, and screw instead of nailing. A picture rail spares the wall.'
	}),
	'steel-studs': () => ({
		message: 'Screws tear out of thin steel sooner than out of wood.',
		remedy:
			'Take ratings for steel, never for wood; for heavy pieces ask for blocking between the studs.'
	}),
	'tensioned-steel': () => ({
		message: 'Some concrete holds steel under tension: cut, it can bring a floor down.',
		remedy: 'In a flat or a frame building, ask the building’s engineer before drilling.'
	}),
	'textured-surface': () => ({
		message: 'Adhesive strips do not hold on a textured wall.',
		remedy: 'Hang by hooks or screws instead.'
	}),
	'wall-unknown': () => ({
		message: 'It is not known what the wall is made of.',
		remedy: 'Until you know, hang only light pieces, on hooks made for drywall (plasterboard).'
	})
};
