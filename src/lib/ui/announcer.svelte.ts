/** What a screen reader is told once, where nothing that is told already says it. */
class Announcer {
	said = $state('');

	say(text: string): void {
		// The same words again are told again.
		this.said = this.said === text ? `${text}\u00A0` : text;
	}
}

export const announcer = new Announcer();
