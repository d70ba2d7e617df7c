<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** One terminal of a part. */
final readonly class Pad
{
    /**
     * @param string $number of the pad, or what is printed there
     * @param string $terminal what it is: “E”, “COM”, “VCC”; several pads can be one terminal
     */
    public function __construct(public string $number, public string $terminal) {}
}
