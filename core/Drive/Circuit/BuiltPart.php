<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * A part of a driver circuit as it is fitted: each of its terminals on a node of the circuit. The nodes bear the names that the
 * circuit’s netlist gives them; “pin”, “rail”, “vdd” and “gnd” are what it shares with the rest of the board.
 */
final readonly class BuiltPart
{
    public const PIN = 'pin';
    public const RAIL = 'rail';
    /** The supply of the pins. */
    public const PIN_SUPPLY = 'vdd';
    public const GROUND = 'gnd';
    /** The ground of the pin, which an isolating circuit keeps apart from that of the coil. */
    public const INPUT_GROUND = 'input ground';

    /**
     * @param string $letter of its designator
     * @param int $digit by which it is told from others of its letter in the same circuit: fixed, whatever else is fitted
     * @param string $role in a few words, such as “base resistor”
     * @param array<int|string, string> $nodes by the name of the terminal; “%d” in a name stands for the channel of a package
     * @param string $value as printed beside it; empty for the name of its part
     * @param ?Part $part null for a resistor, which is no part of the catalogue
     * @param ?float $ohms of a resistor
     * @param bool $isShared other channels of the same package can serve other relays
     */
    public function __construct(
        public string $letter,
        public int $digit,
        public string $role,
        public array $nodes,
        public string $value = '',
        public ?Part $part = null,
        public bool $isShared = false,
        public ?float $ohms = null,
    ) {}

    public static function resistor(int $digit, string $role, float $ohms, string $from, string $to): self
    {
        return new self('R', $digit, $role, ['1' => $from, '2' => $to], QuantityPrinter::rounded($ohms, Unit::Ohm), ohms: $ohms);
    }

    public static function bipolar(int $digit, Transistor $transistor, string $collector, string $base, string $emitter): self
    {
        return new self(
            'Q',
            $digit,
            $transistor->isPnp ? 'PNP' : 'NPN',
            ['E' => $emitter, 'B' => $base, 'C' => $collector],
            part: $transistor,
        );
    }

    public static function mosfet(int $digit, SwitchingPart $mosfet, string $gate, string $drain, string $source): self
    {
        return new self('Q', $digit, 'MOSFET', ['G' => $gate, 'D' => $drain, 'S' => $source], part: $mosfet);
    }

    public static function coupler(
        int $digit,
        OptoCoupler $coupler,
        string $anode,
        string $cathode,
        string $collector,
        string $emitter,
    ): self {
        return new self(
            'U',
            $digit,
            'coupler',
            ['A' => $anode, 'K' => $cathode, 'E' => $emitter, 'C' => $collector],
            part: $coupler,
        );
    }
}
