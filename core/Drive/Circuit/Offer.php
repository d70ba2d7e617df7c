<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\PreferredValues;

/** What a circuit is sized for: a relay on a board, its rail and its pin, and the parts that can be had. */
final readonly class Offer
{
    public Relay $relay;
    public float $railVolts;
    public float $pinVolts;

    /**
     * @param list<Part> $parts
     */
    public function __construct(public Board $board, public Actuator $actuator, public array $parts)
    {
        $this->relay = $board->relay($actuator);
        $this->railVolts = $board->railVolts($actuator->rail)->typ;
        $this->pinVolts = $board->siliconOf($actuator->function)->electrics->supply->typ;
    }

    /** The first NPN that can be had. */
    public function npn(): ?Transistor
    {
        foreach ($this->parts as $part) {
            if ($part instanceof Transistor && !$part->isPnp) {
                return $part;
            }
        }

        return null;
    }

    /** Base current for the coil at the house’s forced gain, amperes. */
    public function baseAmps(): float
    {
        return $this->railVolts / $this->relay->coilResistance->typ / $this->board->houseRules->forcedGain;
    }

    /** Current for a first transistor that draws the base current of a second, amperes. */
    public function firstBaseAmps(): float
    {
        return max($this->baseAmps() / $this->board->houseRules->forcedGain, 1e-4);
    }

    /** The E12 value at or below. */
    public static function below(float $ohms): float
    {
        return PreferredValues::e12Between(10.0, max(10.0, min(1e6, $ohms * 1.0000001)))[0] ?? 10.0;
    }
}
