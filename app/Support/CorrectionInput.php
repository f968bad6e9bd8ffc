<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;

/** What a baker types to correct a line: a food's name, grams, or both; an empty field leaves the reading as it is. */
final readonly class CorrectionInput
{
    private const MOST_GRAMS = 100_000;

    public function __construct(private Kernel $kernel) {}

    /** @return array{array{food?: string, grams?: float, package?: string}, MessageBag} */
    public function read(Request $request): array
    {
        $said = [];
        $faults = new MessageBag;
        $name = trim((string) $request->string('food'));
        if ($name !== '') {
            $match = $this->kernel->catalogue->find($name);
            if ($match->food !== null && $match->sure) {
                $said['food'] = $match->food;
            } else {
                $faults->add(
                    'food',
                    'The larder has no “'.mb_strimwidth($name, 0, 40, '…').'”. Choose a food from the list.',
                );
            }
        }
        $grams = Number::plain((string) $request->string('grams'));
        if ($grams !== '') {
            if (is_numeric($grams) && (float) $grams > 0 && (float) $grams <= self::MOST_GRAMS) {
                $said['grams'] = (float) $grams;
            } else {
                $faults->add('grams', 'Grams: a number above 0, such as 120 or 2.5.');
            }
        }

        $package = (string) $request->string('package');
        if ($package !== '') {
            if ($package === 'none' || $this->kernel->catalogue->package($package) !== null) {
                $said['package'] = $package;
            } else {
                $faults->add('package', 'That package is no longer in the Pantry.');
            }
        }

        return [$said, $faults];
    }
}
