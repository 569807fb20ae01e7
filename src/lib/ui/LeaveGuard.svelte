<script lang="ts">
	import { beforeNavigate } from '$app/navigation';
	import type { Session } from '$lib/store/session.svelte.ts';

	/** Asks before a page goes away with what is not kept. */
	let { session }: { session: Session } = $props();

	/** Where somebody wanted to go. */
	let wanted: URL | null = $state.raw(null);
	const { keeping } = $derived(session);

	beforeNavigate(({ to, willUnload, cancel }) => {
		if (!session.unsafe || (to && to.params?.project === session.id)) return;
		if (willUnload) cancel();
		else if (to && keeping.state === 'failed') {
			cancel();
			wanted = to.url;
		}
	});

	async function save() {
		const { exportProject } = await import('./export-project.ts');
		await exportProject(session.project);
	}

	function leave() {
		session.letGo();
		location.assign(wanted!);
	}
</script>

{#if wanted && keeping.state === 'failed'}
	{@const reason = keeping.error.message}
	{#await import('./LeaveDialog.svelte') then { default: LeaveDialog }}
		<LeaveDialog {reason} onstay={() => (wanted = null)} onexport={save} onleave={leave} />
	{/await}
{/if}
