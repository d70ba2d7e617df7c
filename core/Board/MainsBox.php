<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\BoxKind;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** The mains side of a board as a whole; null for what nobody has said. */
final readonly class MainsBox
{
    private const SIZE = 'A side of the box lies between 10 mm and 3 m; its length and width are at least 20 mm.';

    /**
     * @param ?Fact<InletKind> $inlet how the mains comes in
     * @param ?Fact<float> $inletAmps what plug, inlet or terminals at the entrance are rated for
     * @param ?Fact<bool> $fused a fuse of its own stands behind the inlet
     * @param ?Fact<float> $leadSquareMetres each wire of the lead that feeds the box
     * @param ?Fact<float> $innerSquareMetres wires inside that carry the sum: fuse to contacts, and the neutral
     * @param ?Fact<float> $terminalAmps rating of the least terminal
     * @param ?Fact<float> $clearanceMetres shortest way through air between mains and low voltage
     * @param ?Fact<float> $creepageMetres shortest way over the surface between them
     * @param ?Fact<OvervoltageCategory> $overvoltage how high surges come where it lives
     * @param ?Fact<PollutionDegree> $pollution how damp and dirty it is there
     * @param ?Fact<Seal> $seal what its enclosure keeps out
     * @param ?Fact<bool> $touchable somebody can touch the low-voltage side: a button, a probe, the USB socket
     * @param ?Fact<BaseMaterial> $enclosure what carries and encloses it
     * @param ?Fact<bool> $enclosureEarthed a metal case is joined to protective earth
     * @param ?Fact<bool> $oneCircuit all of it hangs on one circuit of the installation
     * @param ?Fact<bool> $switchesFreed wall switches used again are freed of mains altogether
     * @param ?Fact<bool> $lowContactsApart contacts and wiring of low-voltage appliances keep the same distance from mains as the rest
     * @param ?Fact<bool> $tracks mains runs in tracks of the board; otherwise in wires
     * @param ?Fact<float> $altitudeMetres above the sea; up to 2000 m while nothing is said of it
     * @param ?Fact<MaterialGroup> $material of the surface between mains and low voltage; group III while nothing is said of it
     * @param ?string $fuse part id of the fuse behind the inlet; null while it is not chosen
     * @param ?Track $track the narrowest mains track
     * @param ?Fact<int> $atOnce how many mains lines the program lets run at once; as many as there are while nothing is said of it
     * @param ?Fact<float> $branchSquareMetres the thinnest wire that carries one line alone: from its contact to its outlet or appliance
     * @param ?Fact<bool> $bothFused behind two live conductors, each has a fuse of its own
     * @param ?Fact<bool> $socketReachable a USB or programming socket can be reached without opening the cover
     * @param ?Fact<BridgingCapacitor> $bridgingCapacitor between mains and low voltage, outside the supply
     * @param ?Fact<BoxKind> $kind how the box gives off its heat; closed while nothing is said of it
     * @param ?Fact<float> $lengthMetres of the box, inside; with width and height the air in it is reckoned
     * @param ?Fact<float> $widthMetres of the box
     * @param ?Fact<float> $heightMetres of the box, from its base to its cover
     */
    public function __construct(
        #[FactOf(InletKind::class)]
        public ?Fact $inlet = null,
        #[FactOf('float'), Measured(Unit::Ampere)]
        public ?Fact $inletAmps = null,
        #[FactOf('bool')]
        public ?Fact $fused = null,
        #[FactOf('float'), Measured(Unit::SquareMetre, above: true)]
        public ?Fact $leadSquareMetres = null,
        #[FactOf('float'), Measured(Unit::SquareMetre, above: true)]
        public ?Fact $innerSquareMetres = null,
        #[FactOf('float'), Measured(Unit::Ampere)]
        public ?Fact $terminalAmps = null,
        #[FactOf('float'), Measured(Unit::Metre)]
        public ?Fact $clearanceMetres = null,
        #[FactOf('float'), Measured(Unit::Metre)]
        public ?Fact $creepageMetres = null,
        #[FactOf(OvervoltageCategory::class)]
        public ?Fact $overvoltage = null,
        #[FactOf(PollutionDegree::class)]
        public ?Fact $pollution = null,
        #[FactOf(Seal::class)]
        public ?Fact $seal = null,
        #[FactOf('bool')]
        public ?Fact $touchable = null,
        #[FactOf(BaseMaterial::class)]
        public ?Fact $enclosure = null,
        #[FactOf('bool')]
        public ?Fact $enclosureEarthed = null,
        #[FactOf('bool')]
        public ?Fact $oneCircuit = null,
        #[FactOf('bool')]
        public ?Fact $switchesFreed = null,
        #[FactOf('bool')]
        public ?Fact $lowContactsApart = null,
        #[FactOf('bool')]
        public ?Fact $tracks = null,
        #[FactOf('float'), Measured(Unit::Metre)]
        public ?Fact $altitudeMetres = null,
        #[FactOf(MaterialGroup::class)]
        public ?Fact $material = null,
        public ?string $fuse = null,
        public ?Track $track = null,
        #[FactOf('int')]
        public ?Fact $atOnce = null,
        #[FactOf('float'), Measured(Unit::SquareMetre, above: true)]
        public ?Fact $branchSquareMetres = null,
        #[FactOf('bool')]
        public ?Fact $bothFused = null,
        #[FactOf('bool')]
        public ?Fact $socketReachable = null,
        #[FactOf(BridgingCapacitor::class)]
        public ?Fact $bridgingCapacitor = null,
        #[FactOf('float'), Measured(Unit::Metre, above: true)]
        public ?Fact $lengthMetres = null,
        #[FactOf('float'), Measured(Unit::Metre, above: true)]
        public ?Fact $widthMetres = null,
        #[FactOf('float'), Measured(Unit::Metre, above: true)]
        public ?Fact $heightMetres = null,
        #[FactOf(BoxKind::class)]
        public ?Fact $kind = null,
    ) {
        if (is_int($atOnce?->value) && $atOnce->value < 1) {
            throw new \InvalidArgumentException('At least one line can run at a time.');
        }
        foreach ([
            [$inletAmps, 0.5, 100.0, 'A rating of the inlet lies between 0.5 A and 100 A.'],
            [$terminalAmps, 0.5, 100.0, 'A rating of terminals lies between 0.5 A and 100 A.'],
            [$leadSquareMetres, 0.1e-6, 50e-6, 'A wire of the lead has between 0.1 mm² and 50 mm².'],
            [$innerSquareMetres, 0.1e-6, 50e-6, 'A wire inside has between 0.1 mm² and 50 mm².'],
            [$branchSquareMetres, 0.1e-6, 50e-6, 'A wire of one line has between 0.1 mm² and 50 mm².'],
            [$clearanceMetres, 0.0, 0.1, 'A clearance lies between 0 and 100 mm.'],
            [$creepageMetres, 0.0, 0.2, 'A creepage distance lies between 0 and 200 mm.'],
            [$altitudeMetres, -500.0, 5000.0, 'The tables reach up to 5000 m above the sea.'],
            [$lengthMetres, 0.02, 3.0, self::SIZE],
            [$widthMetres, 0.02, 3.0, self::SIZE],
            [$heightMetres, 0.01, 3.0, self::SIZE],
        ] as [$fact, $least, $most, $words]) {
            if (is_float($fact?->value) && ($fact->value < $least || $fact->value > $most)) {
                throw new \InvalidArgumentException($words);
            }
        }
        if (is_float($clearanceMetres?->value) && is_float($creepageMetres?->value) && $creepageMetres->value < $clearanceMetres->value) {
            throw new \InvalidArgumentException('The way over the surface is never shorter than the way through air. Measure both again.');
        }
    }

    public function fusedBy(string $fuse): self
    {
        return Copy::of($this, ['fused' => Fact::stated(true), 'fuse' => $fuse]);
    }

    public function withTrack(Track $track): self
    {
        return Copy::of($this, ['tracks' => Fact::stated(true), 'track' => $track]);
    }

    public function materialGroup(): int
    {
        return $this->material?->value instanceof MaterialGroup ? $this->material->value->number() : 3;
    }

    /**
     * Length, width and height of the box in metres.
     *
     * @return ?array{float, float, float} null while one of them is not known
     */
    public function size(): ?array
    {
        [$length, $width, $height] = [$this->lengthMetres?->value, $this->widthMetres?->value, $this->heightMetres?->value];

        return is_float($length) && is_float($width) && is_float($height) ? [$length, $width, $height] : null;
    }

    public function kind(): BoxKind
    {
        return $this->kind?->value instanceof BoxKind ? $this->kind->value : BoxKind::Closed;
    }

    /** Metres above the sea. */
    public function altitude(): float
    {
        return is_float($this->altitudeMetres?->value) ? $this->altitudeMetres->value : 0.0;
    }
}
