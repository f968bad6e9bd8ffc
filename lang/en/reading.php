<?php

declare(strict_types=1);

return [
    'anew' => [
        'heading' => 'Your text would be read differently today',
        'why' => 'Aglyca reads more than it did when you kept this dessert. Nothing changes unless you say so.',
        'row' => 'In your text',
        'kept' => 'As you kept it',
        'today' => 'Read today',
        'take' => 'Read it anew',
        'baked' => 'You have baked this version, so it stays as it is and the new reading starts the next one.',
        'title' => 'the title',
        'pieces' => 'how many it makes',
        'nothing' => 'not read',
        'unknown' => 'not known',
        'line' => ":food, :grams\u{a0}g",
        'loose' => ':food, no amount',
    ],
];
