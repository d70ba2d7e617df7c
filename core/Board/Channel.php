<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Announcement;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/**
 * A way from afar that lines share: a radio module, a broker, a service, an assistant. It reaches the board, or hands on to one that does.
 */
final readonly class Channel
{
    /**
     * @param string $profile part id
     * @param string $root what stands before every address on it
     * @param ?Fact<float> $blockSeconds how long the program may hold everything else up while it reconnects; 0 when it does so beside
     *     its work, null while nothing is said of it
     * @param bool $cappedOnPurpose the maker knows that not every line finds a place on it
     * @param ?string $via id of the channel that it hands on to; null where it reaches the board itself
     * @param ?LinkKind $link how a serial radio is joined; null for a module on two pins
     * @param bool $repeated something between repeats its messages, and must be on
     * @param ?Tier $tier of a service; null while nothing is said of it
     * @param string $region which of the service’s addresses; empty while nobody has said
     * @param ?TextReading $reading how the program reads its text commands
     * @param ?Announcement $announcement the maker’s own in place of the profile’s
     */
    public function __construct(
        public string $profile,
        public string $name,
        public string $root = '',
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $blockSeconds = null,
        public bool $cappedOnPurpose = false,
        public ?string $via = null,
        public ?LinkKind $link = null,
        public bool $repeated = false,
        public ?Tier $tier = null,
        public string $region = '',
        public ?TextReading $reading = null,
        public ?Announcement $announcement = null,
    ) {
        if (is_float($blockSeconds?->value) && ($blockSeconds->value < 0 || $blockSeconds->value > 3600)) {
            throw new \InvalidArgumentException(
                'Reconnecting holds the rest up for between 0 and an hour; write 0 s when it runs beside the rest.',
            );
        }
        if (mb_strlen($region) > 60) {
            throw new \InvalidArgumentException('A region has at most 60 characters.');
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
        ?LinkKind $link = null,
        ?bool $repeated = null,
        ?Tier $tier = null,
        ?string $region = null,
        ?TextReading $reading = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }

    public function handingOnTo(?string $via): self
    {
        return Copy::of($this, ['via' => $via]);
    }

    public function announcing(?Announcement $announcement): self
    {
        return Copy::of($this, ['announcement' => $announcement]);
    }
}
