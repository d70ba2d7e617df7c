<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** A light-emitting diode with its resistor: from its pin to ground, or from a rail to its pin. */
final readonly class LampFacts
{
    /**
     * @param ?LampColour $colour null while nobody has said
     * @param ?Fact<float> $ohms its resistor; null while nobody has said, 0 for none
     * @param ?string $rail that feeds it, so that its pin lights it by being low; null where its pin feeds it
     */
    public function __construct(
        public ?LampColour $colour = null,
        #[FactOf('float'), Measured(Unit::Ohm)]
        public ?Fact $ohms = null,
        public ?string $rail = null,
    ) {}

    /** The level of its pin that lights it. */
    public function litLevel(): Level
    {
        return null === $this->rail ? Level::High : Level::Low;
    }

    /**
     * @param ?Fact<float> $ohms
     */
    public function with(?LampColour $colour = null, ?Fact $ohms = null): self
    {
        return Copy::said($this, get_defined_vars());
    }

    public function fedBy(?string $rail): self
    {
        return Copy::of($this, ['rail' => $rail]);
    }
}
