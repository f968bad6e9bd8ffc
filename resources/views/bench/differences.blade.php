<table class="mt-1 w-full text-[15px]">
    <caption class="sr-only">Each property of the swapped dessert against the dessert as written</caption>
    <tbody>
    @foreach ($page->differences() as $row)
        <tr class="border-b border-[#e3e9ef] last:border-0"><th scope="row" class="py-1.5 text-left font-normal">{{ $row['name'] }}</th><td class="figure text-right">{{ $row['text'] }}</td></tr>
    @endforeach
    </tbody>
</table>
<p class="mt-1 text-sm text-soft">of the dessert as written; <a href="/almanac#properties">how they are worked out</a></p>
