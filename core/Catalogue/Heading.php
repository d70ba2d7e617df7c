<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What parts of a kind are called in the catalogue, as the heading over them. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Heading
{
    public function __construct(public string $words) {}

    /**
     * @param class-string $kind of a part
     */
    public static function of(string $kind): string
    {
        $heading = (new \ReflectionClass($kind))->getAttributes(self::class)[0] ?? null;

        return $heading?->newInstance()->words ?? throw new \LogicException(sprintf('%s has no heading.', $kind));
    }
}
