<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Format;

use Aglyca\Core\Reading\UnreadableRecipe;
use DOMDocument;
use DOMElement;
use DOMXPath;

/** A saved web page: the schema.org Recipe in it, or else its visible text. Nothing is fetched and nothing is run. */
final readonly class WebPage
{
    private function __construct() {}

    /** @throws UnreadableRecipe */
    public static function text(string $html): string
    {
        if (
            preg_match_all(
                '~<script[^>]*type\s*=\s*["\']?application/ld\+json["\']?[^>]*>(.*?)</script>~is',
                $html,
                $found,
            ) > 0
        ) {
            foreach ($found[1] as $json) {
                $json =
                    preg_replace(
                        '~^\s*(?:<!--|//<!\[CDATA\[|<!\[CDATA\[)|(?:-->|//\]\]>|\]\]>)\s*$~',
                        '',
                        trim($json),
                    ) ?? $json;
                $recipe = SchemaRecipe::find(json_decode($json, true, 64, JSON_INVALID_UTF8_SUBSTITUTE));
                if ($recipe !== null) {
                    return $recipe->text();
                }
            }
        }

        $document = self::document($html);

        return self::microdata($document)?->text() ?? self::visible($document);
    }

    private static function document(string $html): DOMDocument
    {
        $document = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        // LIBXML_NONET, and HTML parsing expands no external entity: nothing outside the file is read.
        $document->loadHTML('<?xml encoding="UTF-8">'.$html, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $document;
    }

    /** The recipe that the page's own elements are marked as (`itemprop`). */
    private static function microdata(DOMDocument $document): ?SchemaRecipe
    {
        $recipe = self::elements($document, '//*[contains(@itemtype, "schema.org/Recipe")]')[0] ?? null;
        if ($recipe === null) {
            return null;
        }
        $said = [];
        foreach ((new DOMXPath($document))->query('.//*[@itemprop]', $recipe) ?: [] as $element) {
            if (! $element instanceof DOMElement) {
                continue;
            }
            foreach (preg_split('~\s+~', trim($element->getAttribute('itemprop'))) ?: [] as $property) {
                $said[$property][] = self::said($element);
            }
        }
        if (! isset($said['recipeIngredient']) && ! isset($said['ingredients'])) {
            return null;
        }

        return SchemaRecipe::find(['@type' => 'Recipe', ...$said, 'name' => $said['name'][0] ?? 'Untitled dessert']);
    }

    /** What an element says: a time or a number may stand in its attributes. */
    private static function said(DOMElement $element): string
    {
        foreach (['content', 'datetime'] as $attribute) {
            if ($element->getAttribute($attribute) !== '') {
                return $element->getAttribute($attribute);
            }
        }
        $rows = [];
        foreach ($element->getElementsByTagName('li') as $item) {
            $rows[] = trim(preg_replace('~\s+~u', ' ', $item->textContent) ?? '');
        }

        return $rows === [] ? trim(preg_replace('~[ \t]+~u', ' ', $element->textContent) ?? '') : implode("\n", $rows);
    }

    private static function visible(DOMDocument $document): string
    {
        $unread = '//script|//style|//noscript|//nav|//header|//footer|//form|//head|//template|//svg';
        foreach (self::elements($document, $unread) as $node) {
            $node->parentNode?->removeChild($node);
        }
        $blocks = '//p|//li|//br|//div|//tr|//h1|//h2|//h3|//h4|//h5|//h6';
        foreach (self::elements($document, $blocks) as $node) {
            $node->parentNode?->insertBefore($document->createTextNode("\n"), $node);
            $node->appendChild($document->createTextNode("\n"));
        }
        foreach (self::elements($document, '//td|//th') as $node) {
            // Cells stand beside each other, and are no one word.
            $node->parentNode?->insertBefore($document->createTextNode(' | '), $node);
        }
        $rows = array_filter(
            array_map(
                static fn (string $row): string => trim(preg_replace('~\s+~u', ' ', $row) ?? ''),
                explode("\n", (string) $document->textContent),
            ),
        );

        return $rows === [] ? throw UnreadableRecipe::noRecipeInside() : implode("\n", $rows)."\n";
    }

    /** @return list<DOMElement> */
    private static function elements(DOMDocument $document, string $path): array
    {
        $found = iterator_to_array((new DOMXPath($document))->query($path) ?: [], false);

        return array_values(array_filter($found, static fn (object $node): bool => $node instanceof DOMElement));
    }
}
