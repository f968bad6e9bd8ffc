<?php

declare(strict_types=1);

namespace App\Console;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Conversion;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Label\InvalidLabel;
use Aglyca\Core\Quantity\Decimal;
use Aglyca\Core\Reading\Format\RecipeFile;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Wishes;
use Aglyca\Core\Writing\Report;
use App\Support\Trade;
use InvalidArgumentException;
use OutOfBoundsException;

/** Counts or converts a recipe from a file: exit 0, or 2 with a sentence on standard error. */
final readonly class RecipeCommand
{
    private const USAGE =
        "usage: aglyca account [--json] [--measures us|metric|au|imperial] FILE\n".
        "       aglyca convert [--json] [--sweetener KEY] [--school KEY] [--sweetness 0.9] [--family PART=KEY]\n".
        "               [--without milk,egg,nuts,…] [--measures us|metric|au|imperial] [--appliance oven|air-fryer|microwave|waffle-iron|hob]\n".
        "               [--body-mass KG] FILE\n".
        "       aglyca plan [--json] [--ready TIME | --from TIME] [--sheets N] [--per-sheet N] [--bakers N] [--written] FILE...\n".
        "       aglyca diagnose [--json] FILE   (a recipe, a line “--- bake”, and how it came out)\n".
        "       aglyca response [--json] [--unit mmol/L|mg/dL] [--first-bite TIME|MINUTE] FILE.csv\n".
        "       aglyca label [--json] FILE   (JSON: law, serving, printed, polyol)\n".
        "       aglyca … --json --each FOLDER   (each file of it to FILE.json, in one process)\n".
        'FILE may be - for standard input; TIME is as 2026-12-24T16:00.';

    private const CARE =
        'Food composition, not medical advice. Do not work out an insulin dose from this number: total carbohydrate counts '.
        'erythritol and allulose, which hardly raise glucose; net carbs may leave out what does. Your care team decides how you count.';

    private const OPTIONS = [
        'account' => ['--measures'],
        'convert' => [
            '--sweetener',
            '--school',
            '--sweetness',
            '--family',
            '--without',
            '--measures',
            '--appliance',
            '--body-mass',
        ],
    ];

    /** @param  string  $root the project's folder */
    public function __construct(private string $root) {}

    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        try {
            $at = array_search('--each', $words, true);
            if ($at === false) {
                echo $this->said($this->kernel(), $words);

                return 0;
            }
            [, $folder] = [...array_splice($words, $at, 2), ''];

            return $this->each($words, $folder);
        } catch (UnreadableRecipe|InvalidLabel|InvalidArgumentException|OutOfBoundsException $fault) {
            fwrite(STDERR, 'aglyca: '.$fault->getMessage()."\n");

            return 2;
        }
    }

    /**
     * Each file of a folder beside itself, as FILE.json, in one process.
     *
     * @param  list<string>  $words
     * @return int 2 where one of them cannot be read: a sentence says which, and the others are written all the same
     */
    private function each(array $words, string $folder): int
    {
        if (! is_dir($folder) || ! in_array('--json', $words, true)) {
            throw new InvalidArgumentException('--each wants a folder, and --json.');
        }
        [$kernel, $code] = [$this->kernel(), 0];
        foreach (glob(rtrim($folder, '/').'/*') ?: [] as $file) {
            if (! is_file($file) || str_ends_with($file, '.json')) {
                continue;
            }
            try {
                file_put_contents("$file.json", $this->said($kernel, [...$words, $file]));
            } catch (UnreadableRecipe|InvalidLabel|InvalidArgumentException|OutOfBoundsException $fault) {
                fwrite(STDERR, "aglyca: $file: {$fault->getMessage()}\n");
                $code = 2;
            }
        }

        return $code;
    }

    /** @param  list<string>  $words */
    private function said(Kernel $kernel, array $words): string
    {
        $command = $words[0] ?? '';
        if ($command === 'plan') {
            return (new PlanCommand())->run($kernel, array_slice($words, 1), $this->text(...), $this->json(...));
        }
        if (in_array($command, ['diagnose', 'response'], true)) {
            return (new TrialCommand)->run($kernel, $words, $this->text(...), $this->json(...));
        }
        if ($command === 'label') {
            $files = array_values(array_diff(array_slice($words, 1), ['--json']));

            return $this->label(
                $kernel,
                $files[0] ?? throw new InvalidArgumentException(self::USAGE),
                in_array('--json', $words, true),
            );
        }
        [$command, $file, $said, $json] = $this->understand($words);
        $brief = $this->brief($kernel, new Brief(RecipeFile::text($this->text($file))), $said);
        if ($command === 'account') {
            $account = $kernel->account($brief);

            return $json ? $this->json(Report::account($account)) : $this->tell($account, 'as written');
        }
        $conversion = $kernel->convert($brief);

        return $json
            ? $this->json(Report::convert($conversion, $kernel->catalogue, $kernel->gains($conversion)))
            : $this->tellSwap($conversion);
    }

    /**
     * @param  list<string>  $words
     * @return array{string, string, list<array{string, string}>, bool}
     */
    private function understand(array $words): array
    {
        $command = array_shift($words) ?? '';
        if (! in_array($command, ['account', 'convert'], true)) {
            throw new InvalidArgumentException(self::USAGE);
        }
        [$json, $said, $files] = [false, [], []];
        while (($word = array_shift($words)) !== null) {
            [$name, $value] = [...explode('=', $word, 2), null];
            if ($word === '--json') {
                $json = true;
            } elseif (in_array($name, self::OPTIONS[$command], true)) {
                $value ??= array_shift($words) ?? throw new InvalidArgumentException("$name wants a value.");
                if ($name === '--sweetness' && ! is_numeric($value)) {
                    throw new InvalidArgumentException("Sweetness is a number such as 0.9, not “{$value}”.");
                }
                $said[] = [substr($name, 2), $value];
            } elseif ($word !== '-' && str_starts_with($word, '-')) {
                throw new InvalidArgumentException("There is no option “{$word}”.\n".self::USAGE);
            } else {
                $files[] = $word;
            }
        }
        if (count($files) !== 1) {
            throw new InvalidArgumentException(self::USAGE);
        }

        return [$command, $files[0], $said, $json];
    }

    /** @param  list<array{string, string}>  $said  options in their order */
    private function brief(Kernel $kernel, Brief $brief, array $said): Brief
    {
        foreach ($said as [$name, $value]) {
            $brief = match ($name) {
                'sweetness' => $brief->wishing(sweetness: (float) $value),
                'without' => $brief->wishing(without: $this->without($kernel, $value)),
                'body-mass' => is_numeric($value) && $value >= 1 && $value <= 400
                    ? $brief->in($brief->wishes->kitchen->but(bodyMass: (float) $value))
                    : throw new InvalidArgumentException("--body-mass is kilograms from 1 to 400, not “{$value}”."),
                'measures' => $brief->but(corrections: $brief->corrections->measuring($value)),
                'appliance' => isset(Wishes::APPLIANCES[$value])
                    ? $brief->wishing(appliance: $value)
                    : throw new InvalidArgumentException("--appliance is oven, air-fryer, microwave, waffle-iron or hob, not “{$value}”."),
                'family' => $brief->wishing(
                    families: array_replace($brief->wishes->families, $this->family($kernel, $brief, $value)),
                ),
                default => $brief->wishing(...[$name => $value]),
            };
        }

        return $brief;
    }

    /** @return list<string> */
    private function without(Kernel $kernel, string $value): array
    {
        $asked = array_values(array_filter(array_map(trim(...), explode(',', $value))));
        $unknown = array_diff($asked, array_keys($kernel->catalogue->allergens()));

        return $unknown === []
            ? $asked
            : throw new InvalidArgumentException(sprintf(
                '--without knows no “%s”. It knows: %s.',
                implode('”, “', $unknown),
                implode(', ', array_keys($kernel->catalogue->allergens())),
            ));
    }

    private function label(Kernel $kernel, string $file, bool $isJson): string
    {
        $asked = json_decode($this->text($file), true);
        if (! is_array($asked)) {
            throw new InvalidArgumentException('A label comes as JSON: {"law": "eu-uk", "serving": 100, "printed": {"carbohydrate": "7.6"}}.');
        }
        $report = $kernel->catalogue->label($asked);

        return $isJson
            ? $this->json($report)
            : sprintf(
                "100 g: net carbs %.1f g (%.1f to %.1f), %.0f kcal\n",
                $report['net'], $report['low'], $report['high'], $report['kcal'],
            );
    }

    /**
     * "filling=mousse", or "mousse" for the whole dessert.
     *
     * @return array<int, string>
     */
    private function family(Kernel $kernel, Brief $brief, string $value): array
    {
        [$part, $family] = str_contains($value, '=') ? explode('=', $value, 2) : ['', $value];
        if (! isset($kernel->catalogue->families()[$family])) {
            throw new InvalidArgumentException(
                "No family '$family'. Known: ".implode(', ', array_keys($kernel->catalogue->families())).'.',
            );
        }
        foreach ($kernel->read($brief)->components as $component => $name) {
            if (
                $part === '' ||
                stripos($name, trim($part)) !== false ||
                (ctype_digit($part) && (int) $part === $component)
            ) {
                return [$component => $family];
            }
        }
        throw new InvalidArgumentException(
            "The recipe has no part “{$part}”. Its parts: ".
                implode(
                    ', ',
                    array_map(
                        static fn (string $n): string => $n === '' ? '(without a name)' : $n,
                        $kernel->read($brief)->components,
                    ),
                ).
                '.',
        );
    }

    private function kernel(): Kernel
    {
        $folder = $this->root.'/storage/framework/trade';

        return is_writable($folder) || glob($folder.'/*.php') !== []
            ? Trade::open($this->root, $folder)->kernel()
            : Kernel::open(\Aglyca\Core\Tables::in($this->root.'/data'));
    }

    private function text(string $file): string
    {
        $text =
            $file === '-'
                ? stream_get_contents(STDIN)
                : (is_file($file) && is_readable($file)
                    ? file_get_contents($file, length: 1_000_000)
                    : false);

        return $text === false
            ? throw new InvalidArgumentException("There is no file “{$file}” that can be read.")
            : $text;
    }

    /** @param  array<string, mixed>  $data */
    private function json(array $data): string
    {
        return json_encode(
            $data,
            JSON_PRETTY_PRINT |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION |
                JSON_THROW_ON_ERROR,
        )."\n";
    }

    private function tell(Account $account, string $how): string
    {
        $report = Report::account($account);
        $out =
            "{$account->formula->title}, $how: {$report['servings']} pieces, ".
            sprintf('%.0f', $report['mass_g']).
            " g mixed\n\n";
        foreach ($report['lines'] as $line) {
            $grams = $line['grams'] === null ? '–' : sprintf('%.1f g', $line['grams']);
            $flags = $line['flags'] === [] ? '' : '  ['.implode(', ', $line['flags']).']';
            $out .= sprintf(
                "%10s  %-28s %7.1f g carbohydrate   %s%s\n",
                $grams,
                $line['food'] ?? 'unknown',
                $line['carbohydrate_g'],
                $line['text'],
                $flags,
            );
        }
        $piece = $report['per_serving'];
        $out .= sprintf(
            "\nA piece: %.0f kcal, fat %.1f g, protein %.1f g, total carbohydrate %.1f g, fibre %.1f g, polyols %.1f g, allulose %.1f g\n",
            $piece['energy_kcal'],
            $piece['fat_g'],
            $piece['protein_g'],
            $piece['carbohydrate_g'],
            $piece['fibre_g'],
            $piece['polyols_g'],
            $piece['allulose_g'],
        );
        foreach (Convention::cases() as $convention) {
            $out .= sprintf(
                "  net carbs, %-12s %5.1f g (%.1f to %.1f)\n",
                $convention->value,
                $piece['net_carbs_g'][$convention->value],
                $account->low($convention),
                $account->high($convention),
            );
        }
        foreach ($account->uncounted as $i) {
            $out .= "Not in the totals, its food or amount is not known: {$account->formula->doses[$i]->text}\n";
        }

        return $out;
    }

    private function tellSwap(Conversion $conversion): string
    {
        $out = $this->tell($conversion->before, 'as written').'Read with '.$conversion->recipe->measures->name().".\n\n"
            .$this->tell($conversion->after, 'swapped')."\n".$this->swaps($conversion).$this->outside($conversion);
        foreach ($conversion->steps() as $step) {
            $out .= "- {$step->text()}\n";
        }
        foreach ($conversion->warnings as $warning) {
            $out .= "! $warning->sentence\n";
        }

        return $out.self::CARE."\n";
    }

    /** What takes the place of what, and why. */
    private function swaps(Conversion $conversion): string
    {
        $out = '';
        $changed = array_filter($conversion->swap->exchanges, static fn (Exchange $e): bool => $e->changed);
        foreach ($changed as $exchange) {
            $from = array_map(
                static fn (int $i): string => trim($conversion->swap->before->doses[$i]->text),
                $exchange->from,
            );
            $to = array_map(
                static fn (Part $p): string => sprintf(
                    '%s g %s (%s)',
                    Decimal::plain($p->grams),
                    $p->food->name,
                    $p->why,
                ),
                $exchange->to,
            );
            $out .= '* '.implode(', ', $from).' -> '.implode('; ', $to).'. '.ucfirst($exchange->why)."\n";
        }

        return $out === '' ? '' : "$out\n";
    }

    /** What is out of its band. */
    private function outside(Conversion $conversion): string
    {
        $out = '';
        foreach (array_filter($conversion->properties, static fn (Property $p): bool => $p->isOutside()) as $property) {
            $out .= sprintf(
                "out of band: %s %.2f, between %.2f and %.2f wanted\n",
                mb_strtolower($property->name),
                $property->after,
                $property->low ?? 0.0,
                $property->high ?? INF,
            );
        }

        return $out === '' ? '' : "$out\n";
    }
}
