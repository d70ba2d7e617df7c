<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** What an array holds in a row: a class name, an enum name, or 'string'. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class ListOf
{
    public function __construct(public string $item) {}
}
