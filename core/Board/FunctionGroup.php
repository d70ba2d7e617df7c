<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;

/** Functions that belong together: the signals of a bus, the positions of a selector, the relays of one motor. */
final readonly class FunctionGroup
{
    /**
     * @param list<string> $functions ids, in their order
     * @param ?I2cFacts $i2c what is known of the bus; only for an I2C bus
     * @param ?Fact<bool> $byContacts relays that exclude each other are interlocked through their contacts; null while nothing is said of it
     * @param ?StepBank $bank series capacitors of step relays; null for every other group, and while none is fitted
     */
    public function __construct(
        public GroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $functions,
        public ?I2cFacts $i2c = null,
        #[FactOf('bool')]
        public ?Fact $byContacts = null,
        public ?StepBank $bank = null,
    ) {
        if (count($functions) !== count(array_unique($functions))) {
            throw new \InvalidArgumentException(sprintf('The group “%s” names a function twice.', $name));
        }
    }

    /**
     * @param ?list<string> $functions
     * @param ?Fact<bool> $byContacts
     */
    public function with(?string $name = null, ?array $functions = null, ?I2cFacts $i2c = null, ?Fact $byContacts = null, ?StepBank $bank = null): self
    {
        return new self($this->kind, $name ?? $this->name, $functions ?? $this->functions, $i2c ?? $this->i2c, $byContacts ?? $this->byContacts, $bank ?? $this->bank);
    }
}
