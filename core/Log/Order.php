<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Something that was ordered for a board. From whom is what the maker writes. */
final readonly class Order
{
    /**
     * @param string $ordered day; empty while it is not ordered yet
     * @param ?float $euros all of it
     * @param ?int $revision of the board that it was ordered for
     * @param list<string> $files SHA-256 of what was sent along or came back
     */
    public function __construct(
        public string $what,
        public int $count = 1,
        public string $from = '',
        public string $ordered = '',
        public string $expected = '',
        public string $arrived = '',
        #[Measured(Unit::Euro, least: 0.0, most: 1e6)]
        public ?float $euros = null,
        public ?int $revision = null,
        #[ListOf('string')]
        public array $files = [],
    ) {
        if ('' === trim($what)) {
            throw new \InvalidArgumentException('Say what was ordered.');
        }
        if ($count < 1 || $count > 100_000) {
            throw new \InvalidArgumentException('An order is of 1 to 100000 pieces.');
        }
        FileHash::checked($files);
        Day::checked($ordered, 'it was ordered');
        Day::checked($expected, 'it is expected');
        Day::checked($arrived, 'it arrived');
        if ('' !== $arrived && '' !== $ordered && $arrived < $ordered) {
            throw new \InvalidArgumentException('It cannot arrive before it was ordered. Look at both days.');
        }
    }

    public function isOpen(): bool
    {
        return '' === $this->arrived;
    }
}
