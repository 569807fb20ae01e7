import {
	hookOf,
	type HowSure,
	type Mark,
	type Styles,
	type TapeReading,
	type Use,
	type WallPlan
} from '$lib/core/index.ts';
import { drivenSaid } from '../bench/mark-said.ts';

/** A line of the marks sheet. */
export interface MarkRow {
	mark: Mark;
	/** It is the first mark of its piece. */
	first: boolean;
	/** What the cross on the wall is of. */
	cross: string;
	/** What goes there, with bit, depth and length; “same” where it is as at the mark before. */
	what: string;
	/** From where each is read, where that is not what the head of the table says. */
	acrossFrom: string;
	upFrom: string;
	/** How sure the marks of the piece are, at its first. */
	sure: HowSure | undefined;
	/** Something of its back was not measured. */
	unread: boolean;
}

const CROSSES: Record<Mark['puts'], string> = {
	hole: 'hole',
	place: 'strip’s middle',
	cord: 'cord’s lower end',
	kept: 'there already'
};

/** The lines of the marks sheet, and from where most of its figures are read. */
export function marksRows(
	{ marks }: Pick<WallPlan, 'marks'>,
	sure: ReadonlyMap<string, HowSure>,
	uses: ReadonlyMap<string, Use>,
	styles: Styles
): { across: string; up: string; rows: MarkRow[] } {
	const across = mostOf(marks.map((mark) => from(mark.across)));
	const up = mostOf(marks.map((mark) => from(mark.up)));
	const goesIn = (mark: Mark) =>
		[hookOf(mark.hook).name, drivenSaid(mark, uses.get(mark.id), styles.lead)]
			.filter(Boolean)
			.join(', ');
	const rows = marks.map((mark, index): MarkRow => {
		const before = marks[index - 1];
		const first = before?.pieceId !== mark.pieceId;
		const what = goesIn(mark);
		const own = sure.get(mark.pieceId);
		return {
			...{ mark, first },
			cross:
				mark.puts === 'hole' && mark.markedAt === 'bearing'
					? 'hook’s lowest point'
					: CROSSES[mark.puts],
			what: !first && before && goesIn(before) === what ? 'same' : what,
			acrossFrom: from(mark.across) === across ? '' : from(mark.across),
			upFrom: from(mark.up) === up ? '' : from(mark.up),
			sure: first ? own : undefined,
			unread: (own?.assumed.length ?? 0) > 0
		};
	});
	return { across, up, rows };
}

const from = ({ way, datum }: TapeReading): string => `${way} ${datum}`;

/** What stands most often in a list; the first of equals. */
function mostOf(list: readonly string[]): string {
	const counts = new Map<string, number>();
	for (const each of list) counts.set(each, (counts.get(each) ?? 0) + 1);
	return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? '';
}
