<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Driver;
use IronLatch\Core\Catalogue\Part;

/** A circuit that could drive a relay, with first values, and what it takes. */
final readonly class Candidate
{
    /** Area of a soldered part with its pads, and of one package, in square metres (common practice). */
    public const SMALL_SQUARE_METRES = 20e-6;
    public const PACKAGE_SQUARE_METRES = 25e-6;
    /** Euros, indicative. */
    public const RESISTOR_PRICE = 0.01;
    private const DIODE_PRICE = 0.03;

    /**
     * @param string $id by which it is asked for again
     * @param list<Part> $parts that it is built on
     * @param int $count how many parts are soldered in
     * @param float $squareMetres board area that they take, about
     * @param float $partsPrice euros for its share of the parts
     * @param string $trade what speaks for it and against it
     * @param list<string> $lowered resistors that are lowered in turn until the relay pulls in at the worst corner
     */
    public function __construct(
        public string $id,
        public string $title,
        public Driver $driver,
        public array $parts,
        public int $count,
        public float $squareMetres,
        public float $partsPrice,
        public string $trade,
        public array $lowered = [],
    ) {}

    /** Euros with resistors, and a diode across a coil that needs one. */
    public function price(bool $isCoil): float
    {
        return $this->partsPrice
            + $this->count * self::RESISTOR_PRICE
            + ($isCoil && !$this->driver->isReadyMade() ? self::DIODE_PRICE : 0.0);
    }
}
