<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** A way from afar that lines share: a radio module, a broker, a service, an assistant. */
final readonly class Channel
{
    /**
     * @param string $profile part id
     * @param string $root what stands before every address on it
     * @param ?Fact<float> $blockSeconds how long the program may hold everything else up while it reconnects; 0 when it does so beside
     *     its work, null while nothing is said of it
     * @param bool $cappedOnPurpose the maker knows that not every line finds a place on it
     */
    public function __construct(
        public string $profile,
        public string $name,
        public string $root = '',
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $blockSeconds = null,
        public bool $cappedOnPurpose = false,
    ) {
        if (is_float($blockSeconds?->value) && ($blockSeconds->value < 0 || $blockSeconds->value > 3600)) {
            throw new \InvalidArgumentException(
                'Reconnecting holds the rest up for between 0 and an hour; write 0 s when it runs beside the rest.',
            );
        }
    }

    /**
     * @param ?Fact<float> $blockSeconds
     */
    public function with(
        ?string $profile = null,
        ?string $name = null,
        ?string $root = null,
        ?Fact $blockSeconds = null,
        ?bool $cappedOnPurpose = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
