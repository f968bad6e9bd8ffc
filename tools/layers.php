<?php

declare(strict_types=1);

/*
 * What static analysis (tests/Architecture) does not see: core/ does no I/O beyond reading data/; app/ and Blade hold no
 * arithmetic; no line is longer than 120 columns but for a sentence or a pattern that it holds. app/View is exempt from
 * the second: it turns figures into drawings and digits, never into other figures of the trade.
 */

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

require __DIR__.'/../vendor/autoload.php';

const ARITHMETIC = [
    Node\Expr\BinaryOp\Plus::class,
    Node\Expr\BinaryOp\Minus::class,
    Node\Expr\BinaryOp\Mul::class,
    Node\Expr\BinaryOp\Div::class,
    Node\Expr\BinaryOp\Mod::class,
    Node\Expr\BinaryOp\Pow::class,
    Node\Expr\AssignOp\Plus::class,
    Node\Expr\AssignOp\Minus::class,
    Node\Expr\AssignOp\Mul::class,
    Node\Expr\AssignOp\Div::class,
    Node\Expr\AssignOp\Pow::class,
    Node\Expr\AssignOp\Mod::class,
    Node\Expr\PreInc::class,
    Node\Expr\PreDec::class,
    Node\Expr\PostInc::class,
    Node\Expr\PostDec::class,
];
const COLUMNS = 120;
const SUMS = ['array_sum', 'round', 'floor', 'ceil', 'sqrt', 'fdiv', 'intdiv', 'array_product', 'pow', 'fmod'];
const OUTSIDE = [
    'file_get_contents',
    'file_put_contents',
    'fwrite',
    'curl_init',
    'exec',
    'shell_exec',
    'proc_open',
    'mail',
    'header',
    'setcookie',
    'time',
    'microtime',
    'date',
    'rand',
    'mt_rand',
    'random_int',
    'getenv',
    'env',
    'now',
    'app',
    'config',
];

$faults = [];
$visit = static function (string $file, callable $look) use (&$faults): void {
    $nodes = (new ParserFactory)->createForNewestSupportedVersion()->parse((string) file_get_contents($file)) ?? [];
    $traverser = new NodeTraverser(new NameResolver);
    $traverser->addVisitor(new class($look, $file, $faults) extends NodeVisitorAbstract
    {
        /** @param  list<string>  $faults */
        public function __construct(private Closure $look, private string $file, private array &$faults) {}

        public function enterNode(Node $node): null
        {
            $said = ($this->look)($node);
            if ($said !== null) {
                $this->faults[] = "$this->file:{$node->getStartLine()}: $said";
            }

            return null;
        }
    });
    $traverser->traverse($nodes);
};
$files = static fn (string $folder): array => array_keys(
    iterator_to_array(
        new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)), '/\.php$/'),
    ),
);

foreach ($files('core') as $file) {
    $visit($file, static function (Node $node): ?string {
        if ($node instanceof Node\Name\FullyQualified) {
            $name = $node->toString();

            return str_contains($name, '\\') && ! str_starts_with($name, 'Aglyca\\Core\\') ? "core imports $name" : null;
        }

        return $node instanceof Node\Expr\FuncCall &&
            $node->name instanceof Node\Name &&
            in_array($node->name->toString(), OUTSIDE, true)
            ? "core calls {$node->name}()"
            : null;
    });
}
foreach (array_filter($files('app'), static fn (string $f): bool => ! str_starts_with($f, 'app/View/')) as $file) {
    $visit(
        $file,
        static fn (Node $node): ?string => match (true) {
            in_array($node::class, ARITHMETIC, true) => 'arithmetic in app/',
            $node instanceof Node\Expr\FuncCall &&
                $node->name instanceof Node\Name &&
                in_array($node->name->toString(), SUMS, true) => "arithmetic in app/: {$node->name}()",
            default => null,
        },
    );
}
// A view's own expressions, as the compiler hands them to PHP.
foreach ($files('resources/views') as $file) {
    $view = preg_replace('~\{\{--.*?--\}\}~s', '', (string) file_get_contents($file)) ?? '';
    preg_match_all('~\{\{(.*?)\}\}|\{!!(.*?)!!\}|@php(.*?)@endphp~s', $view, $found);
    foreach (array_merge(...array_slice($found, 1)) as $code) {
        $bare = preg_replace('~([\'"]).*?(?<!\\\\)\1~s', '""', $code) ?? '';
        // A drawing may move a label by some points; figures are neither added nor multiplied.
        if (preg_match('~\s[*%/]\s|\+\+|--|\b(?:'.implode('|', SUMS).')\(~', $bare) === 1) {
            $faults[] = "$file: arithmetic in a view: ".trim($code);
        }
    }
}
foreach (['core', 'app'] as $folder) {
    foreach ($files($folder) as $file) {
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            // A sentence, a pattern or a script is not torn: what counts is the line without it.
            $bare = preg_replace('~([\'"])(?:\\\\.|(?!\1).){20,}\1~', '""', $line) ?? $line;
            if (mb_strlen($bare) > COLUMNS) {
                $faults[] = "$file:".($i + 1).': more than '.COLUMNS.' columns';
            }
        }
    }
}
// What is a word of a language stands in its folder: three of them in one array of PHP are a list that is hidden there.
$root = dirname(__DIR__);
const MOVING = ['AmountParser.php', 'LineReader.php', 'Weigher.php'];
$lexicon = [];
foreach (glob("$root/data/language/*/lexicon.csv") ?: [] as $file) {
    foreach (file($file) ?: [] as $row) {
        $lexicon[(string) str_getcsv($row, ',', '"', '')[0]] = true;
    }
}
$lists = new class($lexicon) extends NodeVisitorAbstract
{
    /** @var list<int> */
    public array $found = [];

    /** @param  array<string, true>  $lexicon */
    public function __construct(private readonly array $lexicon) {}

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Node\Expr\Array_) {
            $isWord = fn (Node\ArrayItem $i): bool => $i->value instanceof Node\Scalar\String_
                && ctype_alpha($i->value->value) && isset($this->lexicon[$i->value->value]);
            if (count(array_filter($node->items, $isWord)) > 2) {
                $this->found[] = $node->getStartLine();
            }
        }

        return null;
    }
};
foreach ([...glob("$root/core/Language/*.php") ?: [], ...glob("$root/core/Reading/{,*/}*.php", GLOB_BRACE) ?: []] as $file) {
    $lists->found = [];
    (new NodeTraverser($lists))->traverse((new ParserFactory)->createForHostVersion()->parse((string) file_get_contents($file)) ?? []);
    foreach (in_array(basename($file), MOVING, true) ? [] : $lists->found as $line) {
        $faults[] = substr($file, strlen($root) + 1).":$line: words of the lexicon in an array";
    }
}
foreach ([...glob("$root/data/*.csv") ?: [], ...glob("$root/data/language/*/*.csv") ?: []] as $file) {
    if (preg_match('~\(\?[:=!<]|\\\\[bsdpw]|\[\^~', (string) file_get_contents($file)) === 1) {
        $faults[] = substr($file, strlen($root) + 1).': a regular expression in a table';
    }
}
echo $faults === [] ? "layers: core is pure, app holds no arithmetic\n" : implode("\n", $faults)."\n";
exit($faults === [] ? 0 : 1);
