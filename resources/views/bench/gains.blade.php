@includeWhen($page->isAsItWas(), 'bench.ways', ['heading' => 'What could still be gained', 'offer' => 'See what could be gained, and at what price'])
