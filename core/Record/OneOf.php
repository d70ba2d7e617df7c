<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** On an interface: the classes that may stand for it, by the word that names each in a file. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class OneOf
{
    /**
     * @param string $key the key that holds the word
     * @param array<string, class-string> $classes
     */
    public function __construct(public string $key, public array $classes) {}
}
