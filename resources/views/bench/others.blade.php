@includeUnless($page->isAsItWas(), 'bench.ways', ['heading' => 'Other ways', 'offer' => 'Show up to three clearly different ones'])
