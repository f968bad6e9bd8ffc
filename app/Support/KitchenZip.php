<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Side;
use App\Models\Kitchen;
use App\Models\Recipe;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;
use InvalidArgumentException;
use JsonException;
use OutOfBoundsException;
use RuntimeException;
use ZipArchive;

/**
 * A kitchen as a ZIP of open formats: `kitchen.json` holds all of it and is what is brought in again; beside it each
 * dessert as JSON-LD and Markdown, the packages and bakes as CSV, the pictures as JPEG.
 */
final class KitchenZip
{
    private const ALL = 'kitchen.json';

    /** Bytes and entries that are unpacked (our own choice). */
    private const MOST_JSON = 16_000_000;

    private const MOST_PICTURE = 4_000_000;

    private const MOST_ENTRIES = 12_000;

    private const FLAGS =
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    private function __construct() {}

    /** @return string the path of a file that is to be deleted once it is sent */
    public static function of(Kitchen $kitchen, Kernel $kernel): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'copy');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive could not be made.');
        }
        $copy = KitchenCopy::of($kitchen);
        foreach ($copy['tables']['photos'] as $n => $photo) {
            $name = sprintf('pictures/%04d.jpg', $n);
            $zip->addFromString($name, (string) base64_decode((string) $photo['jpeg_base64'], true));
            $copy['tables']['photos'][$n]['jpeg_base64'] = $name;
        }
        $zip->addFromString(self::ALL, json_encode($copy, self::FLAGS));
        foreach ($kitchen->recipes()->with(['latest', 'kitchen'])->orderBy('id')->lazy(50) as $n => $recipe) {
            /** @var Recipe $recipe */
            $name = sprintf('desserts/%04d-%s', $n, Str::slug($recipe->title));
            $zip->addFromString("$name.txt", $recipe->brief()->text);
            try {
                $conversion = $kernel->convert($recipe->brief());
                $written = $conversion->written(Side::Swapped)->paced($kernel->pace($conversion, Side::Swapped));
                $zip->addFromString("$name.json", json_encode($written->schema(), self::FLAGS | JSON_PRETTY_PRINT));
                $zip->addFromString("$name.md", "# $written->title\n\n".$written->text());
            } catch (UnreadableRecipe|OutOfBoundsException) {
                // What cannot be read is kept as it was typed.
            }
        }
        foreach (['packages', 'bakes', 'observations'] as $table) {
            $zip->addFromString("$table.csv", self::csv($copy['tables'][$table]));
        }
        $zip->close();

        return $path;
    }

    /**
     * Brings a copy into an empty kitchen.
     *
     * @throws InvalidArgumentException with a sentence for the baker; nothing was changed
     */
    public static function into(Kitchen $kitchen, string $path): void
    {
        if (! $kitchen->isEmpty()) {
            throw new InvalidArgumentException('A copy goes into an empty kitchen only: this one has something in it.');
        }
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
            throw new InvalidArgumentException('That is no ZIP file with a copy of a kitchen.');
        }
        try {
            $copy = json_decode(self::entry($zip, self::ALL, self::MOST_JSON), true, 64, JSON_THROW_ON_ERROR);
            $photos = is_array($copy) ? $copy['tables']['photos'] ?? [] : [];
            foreach (is_array($photos) ? $photos : [] as $n => $photo) {
                $name = is_array($photo) && is_string($photo['jpeg_base64'] ?? null) ? $photo['jpeg_base64'] : '';
                $copy['tables']['photos'][$n]['jpeg_base64'] = base64_encode(
                    self::entry($zip, $name, self::MOST_PICTURE),
                );
            }
        } catch (JsonException) {
            throw new InvalidArgumentException('The copy in that ZIP cannot be read.');
        } finally {
            $zip->close();
        }
        try {
            KitchenCopy::into($kitchen, KitchenCheck::of($copy));
        } catch (QueryException $refused) {
            // What the tables themselves do not take: a bake of no dessert, a day that no month has, one number twice.
            throw Trouble::isPassing($refused)
                ? $refused
                : new InvalidArgumentException(
                    'That copy is damaged: its parts do not belong together. Nothing was brought in.',
                );
        }
    }

    private static function entry(ZipArchive $zip, string $name, int $most): string
    {
        $stat = $zip->statName($name);
        // What it says of its size is looked at first, and no more than that is unpacked.
        $body = $stat === false || $stat['size'] > $most ? false : $zip->getFromName($name, $most);

        return $body !== false
            ? $body
            : throw new InvalidArgumentException("That ZIP has no $name of a bearable size.");
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function csv(array $rows): string
    {
        $csv = fopen('php://temp', 'r+') ?: throw new RuntimeException('The table could not be made.');
        foreach ($rows as $n => $row) {
            if ($n === 0) {
                fputcsv($csv, array_keys($row), escape: '');
            }
            fputcsv(
                $csv,
                array_map(static fn (mixed $v): mixed => is_array($v) ? json_encode($v, self::FLAGS) : $v, $row),
                escape: '',
            );
        }
        rewind($csv);

        return (string) stream_get_contents($csv);
    }
}
