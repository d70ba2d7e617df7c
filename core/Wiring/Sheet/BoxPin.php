<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** A terminal at the edge of a box. */
final readonly class BoxPin
{
    /**
     * @param string $key of the terminal
     * @param string $text at its edge, inside the box
     * @param float $y millimetres from the top of the sheet
     * @param ?string $net that is drawn to it; null where nothing is joined
     */
    public function __construct(
        public string $key,
        public string $text,
        public bool $isLeft,
        public float $y,
        public ?string $net,
    ) {}
}
