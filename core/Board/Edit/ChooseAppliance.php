<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Record\Fact;

/** States what a line switches. */
final readonly class ChooseAppliance implements Edit
{
    public function __construct(
        public string $line,
        public Appliance $appliance,
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        $sameSupply = $board->appliance($line)->dcVolts === $this->appliance->dcVolts;
        $line = new Line(
            $line->name,
            $this->appliance->identity->id,
            Fact::assumed($this->appliance->typicalWatts, 'typical for ' . $this->appliance->identity->name),
            // What was said of the wiring holds for an appliance on the same supply only.
            match (true) {
                $sameSupply => $line->conductor,
                null === $this->appliance->dcVolts => Fact::unknown(),
                default => Fact::stated(SwitchedConductor::DcPositive),
            },
            $line->surfaces,
            $line->actuators,
            $sameSupply ? $line->feed : null,
            uncontrolled: $line->uncontrolled,
        );
        if (null === $this->appliance->dcVolts && [] !== array_filter($line->actuators, static fn(Actuator $actuator): bool => null === $actuator->relay)) {
            throw new EditRefused(sprintf('“%s” has no relay, and only a relay may switch the mains. Fit one first.', $line->name));
        }
        $board = $board->withPart($this->appliance);

        return $board->with(lines: [...$board->lines, $this->line => $line]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Let “%s” switch a %s', $board->nameOf($this->line), mb_strtolower($this->appliance->identity->name));
    }
}
