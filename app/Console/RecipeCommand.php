<?php

declare(strict_types=1);

namespace App\Console;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Brief;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Writing\Report;
use App\Support\Trade;
use InvalidArgumentException;
use OutOfBoundsException;

/** Counts or converts a recipe from a file: exit 0, or 2 with a sentence on standard error. */
final readonly class RecipeCommand
{
    private const USAGE = "usage: aglyca account [--json] FILE\n       aglyca convert [--json] [--sweetener KEY] [--school KEY] [--sweetness 0.9] FILE\nFILE may be - for standard input.";

    /** @param  string  $root the project's folder */
    public function __construct(private string $root) {}

    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        try {
            [$command, $file, $said, $json] = $this->understand($words);
            $text = $this->text($file);
            $folder = $this->root.'/storage/framework/trade';
            $kernel = is_writable($folder) || glob($folder.'/*.php') !== []
                ? Trade::open($this->root.'/data', $folder)->kernel()
                : Kernel::open(\Aglyca\Core\Tables::in($this->root.'/data'));
            $brief = (new Brief($text))->wishing(...$said);
            if ($command === 'account') {
                $account = $kernel->account($brief);
                echo $json ? $this->json(Report::account($account)) : $this->tell($account, 'as written');
            } else {
                $conversion = $kernel->convert($brief);
                echo $json ? $this->json(Report::convert($conversion, $kernel->catalogue)) : $this->tellSwap($conversion);
            }

            return 0;
        } catch (UnreadableRecipe|InvalidArgumentException|OutOfBoundsException $fault) {
            fwrite(STDERR, 'aglyca: '.$fault->getMessage()."\n");

            return 2;
        }
    }

    /**
     * @param  list<string>  $words
     * @return array{string, string, array<string, string|float>, bool}
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
            } elseif ($command === 'convert' && in_array($name, ['--sweetener', '--school', '--sweetness'], true)) {
                $value ??= array_shift($words) ?? throw new InvalidArgumentException("$name wants a value.");
                if ($name === '--sweetness' && ! is_numeric($value)) {
                    throw new InvalidArgumentException("Sweetness is a number such as 0.9, not “{$value}”.");
                }
                $said[substr($name, 2)] = $name === '--sweetness' ? (float) $value : $value;
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

    private function text(string $file): string
    {
        $text = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) && is_readable($file) ? file_get_contents($file, length: 1_000_000) : false);

        return $text === false ? throw new InvalidArgumentException("There is no file “{$file}” that can be read.") : $text;
    }

    /** @param  array<string, mixed>  $data */
    private function json(array $data): string
    {
        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n";
    }

    private function tell(Account $account, string $how): string
    {
        $report = Report::account($account);
        $out = "{$account->formula->title}, $how: {$report['servings']} pieces, {$report['mass_g']} g mixed\n\n";
        foreach ($report['lines'] as $line) {
            $grams = $line['grams'] === null ? '–' : sprintf('%.1f g', $line['grams']);
            $flags = $line['flags'] === [] ? '' : '  ['.implode(', ', $line['flags']).']';
            $out .= sprintf("%10s  %-28s %7.1f g carbohydrate   %s%s\n", $grams, $line['food'] ?? 'unknown', $line['carbohydrate_g'], $line['text'], $flags);
        }
        $piece = $report['per_serving'];
        $out .= sprintf("\nA piece: %.0f kcal, fat %.1f g, protein %.1f g, total carbohydrate %.1f g, fibre %.1f g, polyols %.1f g, allulose %.1f g\n", $piece['energy_kcal'], $piece['fat_g'], $piece['protein_g'], $piece['carbohydrate_g'], $piece['fibre_g'], $piece['polyols_g'], $piece['allulose_g']);
        foreach (Convention::cases() as $convention) {
            $out .= sprintf("  net carbs, %-12s %5.1f g (%.1f to %.1f)\n", $convention->value, $piece['net_carbs_g'][$convention->value], $account->low($convention), $account->high($convention));
        }
        foreach ($account->uncounted as $i) {
            $out .= "Not in the totals, its food or amount is not known: {$account->formula->doses[$i]->text}\n";
        }

        return $out;
    }

    private function tellSwap(Conversion $conversion): string
    {
        $out = $this->tell($conversion->before, 'as written')."\n".$this->tell($conversion->after, 'swapped')."\n";
        foreach ($conversion->steps as $step) {
            $out .= "- {$step->text()}\n";
        }
        foreach ($conversion->warnings as $warning) {
            $out .= "! $warning->sentence\n";
        }

        return $out."Food composition, not medical advice: with insulin or glucose-lowering medicine go by total carbohydrate and your own care team.\n";
    }
}
