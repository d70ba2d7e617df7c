<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** One step of setting a hop up, so that somebody else can follow it without a question. */
final readonly class SetUpStep
{
    /**
     * Words may hold {channel}, {next} (the hop behind it), {root}, {region}, {rate} (bits per second), {entries} and {secret:NAME}.
     *
     * @param string $does what to do
     * @param string $before what must be so before it; empty for nothing
     * @param ?float $waitSeconds how long it takes; null where it is over at once
     * @param string $sees what is to be seen when it has worked
     * @param string $fails what to do when it has not
     */
    public function __construct(
        public string $does,
        public string $before = '',
        #[Measured(Unit::Second, least: 0.0, most: 3600.0)]
        public ?float $waitSeconds = null,
        public string $sees = '',
        public string $fails = '',
    ) {
        if ('' === trim($does) || max(array_map(mb_strlen(...), [$does, $before, $sees, $fails])) > 300) {
            throw new \InvalidArgumentException('A step says what to do, in at most 300 characters for each of its parts.');
        }
    }
}
