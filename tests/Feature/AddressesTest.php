<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every address that a page holds is one that the application answers, by the way that the page asks for it. */
final class AddressesTest extends KitchenCase
{
    #[DataProvider('views')]
    public function test_every_address_in_a_view_is_a_route(string $file): void
    {
        $view = (string) file_get_contents($file);
        preg_match_all('~<form\b[^>]*?\baction="(/[^"]*)"~', $view, $forms);
        preg_match_all('~<x-live-form\b[^>]*?\bto="(/[^"]*)"~', $view, $live);
        preg_match_all('~\bhx-(get|post)="(/[^"]*)"~', $view, $swaps, PREG_SET_ORDER);
        preg_match_all('~<a\b[^>]*?\bhref="(/[^"]*)"~', $view, $links);
        $asked = [
            ...array_map(static fn (string $p): array => ['', $p], $forms[1]),
            ...array_map(static fn (array $m): array => [strtoupper($m[1]), $m[2]], $swaps),
            ...array_map(static fn (string $p): array => ['POST', $p], $live[1]),
            ...array_map(static fn (string $p): array => ['GET', $p], $links[1]),
        ];
        foreach ($asked as [$method, $path]) {
            $path = explode('?', explode('#', preg_replace('~\{\{.*?\}\}~', "\1", $path) ?? '')[0])[0];
            self::assertTrue($this->isAnswered($method, $path), basename($file).": $method $path");
        }
        $this->addToAssertionCount(1);
    }

    /** @return iterable<string, array{string}> */
    public static function views(): iterable
    {
        $folder = dirname(__DIR__, 2).'/resources/views';
        $all = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            yield substr((string) $file, strlen($folder) + 1) => [(string) $file];
        }
    }

    /** A part that the page fills in matches any one segment, or what is left of one. */
    private function isAnswered(string $method, string $path): bool
    {
        if (is_file(public_path($path))) {
            return true;
        }
        $asked = explode('/', trim($path, '/'));
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($method !== '' && ! in_array($method, $route->methods(), true)) {
                continue;
            }
            if ($this->isLike($asked, explode('/', trim($route->uri(), '/')))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $asked
     * @param  list<string>  $known  of a `Route`
     */
    private function isLike(array $asked, array $known): bool
    {
        if (count($asked) !== count($known)) {
            return false;
        }
        foreach ($asked as $i => $part) {
            $wild = '~^'.implode('.*', array_map(preg_quote(...), explode("\1", $part))).'$~';
            $open = '~^'.(preg_replace('~\\\\\{\w+\\\\\}~', '.+', preg_quote($known[$i], '~')) ?? '').'$~';
            if (preg_match($wild, $known[$i]) !== 1 && preg_match($open, str_replace("\1", 'x', $part)) !== 1) {
                return false;
            }
        }

        return true;
    }
}
