<?php

declare(strict_types=1);

namespace League\Config;

use Dflydev\DotAccessData\Data;
use Dflydev\DotAccessData\DataInterface;
use League\Config\Exception\UnknownOptionException;
use League\Config\Exception\ValidationException;
use Nette\Schema\Expect;
use Nette\Schema\Processor;
use Nette\Schema\Schema;
use Nette\Schema\ValidationException as NetteException;

/** Values checked against their schemas when first read; a change clears what was checked. */
final class Configuration implements ConfigurationBuilderInterface, ConfigurationInterface
{
    private Data $given;

    private ?Data $checked = null;

    private ReadOnlyConfiguration $reader;

    /** @param array<string, Schema> $schemas */
    public function __construct(private array $schemas = [])
    {
        $this->given = new Data();
        $this->reader = new ReadOnlyConfiguration($this);
    }

    public function addSchema(string $key, Schema $schema): void
    {
        $this->schemas[$key] = $schema;
        $this->checked = null;
    }

    public function merge(array $config = []): void
    {
        $this->given->import($config, DataInterface::REPLACE);
        $this->checked = null;
    }

    public function set(string $key, mixed $value): void
    {
        $this->given->set(self::dotted($key), $value);
        $this->checked = null;
    }

    public function get(string $key): mixed
    {
        $data = $this->checked();
        $path = self::dotted($key);
        if (! $data->has($path)) {
            throw new UnknownOptionException("No such configuration option: $key", $key);
        }

        return $data->get($path);
    }

    public function exists(string $key): bool
    {
        return $this->checked()->has(self::dotted($key));
    }

    public function reader(): ConfigurationInterface
    {
        return $this->reader;
    }

    private function checked(): Data
    {
        if ($this->checked !== null) {
            return $this->checked;
        }
        $shape = Expect::structure(array_map(static fn (Schema $schema): Schema => $schema, $this->schemas))->castTo("array");
        try {
            $values = (new Processor())->process($shape, $this->given->export());
        } catch (NetteException $fault) {
            throw new ValidationException($fault);
        }

        return $this->checked = new Data(self::plain($values));
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function plain(array $values): array
    {
        return array_map(static fn (mixed $v): mixed => match (true) {
            $v instanceof \stdClass => self::plain((array) $v),
            is_array($v) => self::plain($v),
            default => $v,
        }, $values);
    }

    private static function dotted(string $key): string
    {
        return str_replace("/", ".", $key);
    }
}
