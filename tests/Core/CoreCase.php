<?php

declare(strict_types=1);

namespace Tests\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Brief;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Tables;
use PHPUnit\Framework\TestCase;

/** Opens the core once for all tests that need it whole. */
abstract class CoreCase extends TestCase
{
    private static ?Kernel $workshop = null;

    protected static function tables(): Tables
    {
        return Tables::in(dirname(__DIR__, 2).'/data');
    }

    protected static function workshop(): Kernel
    {
        return self::$workshop ??= Kernel::open(self::tables());
    }

    protected static function line(string $text): Line
    {
        return self::workshop()->lines->read($text, 'key-1')[0];
    }

    protected static function account(string $text, ?float $pieces = null): Account
    {
        return self::workshop()->account(new Brief($text, pieces: $pieces));
    }

    /** @param  array<string, mixed>  $wishes */
    protected static function work(string $text, array $wishes = []): Conversion
    {
        return self::workshop()->work((new Brief($text))->with($wishes));
    }

    /** @return array<string, array{string}> every demo dessert by file name */
    public static function desserts(): array
    {
        $all = [];
        foreach (glob(dirname(__DIR__, 2).'/database/demo/*.txt') ?: [] as $file) {
            $all[basename($file, '.txt')] = [(string) file_get_contents($file)];
        }

        return $all;
    }
}
