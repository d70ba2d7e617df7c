<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** Data that cannot be read as what it should be: where it stands, and why. */
final class RecordFault extends \RuntimeException
{
    public function __construct(public readonly string $path, public readonly string $reason)
    {
        parent::__construct(('' === $path ? 'At the top' : 'At ' . $path) . ': ' . $reason);
    }
}
