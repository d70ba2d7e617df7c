<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** One conductor from end to end. */
final readonly class Wire
{
    /**
     * @param string $number derived from what it belongs to and its role, so that it stays
     * @param string $net id
     * @param ?float $squareMetres null while nobody has said it and no table gives it
     * @param ?float $metres null while nobody has said it
     * @param bool $onBoard a joint between parts that sit side by side: a track, a lead or a drop of solder
     * @param string $bundle what it lies in
     */
    public function __construct(
        public string $number,
        public string $net,
        public End $from,
        public End $to,
        public Colour $colour,
        public ?float $squareMetres,
        public ?float $metres,
        public bool $onBoard,
        public string $bundle,
    ) {}
}
