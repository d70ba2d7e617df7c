<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Lets a line switch an appliance that stands in no catalogue, described by what its plate and its use say. */
#[Says(Nature::Observation)]
final readonly class DescribeAppliance implements Edit
{
    /**
     * @param string $name what it is
     * @param float $watts as on its rating plate
     * @param ?float $powerFactor null takes what is usual for its kind of load
     * @param ?float $dcVolts its own DC supply; null when it runs from the mains
     * @param bool $mustNotSelfStart it may never start by itself
     * @param bool $mustComeBack somebody or something suffers when it stays off after a power cut
     * @param bool $earthed it has a metal case or another part that wants protective earth
     * @param bool $heats it makes heat for its own sake
     * @param bool $wet it stands in water or beside it
     * @param bool $ownVoltage it puts its own small voltage on the contact; no rail of the board feeds it
     * @param bool $twoDirections a motor that runs one way or the other
     * @param bool $warmsAir it warms the air of a room, and may be covered or fall over
     */
    public function __construct(
        public string $line,
        public string $name,
        public LoadKind $load,
        #[Measured(Unit::Watt, above: true)]
        public float $watts,
        #[Measured(Unit::Ratio, above: true)]
        public ?float $powerFactor = null,
        #[Measured(Unit::Volt, above: true)]
        public ?float $dcVolts = null,
        public bool $mustNotSelfStart = false,
        public bool $mustComeBack = false,
        public bool $earthed = false,
        public bool $heats = false,
        public bool $wet = false,
        public bool $warmsAir = false,
        public bool $ownVoltage = false,
        public bool $twoDirections = false,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        Targets::line($board, $this->line);
        if ($this->watts < 1e-3 || $this->watts > 50e3) {
            throw new EditRefused('An appliance draws between 1 mW and 50 kW. Take the figure from its rating plate.');
        }
        if (null !== $this->powerFactor && ($this->powerFactor < 0.1 || $this->powerFactor > 1)) {
            throw new EditRefused('A power factor lies between 0.1 and 1. Leave it empty for what is usual.');
        }
        if (null !== $this->dcVolts && ($this->dcVolts < 1 || $this->dcVolts > 60)) {
            throw new EditRefused('A DC appliance here runs from 1 V to 60 V. Leave the field empty for one that runs from the mains.');
        }
        if ($this->ownVoltage && null === $this->dcVolts) {
            throw new EditRefused('Which voltage does it put on the contact? Write that of its own supply, such as 24 V.');
        }
        $id = $this->freeId($board);
        $old = $board->parts[$id] ?? null;
        $appliance = new Appliance(
            new PartIdentity(
                $id,
                null === $old ? 1 : $old->identity()->version + 1,
                $this->name,
                Basis::CommonPractice,
                'described by the maker of the board',
            ),
            $this->load,
            $this->watts,
            $this->powerFactor ?? $this->load->usualPowerFactor(),
            $this->dcVolts,
            $this->mustNotSelfStart,
            $this->earthed,
            $this->heats,
            mustComeBack: $this->mustComeBack,
            warmsAir: $this->warmsAir,
            wet: $this->wet,
            ownVoltage: $this->ownVoltage,
            twoDirections: $this->twoDirections,
        );

        return (new StateLoad($this->line, $this->watts))->apply((new ChooseAppliance($this->line, $appliance))->apply($board));
    }

    /** A copy of the line may still switch what was described here before: its facts are left alone. */
    private function freeId(Board $board): string
    {
        $others = [];
        foreach ($board->lines as $line => $other) {
            $others[$line === $this->line ? '' : $other->appliance] = true;
        }
        $first = $id = 'described-' . strtolower($this->line);
        for ($number = 2; isset($others[$id]); ++$number) {
            $id = $first . '-' . $number;
        }

        return $id;
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Let “%s” switch: %s', $board->nameOf($this->line), $this->name), $board, $this);
    }
}
