<?php

declare(strict_types=1);

namespace Tools\Attack;

use CurlHandle;

/** Somebody with a browser's cookies and nothing good in mind. */
final class Client
{
    private CurlHandle $handle;

    public string $token = '';

    public int $status = 0;

    public float $seconds = 0.0;

    /** @var array<string, string> */
    public array $headers = [];

    public function __construct(private readonly string $base)
    {
        $this->handle = curl_init();
        curl_setopt_array($this->handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 30,
        ]);
    }

    /** @param  ?array<string, mixed>  $form */
    public function ask(string $path, ?array $form = null): string
    {
        $this->headers = [];
        curl_setopt_array($this->handle, $this->options($path, $form));
        $start = hrtime(true);
        $body = (string) curl_exec($this->handle);
        $this->seconds = (hrtime(true) - $start) / 1e9;
        $this->status = (int) curl_getinfo($this->handle, CURLINFO_RESPONSE_CODE);
        if (preg_match('~name="_token" value="(\w+)"~', $body, $m) === 1) {
            $this->token = $m[1];
        }

        return $body;
    }

    /** Seconds of processor and bytes of memory that the last answer cost. @return array{float, int} */
    public function cost(): array
    {
        [$s0, $u0, $s1, $u1] = json_decode($this->headers['x-cpu'] ?? '[0,0,0,0]', true);

        return [$s1 - $s0 + ($u1 - $u0) / 1e6, (int) ($this->headers['x-memory'] ?? 0)];
    }

    /** @param  ?array<string, mixed>  $form @return array<int, mixed> */
    private function options(string $path, ?array $form): array
    {
        $options = [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_HTTPHEADER => [],
            CURLOPT_HEADERFUNCTION => function (CurlHandle $h, string $line): int {
                [$name, $value] = [...explode(':', $line, 2), ''];
                $this->headers[strtolower(trim($name))] = trim($value);

                return strlen($line);
            }];

        return $options +
            ($form === null
                ? [CURLOPT_HTTPGET => true]
                : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query(['_token' => $this->token, ...$form])]);
    }

    /** The same session once more, for requests side by side. @param  array<string, mixed>  $form */
    public function beside(string $path, array $form): CurlHandle
    {
        // A copied handle has no cookies of its own.
        $cookies = array_map(
            static fn (string $line): string => implode('=', array_slice(explode("\t", $line), 5, 2)),
            (array) curl_getinfo($this->handle, CURLINFO_COOKIELIST),
        );
        $copy = curl_init();
        curl_setopt_array(
            $copy,
            $this->options($path, $form) + [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 30,
                CURLOPT_COOKIE => implode('; ', $cookies),
            ],
        );

        return $copy;
    }

    public function signUp(string $kitchen): void
    {
        $this->ask('/sign-up');
        $this->ask('/sign-up', [
            'email' => bin2hex(random_bytes(6)).'@example.org',
            'password' => 'quince walnut lantern',
            'kitchen' => $kitchen,
        ]);
        $this->ask('/shelf');
        $this->ask('/');
    }

    public function paste(string $text): string
    {
        $this->ask('/paste', ['text' => $text]);
        preg_match('~/bench/([0-9a-z]{26})~', $this->headers['location'] ?? '', $m);

        return $m[1] ?? '';
    }
}
