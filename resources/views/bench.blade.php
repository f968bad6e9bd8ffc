<x-page :title="$page->title()" here="bench">
    @include('bench.tray')
    <datalist id="foods">
        {{ App\View\Options::found($page->kernel->catalogue->foodNames()) }}
    </datalist>
    <dialog id="keys" class="tray m-auto p-6">
        <h2 class="text-xl">Keys</h2>
        <dl class="mt-2 grid grid-cols-[4rem_minmax(0,1fr)] gap-y-1"><dt class="figure font-semibold">u</dt><dd>undo</dd><dt class="figure font-semibold">r</dt><dd>redo</dd><dt class="figure font-semibold">m</dt><dd>to the mix; arrow keys move the bead</dd><dt class="figure font-semibold">p</dt><dd>to the pieces</dd><dt class="figure font-semibold">b</dt><dd>bake it</dd><dt class="figure font-semibold">?</dt><dd>this list</dd></dl>
        <label class="mt-3 flex min-h-[44px] items-center gap-2"><input class="h-5 w-5 accent-cobalt" type="checkbox" id="letters"
            checked> Letter keys work on this device</label>
        <form method="dialog" class="mt-4"><button class="button">Close</button></form>
    </dialog>
</x-page>
