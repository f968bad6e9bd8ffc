<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Trial\Judged;
use App\Models\Bake;
use App\Models\Kitchen;
use RuntimeException;
use ZipArchive;

/** A whole notebook as JSON, CSV and Markdown with its pictures. */
final class NotebookZip
{
    /** @return string the path of a file that is to be deleted once it is sent */
    public static function of(Kitchen $kitchen): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive could not be made.');
        }
        $csv = fopen('php://temp', 'r+') ?: throw new RuntimeException('The table could not be made.');
        fputcsv($csv, [
            'dessert',
            'version',
            'baked_on',
            'mark',
            'minutes',
            'heat_c',
            'mass_g',
            'height_cm',
            'pieces',
            ...array_keys(Judged::THINGS),
            'words',
        ]);
        [$all, $markdown] = [[], "# Notebook of $kitchen->name\n"];
        $bakes = Bake::query()
            ->whereHas('recipe', static fn ($q) => $q->where('kitchen_id', $kitchen->id))
            ->with(['recipe', 'version', 'photos'])
            ->orderBy('baked_on')
            ->orderBy('id')
            ->lazy(100);
        foreach ($bakes as $bake) {
            /** @var Bake $bake */
            $pictures = [];
            foreach ($bake->photos as $photo) {
                $pictures[] = "pictures/$bake->id-$photo->id.jpg";
                $zip->addFromString(
                    "pictures/$bake->id-$photo->id.jpg",
                    (string) base64_decode($photo->jpeg_base64, true),
                );
            }
            $figures = $bake->only(['mark', 'minutes', 'heat_c', 'mass_g', 'height_cm', 'pieces']);
            $all[] = [
                'dessert' => $bake->recipe->title,
                'version' => $bake->version->number,
                'baked_on' => $bake->baked_on->toDateString(),
                ...$figures,
                'judgement' => $bake->judgement ?? (object) [],
                'words' => $bake->words,
                'doing' => $bake->doing,
                'tries' => $bake->version->tries,
                'pictures' => $pictures,
                'recipe' => $bake->version->document,
            ];
            fputcsv($csv, [
                $bake->recipe->title,
                $bake->version->number,
                $bake->baked_on->toDateString(),
                ...array_values($figures),
                ...array_map(static fn (string $t): string => $bake->judgement[$t] ?? '', array_keys(Judged::THINGS)),
                $bake->words,
            ]);
            $markdown .=
                "\n## {$bake->recipe->title}, {$bake->baked_on->format('j F Y')}\n\nVersion {$bake->version->number}".
                ($bake->mark === null ? '' : ", $bake->mark of 5").
                ".\n";
            foreach ($bake->notes()->judged as $thing => $judged) {
                $markdown .= '- '.Judged::THINGS[$thing].": {$judged->words()}\n";
            }
            $markdown .= $bake->words === '' ? '' : "\n> ".str_replace("\n", "\n> ", $bake->words)."\n";
            $markdown .= implode('', array_map(static fn (string $p): string => "\n![]($p)\n", $pictures));
        }
        rewind($csv);
        $zip->addFromString(
            'notebook.json',
            (string) json_encode(
                ['kitchen' => $kitchen->name, 'bakes' => $all],
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ),
        );
        $zip->addFromString('notebook.csv', (string) stream_get_contents($csv));
        $zip->addFromString('notebook.md', $markdown);
        $zip->close();

        return $path;
    }
}
