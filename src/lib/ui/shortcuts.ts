/** The keys of a place in the app, and what each does. */
export interface KeyGroup {
	where: string;
	keys: readonly { keys: string; does: string }[];
}

/** Every key that does something of its own; on a Mac ⌘ stands for Ctrl. */
export const SHORTCUTS: readonly KeyGroup[] = [
	{
		where: 'Everywhere',
		keys: [
			{ keys: '?', does: 'show these keys' },
			{ keys: 'Ctrl Z', does: 'undo' },
			{ keys: 'Ctrl Shift Z, or Ctrl Y', does: 'redo' },
			{ keys: 'F', does: 'turn the chosen piece round, to its back' },
			{ keys: 'Escape', does: 'put the tool away, turn back, or choose nothing' }
		]
	},
	{
		where: 'On the wall',
		keys: [
			{ keys: 'Tab', does: 'go to the next piece, tape hook or hint' },
			{ keys: 'Arrow keys', does: 'move it by one tick of your tape' },
			{ keys: 'Shift with an arrow key', does: 'move it by 1 in, or 10 mm' },
			{ keys: 'Space', does: 'choose a piece besides those chosen' },
			{ keys: 'Alt while you drag', does: 'move freely, without settling' },
			{ keys: '+ and -', does: 'look closer, or from further away' },
			{ keys: '0', does: 'the whole wall' },
			{ keys: 'Delete', does: 'remove the chosen hint' }
		]
	},
	{
		where: 'In a field',
		keys: [
			{ keys: 'Enter', does: 'go to the next field; in the last, add' },
			{ keys: 'Shift Enter', does: 'another line of pieces' }
		]
	},
	{
		where: 'At the wall',
		keys: [
			{ keys: 'Page Down, or a pedal', does: 'done, next' },
			{ keys: 'Page Up', does: 'the step before' }
		]
	}
];
