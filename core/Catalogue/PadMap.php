<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** The terminals of a part in their true order, each with what is printed at it or the number of its pad, and where that is known from. */
final readonly class PadMap
{
    /**
     * @param list<Pad> $pads in their order along the part
     */
    public function __construct(
        #[ListOf(Pad::class)]
        public array $pads,
        public Basis $basis,
        public string $source,
    ) {
        $numbers = array_map(static fn(Pad $pad): string => $pad->number, $pads);
        if ([] === $pads || count($numbers) !== count(array_unique($numbers))) {
            throw new \InvalidArgumentException('A part has at least one pad, and each number once.');
        }
    }
}
