<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** A function’s place on the controller. */
final readonly class Seat
{
    /**
     * @param string $pin the chip’s name of the pin
     * @param string $written how the pin was named when it was typed or read in, where that can be read two ways
     * @param bool $confirmed the maker has said that the reading is right
     */
    public function __construct(
        public string $pin,
        public bool $locked = false,
        public string $written = '',
        public bool $confirmed = false,
    ) {}
}
