/** Fetched when it is asked for: most pages have no walk, and some keep nothing. */
const kept = () => import('../store/walk.ts');

/** What of the help is open; asked for from anywhere in the app. */
class Help {
	keys = $state(false);
	/** The walk through the demo is under way. */
	walk = $state(false);
	/** The step it goes on at; undefined where nobody began it, null once it was left or walked to its end. */
	walkAt: number | null | undefined = $state(null);

	/** Where the walk was left in an earlier visit. */
	async readWalk(): Promise<void> {
		this.walkAt = await (await kept()).readWalk();
	}

	async walkTo(step: number): Promise<void> {
		[this.walk, this.walkAt] = [true, step];
		await (await kept()).keepWalk(step);
	}

	async leaveWalk(): Promise<void> {
		[this.walk, this.walkAt] = [false, null];
		await (await kept()).keepWalk(null);
	}
}

export const help = new Help();
