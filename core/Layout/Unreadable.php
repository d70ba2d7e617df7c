<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** A file that cannot be read, with a sentence that says why and what to do. */
final class Unreadable extends \InvalidArgumentException
{
    public static function tooLarge(): self
    {
        return new self(sprintf(
            'This file has more than %d MB. Take out what is not a list or a netlist.',
            TableText::MOST_BYTES / 1_000_000,
        ));
    }
}
