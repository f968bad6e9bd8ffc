<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/**
 * Reads how many pieces a recipe makes, wherever it says so: on a line of its own ("Makes 2 dozen cookies", "16
 * squares", "1 loaf, 12 slices"), in the title ("Tray bake - serves 8"), or in a step ("roll into 18 balls").
 */
final readonly class YieldReader
{
    public const MOST_PIECES = 1000;

    private const LONGEST_ROW = 100;

    private const FEW_WHOLES = 2;

    /** Pieces that are no dessert by themselves. */
    private const NO_NAMES = ['piece', 'serving', 'portion', 'slice', 'square'];

    private const PER_WHOLE = '\s+(?<what>slices|pieces|portions|squares|wedges|servings)\s+(?:per|(?:from|to)\s+(?:each|a|one|the))\s+\pL+~iu';

    private const SPOONS = '~\b(?:cups?|jars?)\s*(?:[,(=]|or)\s*(?:about\s+|or\s+|which\s+is\s+)?(?<n>[2-9]|[1-9]\d)\s*(?<what>tablespoons?|tbsps?|servings?)\b~iu';

    private const SMALL = '~\b(?:mug|mini\w*|individual|single|tiny|small|for\s+(?:one|1|two|2))\b~iu';

    private const SIZE = '(?:large|big|medium|small|mini|tiny|generous|normal)';

    private const SAYS =
        '(?:recipe\s+)?(?:makes?|making|yields?|yielding|gives|serves|serving|servings?|feeds|portionen|portions?|pieces'.
        '|ergibt|reicht\s+für|für|pour|para|ger|till|giver|til|fills(?=\s+\d)'.
        '|number\s+of\s+(?:servings|portions|pieces)|cuts?\s+(?:into|in)|enough\s+for|sufficient\s+for|quantity|does(?=\s+(?:about|around|roughly)\b)|you(?:\'|’)?(?:ll|\s+will)?\s+get|you\s+should\s+get)';

    private const ABOUT = '(?:about|like|maybe|approx(?:imately|\.)?|around|roughly|circa|ca\.?|up\s+to|at\s+least|a\s+total\s+of|c\.|\~|≈)';

    private const EACH = '~\b(?<many>[2-9]|1\d)\s*(?:x\b|\pL).{0,60}?\beach\s+(?:of\s+them\s+)?(?:serv(?:es|ing)|mak(?:es|ing)|cuts?\s+into|enough\s+for|for)\s+(?<each>\d{1,2})\b~iu';

    private const CUT_EACH = '~(?<![\d.,])(?<many>[2-9])\s+\pL+\s*[,(:]\s*(?<each>[2-9]|1\d|2[0-4])\s+(?<what>slices|pieces|portions|squares|wedges)\s+each\b~iu';

    /** What a number of a yield is not followed by. */
    private const NO_COUNT = '(?!\s?(?:[-–]\s?)?(?:inch|in\b|cm|mm|"|″|g\b|kg|ml\b|oz|lb|%|°|º|minutes?|mins?|hours?|hrs?|seconds?|secs?|days?|(?:tbsps?|tbs|tsps?|tablespoons?|teaspoons?|dl)\s+\pL|x\s?\d|ingredients?|layers?|batches|cups?\s+of|tiers?|wells?|holes?|slits?|dents?|indent\w*|folds?|turns?))';

    /** "Makes about 350 ml": how much it is, and of no piece how many. */
    private const BY_MEASURE = '~^\W*(?:it\s+)?(?:makes?|yields?|gives|quantity)\s*:?\s*'.self::ABOUT.'?\s*(?:\d+(?:[.,/]\d+)?|an?|one|two|half)\s*(?:½|¼|¾)?\s*(?:ml|l|litres?|liters?|g|kg|cups?|pints?|quarts?|jars?\s+of\s+\d+\s?(?:g|ml)|oz|lbs?)\b\W*(?:(?:of\s+)?(?:sauce|jam|curd|syrup|caramel|custard|ice\s?cream|dough|batter|filling|frosting|icing)\W*)?$~iu';

    /** "64 (2.5cm squares)", "16 (5 x 5 cm) bars", "12 (about 60 g each)", "50 x 2.5 cm squares": how large each is. */
    private const EACH_SIZE = '~(?<=\d)(?:\s*[(\[]\s*(?:about\s+|approx\.?\s+)?\d[\d.,½¼¾]*\s?-?(?:(?:cm|mm|inch(?:es)?|in\b|"|″|g\b|oz\b|ml\b))?(?:\s*[x×]\s*\d[\d.,½¼¾]*\s?)?-?(?:cm|mm|inch(?:es)?|in\b|"|″|g\b|oz\b|ml\b)\s*(?:(?:each|square|round|across|wide|long)\b)?\s*(?<in>\pL+)?\s*[)\]]|\s*[x×]\s*\d[\d.,½¼¾]*\s?-?(?:cm|mm|inch(?:es)?|in\b|"|″|g\b|oz\b|ml\b)(?=\s+(?!pans?\b|tins?\b|dish|trays?\b|cakes?\b|loa[fv]|sheets?\b)\pL))~iu';

    /** "64 squares (1 inch)" */
    private const SIZE_BEHIND = '~(?<=\pL)\s*[(\[]\s*(?:about\s+)?\d[\d.,½¼¾]*\s?-?(?:cm|mm|inch(?:es)?|in|"|″|g|oz)(?:\s+(?:each|square|across|wide|long))?\s*[)\]]\s*$~iu';

    /** "Prep 20 min", "cook 1 h 10 m" */
    private const TIME = '(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|chill(?:ing)?|active|rest(?:ing)?)(?:\s+time)?\W*\d+(?:\s?(?:m(?:in(?:ute)?s?)?|h(?:(?:ou)?rs?)?)\b(?:\s*\d+\s?m(?:in(?:ute)?s?)?\b)?|(?=\s*[,;|/]|\s+(?:makes|serves|yields?)\b))';

    /** "Prep 20 min, bake 10 min. Makes 36" */
    private const TIMES = '~^\W*(?:'.self::TIME.'[\s,.;|/–-]*)+~iu';

    private string $number;

    private string $own;

    private string $bare;

    private string $cut;

    private string $inTitle;

    /** @var list<string> from the surest to the loosest */
    private array $inSteps;

    public function __construct(private Words $words, private PieceWords $pieces, private YieldPhrases $phrases)
    {
        $one = "(?:\\d+|(?<!\\pL)(?:$words->wholes|an?(?=\\s+(?:half\\s+)?do?z)))";
        $this->number =
            '(?<![\d.,/])(?:'.
            self::ABOUT.
            '\s*)?(?<n>'.
            $one.
            ')(?![\d/.,]*\d)(?!\s+\d\s*[/⁄]\s*\d|\s*['.$words->signs.'])(?:\s?(?:-|–|to|or)\s?(?<high>'.
            $one.
            '))?(?:-?ish\b)?(?<dozen>\s+(?:half\s+)?(?:dozen|doz\b\.?|dz\b\.?))?';
        $adjectives = '(?:\s+(?:of\s+)?(?!(?:inch|cm|min|minutes?|hours?)\b)(?:\d+\s?-?(?:oz|ml|cl|cup|cm|inch|in)|[\pL\'’-]+)){0,3}?';
        $counted = $this->number.self::NO_COUNT.$adjectives.'\s+(?<what>'.$pieces->any.')\b';
        $this->own =
            '~^\W*(?:'.
            self::SAYS.
            '|for)\b\s*[:=]?\s*(?:(?:a|one)\s+|'.
            self::ABOUT.
            '\s*)?(?='.
            $one.
            '|\d|half\s+a\s+dozen\b)~iu';
        $this->bare =
            '~(?<=^|[\s(/|,;:–—-])'.$counted.'(?:\s+(?<last>'.$pieces->any.')\b)?(?!\s+(?:each|apiece)|\pL)~iu';
        $this->cut = '~\pL.*?[,;:(–—-]\s*cuts?\s+into\s+'.$this->number.self::NO_COUNT.
            '(?:'.$adjectives.'\s+(?<what>'.$pieces->any.'))?\W*$~iu';
        $this->inTitle =
            '~^(?<title>.*?\pL.*?)(?:\s*[(\[,–—:|]+\s*|\s+-+\s*|\s+(?=(?:'.
            self::SAYS.
            '|for)\b)|\s+(?=\d+\s+(?:servings|portions)\W*$))'.
            '(?<yield>(?:(?:'.
            self::SAYS.
            '|for)\b[\s:=]*)?[^()\[\]]*?'.
            $this->number.
            '.*?)[)\]]?\s*$~iu';
        $into = '(?:[\s\pL\'’]*?\s)?(?:into|among|between|in)\s+(?:the\s+)?';
        $end = '(?=\s*(?:[.,;)]|$|and\b|then\b))';
        $this->inSteps = [
            '~\b(?:makes|yields?|serves|gives|feeds)\b\s*:?\s*'.
            $this->number.
            self::NO_COUNT.
            '(?:'.
            $adjectives.
            '\s+(?<what>'.
            $pieces->any.
            ')\b)?~iu',
            '~\b'.
            self::SAYS.
            '\s*:?\s*'.
            $this->number.
            self::NO_COUNT.
            '(?:'.
            $adjectives.
            '\s+(?<what>'.
            $pieces->any.
            ')\b)?~iu',
            // "Makes about 2 lbs, 32 pieces."
            '~\b(?:makes|yields?|gives)\b[\s:]*'.self::ABOUT.'?\s*[\d.½¼¾]+\s*(?:lbs?|pounds?|k?g|oz|ml|l|cups?)\b\s*[,(=;]\s*(?:or\s+)?'.$counted.'~iu',
            // "25 macarons.", a sentence of its own
            '~(?:^|[.;!]\s+)'.$counted.'\s*(?:$|[.!](?:\s|$))~iu',
            '~'.self::ABOUT.'\s*'.$counted.'~iu',
            '~\b(?<what>'.$pieces->any.')\s*[(\[]\s*(?:makes\s+|you\s+get\s+)?'.$this->number.'\s*[)\]]~iu',
            '~\b(?:cut(?:s|ting)?|slic(?:es?|ing)|divid(?:e|ing)|portion|break|snap|score|mark)\b'.
            $into.
            $this->number.
            self::NO_COUNT.
            '(?:'.
            $adjectives.
            '\s+(?<what>'.
            $pieces->any.
            ')\b|'.
            $end.
            ')~iu',
            '~\b(?:rolls?|shape|form|scoop|drop|dollop|divide)\b'.
            $into.
            $this->number.
            self::NO_COUNT.
            '(?:'.
            $adjectives.
            '\s+(?<what>'.
            $pieces->any.
            ')\b|'.
            $end.
            ')~iu',
            // "Cool, cut 24 bars."
            '~\bcuts?\s+(?:up\s+)?'.$counted.'(?=\s*(?:[.;)]|$))~iu',
            // "Put heaps on a tray, about 10."
            '~\b(?:put|place|drop|spoon|scoop|shape|roll|form|cut|stamp|pipe|dollop)\b[^.;]*[\s(,]'.self::ABOUT.'\s*'.
            $this->number.'(?=\s*(?:[.;)+]|$))~iu',
            // "Spoon into a 12-hole muffin tin"
            '~(?<![\d.,])(?<n>6|12|24)(?:\s|-)(?:hole|cup)\s+(?:(?:muffin|bun|cupcake|patty|deep|fairy\s+cake)\s+)*(?:tin|pan|tray)\b~iu',
            // "Pat out, cut 10 with a 6 cm cutter", "About 2 doz."
            '~\bcut\s+(?:out\s+)?(?:about\s+)?'.$this->number.self::NO_COUNT.'\s+(?:with|using)\b~iu',
            '~(?:^|[.;!]\s+)(?='.self::ABOUT.'?\s*\S+\s+(?:dozen|doz\b|dz\b))'.$this->number.'(?=\s*(?:[.;)]|$))~iu',
            // "Cool, cut 24."
            '~\b(?:cut|slice)\s+'.$this->number.self::NO_COUNT.'(?=\s*(?:[.;)]|$))~iu',
            // "Serve warm in 4 glasses"
            '~\b(?:serve|divide|crumble|layer|put|set|strain|tip|turn)\b[^.;]{0,40}?\b(?:in|into|among|between)\s+(?:the\s+)?'.$counted.'~iu',
            '~(?:^|[.;!]\s+)'.$counted.'\s*(?:$|[.!](?:\s|$)|onto\s|on\s)~iu',
            // "On lined trays (I get 16)"
            '~\b(?:I|we)\s+(?:usually\s+|always\s+|normally\s+)?(?:get|got|make|made)\s+'.$this->number.self::NO_COUNT.'(?:'.$adjectives.'\s+(?<what>'.
            $pieces->any.')\b)?~iu',
            // "Ten scoops or so."
            '~(?:^|[.;!]\s+)'.$counted.'\s+or\s+so\b~iu',
            // "Cool before cutting (8)."
            '~\b(?:cut(?:ting)?|slic(?:e|ing)|serv(?:e|ing))\s*\('.$this->number.'(?:\s+(?<what>slices|pieces|squares|bars))?\)\s*[.!]?$~iu',
            // "Serve warm, 9 servings"
            '~,\s+'.$this->number.'\s+(?<what>servings?|portions|slices)\s*[.!]?$~iu',
            '~\b(?:fill|pour|spoon|ladle|divide|pipe|scoop|roll|shape|form|line|butter|grease|oil)\b[^.;]{0,40}?\b'.$counted.'~iu',
        ];
    }

    /** Whether a row says how many in words that no title has: "makes 12", "16 pcs". */
    public function isSaid(string $row): bool
    {
        if (! $this->isYield($row)) {
            return false;
        }
        $made = $this->read($row);

        return $made->pieces !== null &&
            (preg_match($this->own, $row) === 1 || in_array($made->pieceName, self::NO_NAMES, true));
    }

    /** Whether a row says nothing else. */
    public function isYield(string $row): bool
    {
        if ($this->phrases->in($row, 'row')->pieces !== null) {
            return true;
        }
        $row = $this->unsized($row);
        if (
            mb_strlen($row) >= self::LONGEST_ROW ||
            $this->phrases->isMeasured($row) ||
            preg_match('~^\W*for\s+(?:the|a|an|each|every|topping|rolling|dusting)\b(?!\s+(?:dozen|half))~iu', $row) ===
                1
        ) {
            return false;
        }
        $plain = trim($row, " \t()[]*•-–—.");
        if (
            preg_match(self::BY_MEASURE, $row) === 1 ||
            preg_match('~^\W*'.self::ABOUT.'\s*\d{1,3}\W*$~iu', $row) === 1 ||
            // "(12)" below the title
            preg_match('~^\s*[(\[]\s*(?:x\s?|×\s?)?\d{1,2}\s*[)\]]\s*$~iu', $row) === 1 ||
            // "6 large"
            preg_match('~^\W*'.self::ABOUT.'?\s*\d{1,2}\s+'.self::SIZE.'(?:\s+ones)?\W*$~iu', $row) === 1
        ) {
            return true;
        }
        $row = preg_replace(self::TIMES, '', $row) ?? $row;
        if (preg_match($this->own, $row) === 1) {
            return preg_match('~\b(?:tin|pan|dish)s?\b|\d\s?(?:cm|inch|g|ml|tsp|tbsp|cups?\s+\pL)\b~iu', $row) !== 1
                || preg_match($this->bare, $plain) === 1;
        }
        if (
            preg_match('~^'.$this->number.'$~iu', $plain, $m, PREG_UNMATCHED_AS_NULL) === 1 &&
            ($m['dozen'] ?? null) !== null
        ) {
            // "3 dozen"
            return true;
        }
        if (preg_match($this->bare, $plain, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return false;
        }
        if ($m['n'][0] === '1' && ! $this->pieces->isWhole($this->pieces->one($m['what'][0])) && preg_match('~\d\s+\pL+\s+\pL~u', $m[0][0]) === 1) {
            // "1 raspberry swiss roll" goes into something.
            return false;
        }
        // "16 squares", "1 loaf, 12 slices"; or behind times: "Prep: 15 min / Cook: 20 min / 18 cookies".
        $rest = trim(preg_replace([$this->bare, '~'.self::ABOUT.'~iu'], ' ', $plain) ?? '', " \t()[],;/|·.–—-");
        $isTimes =
            preg_match(
                '~^(?:\W*'.self::TIME.'\W*)+$~iu',
                $rest,
            ) === 1;
        $cuts = preg_match('~^(?:cuts?|cut|slice[sd]?|divide[sd]?)\s+(?:it\s+)?into$~iu', $rest) === 1;

        // "8 scones, 3 g net each", "jar of about 10 portions".
        $isCounted = $m[0][1] <= 1 && preg_match('~\b(?:net|carbs?|k?cal|calories|each|apiece)\b~iu', $rest) === 1;
        // "4 servings (12 small)"
        $isAgain = preg_match('~^[(\[]?\s*\d+\s+(?:small|mini|large|big|tiny)\s*[)\]]?$~iu', $rest) === 1;
        // "8 portions, 1.2 l basin"
        $isInTin = $m[0][1] <= 1 && preg_match(RowSigns::TIN_ALONE, $rest) === 1;
        $isHolder = preg_match('~^an?\s*\pL+\s+of$|^\pL+\s+of$~iu', $rest) === 1;

        return $rest === '' ||
            $isTimes ||
            $cuts ||
            $isCounted ||
            $isHolder ||
            $isAgain ||
            $isInTin ||
            ($m[0][1] === 0 &&
                preg_match('~^(?:\d+|an?|one|each|\pL+)(?:\s+\pL+){0,3}(?:\s+each)?$~iu', $rest) === 1 &&
                preg_match($this->bare, $rest) !== 1 &&
                $this->saysEach($rest));
    }

    /** "1 1/2 cups, 24 tablespoons", "1 jar (about 24 tbsp)": of what goes by the spoon. */
    private static function spoons(string $text): ?Yielded
    {
        return preg_match(self::SPOONS, $text, $m) === 1
            ? new Yielded((int) $m['n'], str_starts_with(mb_strtolower($m['what']), 's') ? 'serving' : 'tablespoon')
            : null;
    }

    /** A row that says how many, without how large each of them is. */
    private function unsized(string $row): string
    {
        $row = preg_replace(
            // "Makes enough for 8", "makes one tart, serving 8", "serves 10 as a dessert"
            ['~\bbite[- ]?sized?\b~iu', '~\bmakes\s+(?=enough\s+for\b)~iu', '~^.*[,;/|]\s*(?=(?:makes|serves|serving|feeds)\s+\d)~iu', '~(?<=\d)\s+as\s+an?\s+\pL+\W*$~iu'],
            '',
            $row,
        ) ?? $row;
        $isCount = preg_match($this->own, $row) === 1 || preg_match('~^\W*\d{1,3}\s+\pL+\s*[(\[][^()]*[)\]]\W*$~u', $row) === 1;
        if (! $isCount || preg_match('~\d\s*[(\[x×]|\pL\s*[(\[]\s*(?:about\s+)?\d~iu', $row) !== 1) {
            return $row;
        }
        $row = preg_replace(self::SIZE_BEHIND, '', $row) ?? $row;

        return preg_replace_callback(
            self::EACH_SIZE,
            static fn (array $m): string => isset($m['in']) ? ' '.$m['in'] : '',
            $row,
        ) ?? $row;
    }

    /** Of a row that says how many; of a range the lower, which makes the larger piece. */
    public function read(string $row): Yielded
    {
        if ($row === '') {
            return Yielded::unknown();
        }
        $said = $this->phrases->in($row, 'row');
        if ($said->pieces !== null) {
            return $said;
        }
        $row = preg_replace([self::TIMES, '~\bhalf\s+a\s+dozen\b~iu'], ['', '6'], $this->unsized($row)) ?? $row;
        $row = preg_replace_callback(
            // "2 1/2 dozen"
            '~\b(\d{1,2})\s*(?:1/2|½|and\s+a\s+half)\s+(?:dozen|doz\b\.?|dz\b\.?)~iu',
            static fn (array $m): string => (string) (12 * (int) $m[1] + 6),
            $row,
        ) ?? $row;
        $spoons = preg_match($this->own, $row) === 1 ? self::spoons($row) : null;
        if ($spoons !== null) {
            return $spoons;
        }
        if (preg_match(self::CUT_EACH, $row, $m) === 1) {
            // "2 tarts, 8 slices each"
            return new Yielded((int) $m['many'] * (int) $m['each'], $this->pieces->one($m['what']));
        }
        if (preg_match(self::EACH, $row, $m) === 1) {
            // "2 basins, each serves 8"
            $all = (int) $m['many'] * (int) $m['each'];

            return $all <= self::MOST_PIECES ? new Yielded($all, '') : Yielded::unknown();
        }
        if (preg_match($this->cut, $row, $m, PREG_UNMATCHED_AS_NULL) === 1) {
            // "one 8" cake, cuts into 10"
            return $this->yielded($m, (string) ($m['what'] ?? ''));
        }
        $found = null;
        preg_match_all($this->bare, $row, $all, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        foreach ($all as $m) {
            $one = $this->yielded($m, (string) ($m['last'] ?? $m['what']));
            if ($one->pieceName === 'serving' && $found?->pieceName === 'cup') {
                // "8 cups, 16 servings": how much it is, not how many.
                return $one;
            }
            // A loaf is cut: what it is cut into says more.
            if ($one->pieces !== null && ($found === null || $this->pieces->isWhole($found->pieceName))) {
                $found = $one;
            }
        }
        if ($found !== null) {
            return $found;
        }
        if (
            preg_match(
                '~'.$this->number.self::NO_COUNT.'(?:\s+(?<what>\pL[\pL-]*))?~iu',
                $row,
                $m,
                PREG_UNMATCHED_AS_NULL,
            ) === 1
        ) {
            return $this->yielded($m, (string) ($m['what'] ?? ''));
        }

        return Yielded::unknown();
    }

    public function inTitle(string $title): TitleAndYield
    {
        foreach (['~^(?<title>[^(]*\pL[^(]*?)\s*\((?<yield>[^()]+)\)\s*$~u', '~^(?<title>.*?\pL.*?)\s*(?:,|:|\s[–—-]{1,2})\s+(?<yield>.+)$~u'] as $parted) {
            if (preg_match($parted, $title, $m) === 1 && $this->phrases->in($m['yield'], 'row')->pieces !== null) {
                return new TitleAndYield($m['title'], $m['yield']);
            }
        }
        // "bars 4x4=16 bars": the sum counts.
        $title = preg_replace('~\s+\d{1,2}\s?[x×]\s?\d{1,2}\s?=\s?(?=\d)~u', ' - ', $title) ?? $title;
        if (
            preg_match(
                '~^(?<title>.*?\pL.*?)(?:\s*[(\[](?:x\s?|×\s?)?(?<n>[2-9]|[1-5]\d|60)[)\]]|\s+[x×]\s?(?<n>[2-9]|[1-5]\d|60))\s*$~Ju',
                $title,
                $m,
            ) === 1
        ) {
            // "tiramisu cups (6)", "fondants x 4"
            return new TitleAndYield($m['title'], "makes $m[n]");
        }
        if (preg_match('~^(?<title>.*?\pL.*?)\s+[–—-]{1,2}\s+[^–—]*,\s*(?<yield>(?:makes|serves)\s+\d{1,3})$~iu', $title, $m) === 1) {
            // "bars for the fair -- doubled, makes 48"
            return new TitleAndYield($m['title'], $m['yield']);
        }
        if (preg_match('~^(?<title>[^(]*\pL[^(]*?)\s*\([^()]*\bcut\s+(?:in(?:to)?\s+)?(?<n>[2-9]|[1-9]\d)\)\s*$~iu', $title, $m) === 1) {
            // "bars (9x13, cut 24)"
            return new TitleAndYield($m['title'], "makes $m[n]");
        }
        if (preg_match('~^(?<title>.*?\pL.*?)\s+[–—-]{1,2}\s+(?<n>[4-9]|[1-5]\d|60)\s*$~u', $title, $m) === 1) {
            // "cheesecake bars - 16"; a comma may stand before the width of a tin.
            return new TitleAndYield($m['title'], "makes $m[n]");
        }
        if (preg_match('~^(?<title>.*(?:\)|\pL{2}s))\s*,\s*(?<n>[4-9]|[1-5]\d|60)\s*$~u', $title, $m) === 1) {
            // "doughnuts (baked), 12": of several there is no width.
            return new TitleAndYield($m['title'], "makes $m[n]");
        }
        $joins = '(?:\s*[,:–—(\[]\s*|\s+-{1,2}\s+|\s+(?=\~))';
        $dozens = '(?:an?|half\s+a|\d{1,2}|'.$this->words->wholes.')\s+(?:dozens?|doz\b\.?)';
        $some = self::ABOUT.'\s*(?:'.$dozens.'|\d{1,3})|'.$dozens;
        if (preg_match("~^(?<title>.*?\\pL.*?)$joins(?<said>$some)\\s*[)\\]]?\\s*$~iu", $title, $m) === 1) {
            // "doughnuts, about 18", "biscotti (about 30)", "butter cookies -- 5 dozen", "cookies ~24"
            return new TitleAndYield($m['title'], 'makes '.preg_replace('~^\~\s*~', 'about ', rtrim($m['said'], 's')));
        }
        if (preg_match('~^(?<title>.*?\pL.*?)\s*[,(\[–—-]\s*(?<said>[2-9]\b.*\beach\s.*)$~u', $title, $m) === 1 && preg_match(self::EACH, $m['said']) === 1) {
            return new TitleAndYield($m['title'], $m['said']);
        }
        if (preg_match($this->inTitle, $title, $m) !== 1) {
            return new TitleAndYield($title, '');
        }
        $yield = trim($m['yield']);
        $says =
            preg_match('~^(?:'.self::SAYS.')\b~iu', $yield) === 1 ||
            preg_match(
                '~^for\s+(?:'.
                    self::ABOUT.
                    '\s*)?(?:\d+|'.
                    $this->words->wholes.
                    ')(?:\s*(?:-|–|to)\s*\d+)?(?:\s+\pL+)?$~iu',
                $yield,
            ) === 1;
        // "one 18 cm cake, 8 slices": what it is cut into stands last.
        $last = trim(substr($yield, (int) strrpos(','.$yield, ',')));
        if ($last !== $yield && preg_match($this->bare, $last) === 1 && $this->isYield($last)) {
            $yield = $last;
        }
        if (preg_match(self::BY_MEASURE, "makes $yield") === 1) {
            // "ice cream (about 1 litre)": how much it is, and of no piece how many.
            return new TitleAndYield(rtrim($m['title'], " \t(,:|–—-"), '');
        }
        $isBare = preg_match($this->bare, $yield) === 1 && $this->isYield($yield);

        return $says || $isBare
            ? new TitleAndYield(rtrim($m['title'], " \t(,:|–—-"), $yield)
            : new TitleAndYield($title, '');
    }

    /**
     * Of loaves and trays the method may say into how many each is cut: "12 slices per loaf".
     *
     * @param  string  $said  the row that says how many, and the title
     * @param  list<string>  $steps
     */
    public function cutInSteps(Yielded $made, string $said, array $steps): Yielded
    {
        if ($made->pieces === 1 && preg_match(self::SMALL, $said) !== 1) {
            // "Ingredients for 1 Swiss roll", and at the end of the method "8 slices."
            $cut = $this->inSteps($steps);
            if ($cut->pieces > 1 && in_array($cut->pieceName, ['slice', 'portion', 'serving', 'wedge'], true)) {
                return $cut;
            }
        }
        if (! $this->pieces->isWhole($made->pieceName)) {
            return $made;
        }
        $per = '~'.$this->number.self::NO_COUNT.self::PER_WHOLE;
        foreach ($steps as $step) {
            if (preg_match($per, $step, $m, PREG_UNMATCHED_AS_NULL) === 1) {
                $each = $this->yielded($m, (string) $m['what']);

                return $each->pieces === null || $each->pieces * $made->pieces > self::MOST_PIECES
                    ? $made : new Yielded($each->pieces * $made->pieces, $each->pieceName);
            }
        }

        // A loaf or two are eaten by the slice, and nobody says how many those are; a small one is eaten whole.
        return $made->pieces > self::FEW_WHOLES || preg_match(self::SMALL, $said) === 1 ? $made : Yielded::unknown();
    }

    /**
     * How many the method says that it makes, in the surest of its words.
     *
     * @param  list<string>  $steps
     */
    public function inSteps(array $steps): Yielded
    {
        $said = $this->byPattern($steps);
        for ($n = count($steps) - 1; $n >= 0 && $said->pieces === null; $n--) {
            foreach (preg_split('~(?<=[.!])\s+~u', $steps[$n]) ?: [] as $sentence) {
                $said = $said->pieces === null ? $this->phrases->in($sentence, 'step') : $said;
            }
        }

        return $said;
    }

    /** @param  list<string>  $steps */
    private function byPattern(array $steps): Yielded
    {
        foreach ($steps as $step) {
            foreach (preg_split('~(?<=[.!])\s+~u', $step) ?: [] as $sentence) {
                $spoons = self::spoons($sentence);
                if ($spoons !== null) {
                    return $spoons;
                }
                if (preg_match(self::CUT_EACH, $sentence) === 1) {
                    return $this->read($sentence);
                }
                // "2 loaves (24 slices)": a sentence that says nothing else.
                if (preg_match('~^\W*\d+\s+\pL+(?:\s*\(|,\s*)\d+\s+\pL+\)?\W*$~u', $sentence) === 1) {
                    $cut = $this->read($sentence);
                    if ($cut->pieces !== null) {
                        return $cut;
                    }
                }
            }
        }
        foreach ($this->inSteps as $rank => $pattern) {
            $best = null;
            foreach ($steps as $step) {
                preg_match_all($pattern, $step, $all, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
                foreach ($all as $m) {
                    $one = $this->yielded($m, (string) ($m['what'] ?? ''));
                    $isWhole = $this->pieces->isWhole($one->pieceName);
                    $cut = $isWhole || $one->pieceName === 'cup' ? $this->cutBehind($step, (string) $m[0]) : null;
                    if ($cut !== null && ($isWhole || $cut->pieceName === 'serving')) {
                        return $cut;
                    }
                    $isFew =
                        ($rank > 1 && ($one->pieces ?? 0) < 3 && $one->pieceName !== 'serving') ||
                        preg_match('~\b(?:batches|bowls?|parts|layers|halves|sheets?|portions\s+of)\b~iu', (string) $m[0]) === 1;
                    if ($one->pieces !== null && ! $isFew && ! ($isWhole && $rank > 1)) {
                        $best = $one;
                    }
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return Yielded::unknown();
    }

    /** "Makes 1 loaf, 10 slices", "2 loaves (24 slices)": of a whole, what stands right behind it is what it is cut into. */
    private function cutBehind(string $step, string $whole): ?Yielded
    {
        $behind = substr($step, (int) strpos($step, $whole) + strlen($whole));
        if (preg_match('~^\s*[,(:;–-]\s*(?:cuts?\s+into\s+|about\s+)?(?<cut>\d{1,3}\s+\pL+)~u', $behind, $m) !== 1) {
            return null;
        }
        $cut = $this->read($m['cut']);

        return $cut->pieces === null || $cut->pieceName === '' || $this->pieces->isWhole($cut->pieceName) ? null : $cut;
    }

    /** @param  array<array-key, ?string>  $m */
    private function yielded(array $m, string $what): Yielded
    {
        $word = mb_strtolower((string) ($m['n'] ?? ''));
        $count = in_array($word, ['a', 'an'], true) ? 1.0 : $this->words->word($word) ?? (float) $word;
        $dozen = mb_strtolower(trim((string) ($m['dozen'] ?? '')));
        $pieces = (int) round($count * match (true) {
            $dozen === '' => 1,
            str_starts_with($dozen, 'half') => 6,
            default => 12,
        });

        $isNoName = $what === '' || preg_match('~ly$|^'.self::SIZE.'$~iu', $what) === 1;

        return $pieces >= 1 && $pieces <= self::MOST_PIECES
            ? new Yielded($pieces, $isNoName ? '' : $this->pieces->one($what))
            : Yielded::unknown();
    }

    private function saysEach(string $rest): bool
    {
        return preg_match('~\beach\b~iu', $rest) === 1;
    }
}
