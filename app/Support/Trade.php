<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\FoodNames;
use Aglyca\Core\Tables;

/** Opens the core on `data/`, kept as compiled PHP so that a request does not parse the tables again. */
final readonly class Trade
{
    /**
     * @param  string  $stamp  changes when a table changes: part of the key of whatever is cached from the numbers
     */
    private function __construct(public string $stamp, public Tables $tables, private FoodNames $names) {}

    public static function open(string $folder, string $cacheFolder): self
    {
        $stamp = self::stamp($folder);
        $file = "$cacheFolder/$stamp.php";
        if (! is_file($file)) {
            self::compile($folder, $file);
        }
        $kept = require $file;

        return new self($stamp, Tables::restored($kept['tables']), new FoodNames(...$kept['names']));
    }

    public function kernel(Stock $stock = new Stock): Kernel
    {
        return Kernel::open($this->tables, $this->names, $stock);
    }

    private static function stamp(string $folder): string
    {
        // What is kept changes with its layout too.
        $state = implode(array_keys(get_class_vars(FoodNames::class)));
        foreach (glob($folder.'/*.csv') ?: [] as $file) {
            $state .= basename($file).filemtime($file).filesize($file);
        }

        return substr(sha1($state), 0, 16);
    }

    private static function compile(string $folder, string $file): void
    {
        $tables = Tables::in($folder);
        $kept = ['tables' => $tables->export(), 'names' => get_object_vars(FoodNames::compiled($tables))];
        is_dir(dirname($file)) || @mkdir(dirname($file), 0775, true);
        $temporary = (string) tempnam(dirname($file), 'new');
        file_put_contents($temporary, '<?php return '.var_export($kept, true).';');
        chmod($temporary, 0644);
        rename($temporary, $file);
        // Only now, and never the one that another process reads at this moment.
        foreach (array_diff(glob(dirname($file).'/*.php') ?: [], [$file]) as $old) {
            @unlink($old);
        }
    }
}
