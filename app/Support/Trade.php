<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Tables;
use Illuminate\Contracts\Cache\Store;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Opens the core on `data/`, kept as compiled PHP so that a request does not parse the tables again. */
final readonly class Trade
{
    /** @param  string  $stamp  part of the key of whatever is cached from the numbers */
    private function __construct(public string $stamp, public Tables $tables, private ?Store $readings) {}

    /**
     * @param  string  $root  of the application
     * @param  ?string  $stamp  what `stamp()` gave when the server was set up; null works it out
     * @param  ?Store  $readings  where what was read of a text is kept from one request to the next
     */
    public static function open(
        string $root,
        string $cacheFolder,
        ?string $stamp = null,
        ?Store $readings = null,
    ): self {
        $stamp ??= self::stamp($root);
        $file = "$cacheFolder/$stamp.php";
        if (! is_file($file)) {
            self::compile("$root/data", $file);
        }

        return new self($stamp, Tables::restored(require $file), $readings);
    }

    public function kernel(Stock $stock = new Stock): Kernel
    {
        return Kernel::open(
            $this->tables,
            $stock,
            $this->readings === null ? null : new KeptReadings($this->readings, $this->stamp.serialize($stock)),
        );
    }

    /** Changes when a table does, or the code that works something out from the tables. */
    public static function stamp(string $root): string
    {
        $state = [];
        foreach (['core', 'data'] as $folder) {
            foreach (
                new RecursiveIteratorIterator(
                    new RecursiveDirectoryIterator("$root/$folder", RecursiveDirectoryIterator::SKIP_DOTS),
                ) as $file
            ) {
                $state[] = $file->getPathname().$file->getMTime().$file->getSize();
            }
        }
        sort($state);

        return substr(sha1(implode('|', $state)), 0, 16);
    }

    private static function compile(string $folder, string $file): void
    {
        $tables = Tables::in($folder);
        Kernel::workOut($tables);
        is_dir(dirname($file)) || @mkdir(dirname($file), 0775, true);
        $temporary = (string) tempnam(dirname($file), 'new');
        file_put_contents($temporary, '<?php return '.var_export($tables->export(), true).';');
        chmod($temporary, 0644);
        rename($temporary, $file);
        // Only now, and never the one that another process reads at this moment.
        foreach (array_diff(glob(dirname($file).'/*.php') ?: [], [$file]) as $old) {
            @unlink($old);
        }
    }
}
