<x-page title="What would be sent" :wide="false">
    <h1 class="text-4xl text-cobalt">What would be sent</h1>
    <p class="mt-2">This machine sends no mail. Only who sits at it sees this page; a server for mail is named in <code>.env</code> (see the README).</p>
    @forelse ($mails as $mail)<pre class="tray mt-4 overflow-x-auto p-4 text-sm whitespace-pre-wrap">{{ quoted_printable_decode($mail) }}</pre>@empty<p class="mt-4 text-lg">Nothing yet.</p>@endforelse
</x-page>
