<?php

declare(strict_types=1);

namespace App\Console;

use Aglyca\Core\Brief;
use Aglyca\Core\Kernel;
use Aglyca\Core\Side;
use Aglyca\Core\Trial\BakeNotes;
use Aglyca\Core\Trial\MeterFile;
use Aglyca\Core\Trial\TrialReport;
use App\View\Figures;
use InvalidArgumentException;

/** `diagnose`: why a bake came out as it did. `response`: what a portion did to glucose. */
final readonly class TrialCommand
{
    private const CARE = 'One curve proves little: two of the same portion differ by a quarter and more. This does not dose insulin; your care team decides.';

    /**
     * @param  list<string>  $words
     * @param  callable(string): string  $text  of a file
     * @param  callable(array<string, mixed>): string  $json
     *
     * @throws InvalidArgumentException
     */
    public function run(Kernel $kernel, array $words, callable $text, callable $json): string
    {
        $command = array_shift($words);
        [$isJson, $said, $files] = [false, [], []];
        while (($word = array_shift($words)) !== null) {
            [$name, $value] = [...explode('=', $word, 2), null];
            if ($word === '--json') {
                $isJson = true;
            } elseif ($command === 'response' && in_array($name, ['--unit', '--first-bite'], true)) {
                $said[$name] = $value ?? array_shift($words) ?? throw new InvalidArgumentException("$name wants a value.");
            } else {
                $files[] = $word;
            }
        }
        if (count($files) !== 1 || ($files[0] !== '-' && str_starts_with($files[0], '-'))) {
            throw new InvalidArgumentException("usage: aglyca $command [--json] ".
                ($command === 'response' ? '[--unit mmol/L|mg/dL] [--first-bite TIME|MINUTE] ' : '').'FILE');
        }
        if ($command === 'response') {
            $file = MeterFile::read($text($files[0]), self::unit($said['--unit'] ?? ''));
            $meal = $kernel->meal($file, $file->minuteOf($said['--first-bite'] ?? ''));
            $curve = $meal->curve;

            return $isJson
                ? $json(TrialReport::response($file, $meal))
                : sprintf(
                    "Fasting %.1f mmol/L, peak %.1f after %.0f minutes, incremental area %.0f mmol min/L (%d readings in %s).\n%s%s\n",
                    $curve->baseline,
                    $curve->peak,
                    $curve->peakMinute,
                    $curve->area,
                    count($curve->points),
                    $file->unit,
                    implode('', array_map(static fn (string $t): string => "$t\n", $meal->told)),
                    self::CARE,
                );
        }
        $baked = BakeNotes::parted($text($files[0]));
        $report = TrialReport::diagnosis(
            $kernel->diagnose($kernel->convert(new Brief($baked->recipe)), Side::Written, $baked->notes),
        );

        return $isJson ? $json($report) : $this->tell($report['causes']);
    }

    private static function unit(string $said): string
    {
        return in_array($said, ['', 'mmol/L', 'mg/dL'], true)
            ? $said
            : throw new InvalidArgumentException("--unit is mmol/L or mg/dL, not “{$said}”.");
    }

    /** @param  list<array<string, mixed>>  $causes */
    private function tell(array $causes): string
    {
        $out = $causes === [] ? "Nothing was judged wrong, so nothing is looked for.\n" : '';
        foreach ($causes as $cause) {
            $out .= sprintf("%s %%  %s\n", Figures::percent($cause['probability']), $cause['cause']);
            $out .= $cause['because'] === [] ? '' : '       for: '.implode('; ', $cause['because'])."\n";
            $out .= $cause['against'] === [] ? '' : '       against: '.implode('; ', $cause['against'])."\n";
            $out .= $cause['change'] === null ? '' : '       try: '.$cause['change']['sentence']."\n";
        }

        return $out;
    }
}
