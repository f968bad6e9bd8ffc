<?php

declare(strict_types=1);

/*
 * tools/older-reader.php TREE : reads briefs by the core of an older commit, whose `core/` and `data/` lie in TREE.
 * In: a line of JSON a brief, {"document": ..., "names": ..., "stock": base64 of a serialised Stock}; out: a line of
 * JSON each, what was read as `RecipeWriter` has it, or null where it is no recipe.
 */

use Aglyca\Core\BriefJson;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\Kept\RecipeWriter;
use Aglyca\Core\Tables;

$tree = $argv[1] ?? '';
is_dir("$tree/core") && is_dir("$tree/data") || exit(2);
require dirname(__DIR__).'/vendor/autoload.php';
spl_autoload_register(static function (string $class) use ($tree): void {
    $file = $tree.'/core/'.strtr(substr($class, strlen('Aglyca\\Core\\')), '\\', '/').'.php';
    if (str_starts_with($class, 'Aglyca\\Core\\') && is_file($file)) {
        require $file;
    }
}, true, true);
require dirname(__DIR__).'/core/Reading/Kept/RecipeWriter.php';
$tables = Tables::in("$tree/data");
$kernels = [];
while (($row = fgets(STDIN)) !== false) {
    $asked = json_decode($row, true);
    try {
        $kernel = $kernels[$asked['stock']] ??= Kernel::open($tables, stock($asked));
        $read = RecipeWriter::of($kernel->read(BriefJson::read($asked['document'])));
    } catch (Throwable) {
        $read = null;
    }
    echo json_encode($read, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PRESERVE_ZERO_FRACTION), "\n";
}

/** @param  array{names: array<string, string>, stock: string}  $asked */
function stock(array $asked): Stock
{
    try {
        $stock = unserialize((string) base64_decode($asked['stock'], true));

        return $stock instanceof Stock ? $stock : new Stock($asked['names']);
    } catch (Throwable) {
        // A package of today may hold what the older core does not know; of it only the food counts here.
        return new Stock($asked['names']);
    }
}
