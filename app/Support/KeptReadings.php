<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Formula\Readings;
use Aglyca\Core\Formula\Written;
use Closure;
use Illuminate\Contracts\Cache\Store;

/**
 * What was read of a text, kept in the memory of the web server: a baker who tries ten sweeteners has the text read
 * once. The server's memory goes with the server, so that code which reads otherwise never meets an old reading.
 */
final readonly class KeptReadings implements Readings
{
    private const SECONDS = 3_600;

    private string $under;

    /** @param  string  $under  what a reading depends on beside the text: the tables, and what a kitchen stocks */
    public function __construct(private Store $store, string $under)
    {
        $this->under = 'reading:'.sha1($under).':';
    }

    public function of(string $key, Closure $read): Written
    {
        $kept = $this->store->get($this->under.$key);
        if ($kept instanceof Written) {
            return $kept;
        }
        $written = $read();
        $this->store->put($this->under.$key, $written, self::SECONDS);

        return $written;
    }
}
