<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/**
 * What a kind of driver does between its pin and its coil. All that is reckoned about a kind of driver stands in the one class
 * that extends this for it.
 */
abstract class DriverCircuit
{
    public function __construct(protected readonly PinElectrics $pin, protected readonly Relay $relay, protected readonly Spread $rail) {}

    /**
     * @return class-string<Driver> the record of such a driver on a board
     */
    abstract public static function driver(): string;

    /** The circuit of a relay that is driven so. */
    abstract public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self;

    /**
     * What can be built of one part on offer, and of others that go with it.
     *
     * @param ?Part $part null asks for what needs none
     * @return iterable<Candidate>
     */
    abstract public static function candidates(Offer $offer, ?Part $part): iterable;

    /**
     * What it is built of, part by part; none where the coil is on the pin itself.
     *
     * @return list<BuiltPart>
     */
    abstract public function built(): array;

    /**
     * The nodes that the coil hangs between, the one with the higher voltage first.
     *
     * @return array{string, string}
     */
    public function coil(): array
    {
        return [BuiltPart::RAIL, 'out'];
    }

    /** Every hand-off from pin to coil. */
    abstract public function result(Silicon $silicon, float $ambientCelsius): DriverResult;

    /**
     * Volts that a strapped node has with the driver on it.
     *
     * @param Thevenin $source what holds the node without it
     * @param ?Level $towards the level that the corner favours; null for typical values
     */
    abstract public function nodeVolts(Thevenin $source, ?Level $towards, float $ambientCelsius): float;

    /**
     * What the relay does while the pin is as the chip leaves it.
     *
     * @param ?Thevenin $worst the same at the corner that favours the active level; null for a pin that nothing drives
     */
    abstract public function atStart(PinState $state, ?Thevenin $typical, ?Thevenin $worst, float $ambientCelsius): StartUpVerdict;

    /**
     * What leaves it undecided when nothing drives or pulls its input; null where it is off then. A base needs a current that no
     * leakage brings, and the input of an active-low circuit has no way to ground; the inputs of an array, a coupler and a
     * solid-state relay are made to be driven, and nobody states what they do otherwise.
     */
    public function undecided(float $ambientCelsius): ?Figure
    {
        return static::needsALevel() || null !== $this->relay->solidState ? new Figure(
            'voltage at the input that nothing decides',
            $this->pin->supply->max,
            Unit::Volt,
            'up to the pin’s supply: nothing drives or pulls it',
            ['pin floating'],
            'pin floating',
            'common practice: every driver input has a level',
        ) : null;
    }

    /** Whether its input is made to be driven at all times. */
    protected static function needsALevel(): bool
    {
        return false;
    }

    /**
     * @template T of Driver
     * @param class-string<T> $class
     * @return T
     * @throws \InvalidArgumentException when the relay is driven otherwise
     */
    protected static function recordOf(Actuator $actuator, string $class): Driver
    {
        return $actuator->driver instanceof $class
            ? $actuator->driver
            : throw new \InvalidArgumentException(sprintf('This circuit is made of a %s.', $class));
    }
}
