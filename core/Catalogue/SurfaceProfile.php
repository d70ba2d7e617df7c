<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** A protocol or service by which lines are operated from afar: what it can say, what it needs, and how lines are called there. */
#[Heading('Channels')]
final readonly class SurfaceProfile implements Part
{
    /**
     * @param list<Need> $needs nothing while it is empty
     * @param list<Operation> $operations that it can carry, the usual one first
     * @param int $capacity how many entries it takes; 0 for no limit
     * @param bool $lossy a message can be lost without either side noticing
     * @param string $address how the address is made: {root}, {line} (the name as it is legal here), {n} (the line’s number)
     * @param string $state where it tells its state, made the same way; empty when it tells none, or in its answer
     * @param string $on what is said to switch on; {address} is what was made above, {on} and {off} the level at the pin
     * @param string $off what is said to switch off
     * @param string $toggle what is said to flip
     * @param string $set what is said to set a percentage or a step; {value} is its number
     * @param bool $numbersPins it numbers pins by itself, and sets their level
     * @param string $entryKind what to create there, in its own words
     */
    public function __construct(
        public PartIdentity $identity,
        public Addressing $addressing,
        public Direction $direction,
        #[ListOf(Need::class)]
        public array $needs,
        #[ListOf(Operation::class)]
        public array $operations,
        public NamingRules $names,
        public string $address,
        public string $on,
        public string $off,
        public string $toggle = '',
        public string $set = '',
        public string $state = '',
        public int $capacity = 0,
        public bool $lossy = false,
        public bool $numbersPins = false,
        public string $entryKind = 'entry',
    ) {
        if ([] === $operations) {
            throw new \InvalidArgumentException(
                'A channel carries at least one kind of act: on and off, toggle, percentage, steps or while held.',
            );
        }
        if ($capacity < 0 || $capacity > 1000) {
            throw new \InvalidArgumentException('A channel takes up to 1000 entries; write 0 for no limit.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
