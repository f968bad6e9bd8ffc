<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Larder\Stock;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Reads what stood in the database before readings were kept by the code that made it, taken from the repository: the
 * figures that a baker knows were made by that reader and no other.
 */
final readonly class OlderReader
{
    /** The last commit before readings were kept that was ever served. */
    public const COMMIT = '4b6eb0f3230376cfb1e4d1c79b16f3329fa44342';

    private const SECONDS = 3_600;

    private function __construct(private string $root, private string $tree) {}

    /** @return ?self null where the repository or the commit is not there */
    public static function open(string $root): ?self
    {
        $tree = "$root/storage/framework/reader-".substr(self::COMMIT, 0, 10);
        if (! is_dir("$tree/core")) {
            is_dir($tree) || mkdir($tree, 0755, true);
            $take = new Process(['bash', '-c', 'git -C "$1" archive "$2" core data | tar -x -C "$3"', '-', $root, self::COMMIT, $tree]);
            $take->run();
        }

        return is_dir("$tree/core") && is_dir("$tree/data") ? new self($root, $tree) : null;
    }

    /**
     * @param  array<int, array{array<string, mixed>, Stock}>  $asked  documents of briefs,
     * @return array<int, ?array<string, mixed>> what was read of each, as `RecipeWriter` has it
     *
     * @throws RuntimeException
     */
    public function read(array $asked): array
    {
        $lines = array_map(
            static fn (array $one): string => json_encode([
                'document' => $one[0], 'names' => $one[1]->names, 'stock' => base64_encode(serialize($one[1])),
            ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            $asked,
        );
        $reader = new Process([PHP_BINARY, "$this->root/tools/older-reader.php", $this->tree]);
        $reader->setInput(implode("\n", $lines))->setTimeout(self::SECONDS)->mustRun();
        $read = array_map(
            static fn (string $line): ?array => json_decode($line, true),
            explode("\n", rtrim($reader->getOutput(), "\n")),
        );
        count($read) === count($asked) || throw new RuntimeException('The older reader lost count.');

        return array_combine(array_keys($asked), $read);
    }
}
