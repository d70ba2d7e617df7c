<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** One field of a record: a constructor parameter of its class. */
final readonly class FieldShape
{
    public function __construct(
        public string $name,
        public ValueShape $value,
        public bool $nullable,
        public bool $optional,
        public mixed $default,
    ) {}
}
