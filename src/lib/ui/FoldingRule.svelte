<script lang="ts">
	import type { StationNotes } from '$lib/core/index.ts';
	import { projectPath } from './paths.ts';
	import { STATIONS } from './stations.ts';

	interface Props {
		project: string;
		wall: string;
		here: string;
		notes: StationNotes | null;
	}

	let { project, wall, here, notes }: Props = $props();
</script>

<nav class="rule" aria-label="Stations">
	<ol>
		{#each STATIONS as { id, name }, index (id)}
			{@const current = here === id}
			<li>
				<a
					href={projectPath(project, wall, id)}
					class:current
					aria-current={current ? 'page' : undefined}
					{@attach (link) => {
						if (current) link.scrollIntoView({ inline: 'center', block: 'nearest' });
					}}
				>
					<span><span class="number measure">{index + 1}</span> {name}</span>
					{#if notes}
						<span class="dot" class:lacks={!notes[id].ready} aria-hidden="true"></span>
						<span class="note" class:lacks={!notes[id].ready}>{notes[id].text}</span>
					{/if}
				</a>
			</li>
		{/each}
	</ol>
</nav>

<style>
	.rule {
		min-width: 0;
		max-width: 100%;
		overflow-x: auto;
		scrollbar-width: none;
		padding: 0.3rem 0.2rem;
	}

	ol {
		display: flex;
		width: max-content;
	}

	li {
		position: relative;
		display: flex;
	}

	/* The brass hinge between two segments. */
	li + li::before {
		content: '';
		position: absolute;
		z-index: 2;
		top: 50%;
		left: -6px;
		width: 12px;
		height: 12px;
		margin-top: -8px;
		border-radius: 50%;
		background: radial-gradient(
			circle at 35% 30%,
			var(--brass-light),
			var(--brass) 55%,
			var(--brass-low)
		);
	}

	a {
		position: relative;
		display: flex;
		flex-direction: column;
		justify-content: center;
		min-width: 4.9rem;
		padding: 0.2rem 0.8rem 0.5rem;
		background: linear-gradient(var(--boxwood), var(--boxwood-low));
		color: var(--boxwood-ink);
		font-weight: 600;
		line-height: 1.15;
		white-space: nowrap;
	}

	li:first-child a {
		border-radius: 5px 0 0 5px;
	}

	li:last-child a {
		border-radius: 0 5px 5px 0;
	}

	/* Graduations along the lower edge. */
	a::after {
		content: '';
		position: absolute;
		right: 0;
		bottom: 0;
		left: 0;
		height: 6px;
		background: repeating-linear-gradient(90deg, var(--boxwood-ink) 0 1px, transparent 1px 7px);
		opacity: 0.65;
	}

	a.current {
		background: var(--color-base-100);
		color: var(--color-base-content);
	}

	a.current::after {
		height: 4px;
		background: var(--tape-blue);
		opacity: 1;
	}

	.number {
		opacity: 0.75;
	}

	.note {
		color: var(--moss-deep);
		font-size: var(--text-2xs);
		font-weight: 500;
	}

	.note.lacks {
		color: var(--brick-deep);
	}

	a.current .note {
		color: var(--moss-ink);
	}

	a.current .note.lacks {
		color: var(--color-error);
	}

	.dot {
		display: none;
	}

	/* All seven at once under a thumb: what is ready has a full dot, and its words are read out alone. */
	@media (max-width: 639px) {
		.rule {
			width: 100%;
			padding-inline: 0;
		}

		li + li::before {
			top: auto;
			bottom: 4px;
		}

		ol {
			width: 100%;
		}

		li {
			flex: 1 1 auto;
		}

		a {
			flex: 1;
			align-items: center;
			min-width: 0;
			height: 44px;
			padding: 0 0.2rem 4px;
			font-size: var(--text-xs);
		}

		.number {
			display: none;
		}

		.note {
			position: absolute;
			overflow: hidden;
			width: 1px;
			height: 1px;
			clip-path: inset(50%);
		}

		.dot {
			display: block;
			width: 9px;
			height: 9px;
			margin-top: 3px;
			border: 2px solid var(--moss-deep);
			border-radius: 50%;
			background: var(--moss-deep);
		}

		.dot.lacks {
			border-color: var(--brick-deep);
			background: transparent;
		}

		a.current .dot {
			border-color: var(--moss-ink);
			background: var(--moss-ink);
		}

		a.current .dot.lacks {
			border-color: var(--color-error);
			background: transparent;
		}
	}

	a:focus-visible {
		z-index: 3;
		outline-offset: -3px;
		outline-color: var(--tape-blue-ink);
	}
</style>
