<x-page title="On the tablet" :wide="false">
    <h1 class="text-4xl text-cobalt">On the tablet in the kitchen</h1>
    @if ($address === '')
        <p class="mt-4 text-lg">This kitchen's computer answers only itself. Start it with <code class="figure">./aglyca start --lan</code>, and every device in the house reaches it over an encrypted address.</p>
    @else
        <ol class="mt-4 grid list-decimal gap-4 pl-6 text-lg">
            <li>Photograph this code with the tablet, or type <strong class="figure">{{ $address }}</strong>.<div class="mt-2" id="code"
                data-address="{{ $address }}/trust"></div></li>
            <li>The tablet warns once, because the certificate was made in this house and not bought. Open the address all the same: you are in your own network.</li>
            <li>So that it never asks again, and so that scale, screen and offline pages work, put this kitchen's certificate on the tablet: <a href="/trust/aglyca-ca.crt">aglyca-ca.crt</a>. Open the file, give it a name and allow it for websites (in the settings under security, certificates).</li>
            <li>Open the address again. The Counter then opens without network as well.</li>
        </ol>
        <p class="mt-5 border-l-4 border-here pl-3">The key of the certificate stays on this computer. Whoever has it could read along in your network: keep the computer as safe as you keep your front-door key.</p>
    @endif
    @vite('resources/js/trust.js')
</x-page>
