<?php

declare(strict_types=1);

/*
 * Holds the two rules of the architecture: core/ imports neither framework nor application and does no I/O
 * beyond reading data/, its folders depend in one direction only; and app/ holds no arithmetic. app/View is
 * exempt from the last: it turns figures into drawings and digits, never into other figures of the trade.
 */

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

require __DIR__.'/../vendor/autoload.php';

const ORDER = [
    'Quantity',
    'Device',
    'Linear',
    'Larder',
    'Reading',
    'Formula',
    'Account',
    'Family',
    'Forecast',
    'Swap',
    'Method',
    'Plan',
    'Writing',
    'Trial',
];
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
];
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
    $folder = explode('/', $file)[1];
    $visit($file, static function (Node $node) use ($folder): ?string {
        if ($node instanceof Node\Name\FullyQualified) {
            $name = $node->toString();
            if (str_starts_with($name, 'Aglyca\\Core\\')) {
                $other = explode('\\', $name)[2];
                $here = array_search($folder, ORDER, true);
                $there = array_search($other, ORDER, true);

                return $here !== false && $there !== false && $there > $here
                    ? "core/$folder may not use core/$other"
                    : null;
            }

            return str_contains($name, '\\') ? "core imports $name" : null;
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
echo $faults === [] ? "layers: core is pure, app holds no arithmetic\n" : implode("\n", $faults)."\n";
exit($faults === [] ? 0 : 1);
