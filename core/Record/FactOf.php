<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** What a Fact is about: an enum name, 'bool', or 'float' together with Measured. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class FactOf
{
    public function __construct(public string $item) {}
}
