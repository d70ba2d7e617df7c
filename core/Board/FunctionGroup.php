<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\ListOf;

/** Functions that belong together: the signals of a bus, the positions of a selector, the relays of one motor. */
final readonly class FunctionGroup
{
    /**
     * @param list<string> $functions ids, in their order
     * @param ?I2cFacts $i2c what is known of the bus; only for an I2C bus
     */
    public function __construct(
        public GroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $functions,
        public ?I2cFacts $i2c = null,
    ) {
        if (count($functions) !== count(array_unique($functions))) {
            throw new \InvalidArgumentException(sprintf('The group “%s” names a function twice.', $name));
        }
    }

    /**
     * @param ?list<string> $functions
     */
    public function with(?string $name = null, ?array $functions = null, ?I2cFacts $i2c = null): self
    {
        return new self($this->kind, $name ?? $this->name, $functions ?? $this->functions, $i2c ?? $this->i2c);
    }
}
