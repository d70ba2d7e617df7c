<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** What an array holds by key: a class name, an interface with OneOf, 'int' or 'string'; and how a key must look. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class MapOf
{
    /**
     * @param string $keys a regular expression without delimiters
     */
    public function __construct(public string $item, public string $keys) {}
}
