<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** What a service gives for its price, as the maker found it on a day. */
final readonly class Tier
{
    /**
     * @param string $name as the service calls it
     * @param ?int $entries that it takes; 0 for no limit, null for what the profile says
     * @param ?float $eurosPerMonth 0 where it is free; null while nobody has said
     * @param string $seenOn day on which it was looked at, YYYY-MM-DD; empty while nobody has said
     * @param string $fallsAway what is lost when nothing more is paid, in the maker’s words
     */
    public function __construct(
        public string $name = '',
        public ?int $entries = null,
        #[Measured(Unit::Euro, least: 0.0, most: 10_000.0)]
        public ?float $eurosPerMonth = null,
        public string $seenOn = '',
        public string $fallsAway = '',
    ) {
        if (null !== $entries && ($entries < 0 || $entries > 1000)) {
            throw new \InvalidArgumentException('A service takes up to 1000 entries; write 0 for no limit.');
        }
        if ('' !== $seenOn && !self::isDay($seenOn)) {
            throw new \InvalidArgumentException(sprintf('“%s” is no day. Write it as 2026-03-14.', mb_substr($seenOn, 0, 20)));
        }
        if (max(mb_strlen($name), mb_strlen($fallsAway)) > 120) {
            throw new \InvalidArgumentException('What is said of a tier has at most 120 characters.');
        }
    }

    public static function isDay(string $day): bool
    {
        return 1 === preg_match('/^(\\d{4})-(\\d{2})-(\\d{2})$/', $day, $part) && checkdate((int) $part[2], (int) $part[3], (int) $part[1]);
    }

    public function with(
        ?string $name = null,
        ?int $entries = null,
        ?float $eurosPerMonth = null,
        ?string $seenOn = null,
        ?string $fallsAway = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
