<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Format;

use Aglyca\Core\Reading\UnreadableRecipe;
use JsonException;

/**
 * Takes a file's bytes for what they are, by content and not by name: JSON or a web page with a schema.org
 * Recipe, a table, or plain text; and gives the recipe as plain text that `RecipeReader` reads.
 */
final readonly class RecipeFile
{
    public const MOST_BYTES = 2_000_000;

    private function __construct() {}

    /** @throws UnreadableRecipe */
    public static function text(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw UnreadableRecipe::fileTooLarge(self::MOST_BYTES);
        }
        if (
            str_contains($bytes, "\0") &&
            ! str_starts_with($bytes, "\xff\xfe") &&
            ! str_starts_with($bytes, "\xfe\xff")
        ) {
            throw UnreadableRecipe::notText();
        }
        $text = self::decoded($bytes);
        $start = ltrim($text);

        return match (true) {
            $start === '' => throw UnreadableRecipe::nothingThere(),
            $start[0] === '{' || preg_match('/^\[\s*[{\[]/', $start) === 1 => self::json($start),
            preg_match('~^<(?:!doctype|html|\?xml|head|body|div|article|script|!--)~i', $start) === 1 ||
                stripos($text, 'application/ld+json') !== false => WebPage::text($text),
            RecipeTable::looksLikeOne($text) => RecipeTable::text($text),
            default => $text,
        };
    }

    private static function decoded(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xef\xbb\xbf") => substr($bytes, 3),
            str_starts_with($bytes, "\xff\xfe") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xfe\xff") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            default => $bytes,
        };

        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    private static function json(string $text): string
    {
        try {
            $data = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw UnreadableRecipe::brokenJson();
        }

        return SchemaRecipe::find($data)?->text() ?? throw UnreadableRecipe::noRecipeInside();
    }
}
