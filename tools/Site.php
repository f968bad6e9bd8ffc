<?php

declare(strict_types=1);

namespace Tools;

use RuntimeException;

/** The application on a port of its own, to be killed and brought up again by a test. */
final class Site
{
    private ?int $group = null;

    public function __construct(public readonly int $port, private readonly string $database) {}

    public function address(): string
    {
        return "http://127.0.0.1:$this->port";
    }

    public function up(): void
    {
        $root = dirname(__DIR__);
        $command = sprintf(
            '( cd %s && exec env DB_DATABASE=%s APP_ENV=production PHP_CLI_SERVER_WORKERS=4 setsid php -d opcache.enable_cli=1 -S 127.0.0.1:%d %s >>%s 2>&1 </dev/null ) >/dev/null 2>&1 & echo $!',
            escapeshellarg("$root/public"), escapeshellarg($this->database), $this->port,
            escapeshellarg("$root/tools/server.php"), escapeshellarg("$root/storage/logs/site.log"),
        );
        exec($command, $said);
        $this->group = (int) ($said[0] ?? 0);
        for ($tries = 0; $tries < 200; $tries++) {
            if (@fsockopen('127.0.0.1', $this->port, $code, $message, 0.1) !== false) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("No server came up on port $this->port.");
    }

    /** Hard, in the middle of whatever it does: the port is refused from here on, to a page and to its worker. */
    public function kill(): void
    {
        if ($this->group !== null) {
            exec("bash -c 'kill -9 -- -$this->group'");
            $this->group = null;
        }
    }
}
