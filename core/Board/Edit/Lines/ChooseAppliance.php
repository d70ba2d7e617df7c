<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\UsualFacts;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Record\Copy;

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
        $old = $board->appliance($line);
        $isSame = $old->identity->id === $this->appliance->identity->id;
        $sameSupply = $old->dcVolts === $this->appliance->dcVolts;
        $line = Copy::of($line, [
            'appliance' => $this->appliance->identity->id,
            // What stands on the plate of the old appliance says nothing of the new one.
            'watts' => $isSame && $line->watts->isStated() ? $line->watts : UsualFacts::watts($this->appliance),
            // What was said of the wiring holds for an appliance on the same supply only.
            'conductor' => $sameSupply ? $line->conductor : UsualFacts::conductor($this->appliance),
            'feed' => $sameSupply ? $line->feed : null,
            'safety' => $isSame ? $line->safety : $line->safety?->forAnotherAppliance(
                null === $old->dcVolts && null !== $this->appliance->dcVolts,
                null !== $old->dcVolts && null === $this->appliance->dcVolts,
            ),
        ]);
        if ((null === $this->appliance->dcVolts || $this->appliance->ownVoltage) && [] !== array_filter(
            $line->actuators,
            static fn(Actuator $actuator): bool => null === $actuator->relay,
        )) {
            throw new EditRefused(sprintf(
                '“%s” has no relay, and only a relay may switch %s. Fit one first.',
                $line->name,
                $this->appliance->ownVoltage ? 'what brings its own voltage' : 'the mains',
            ));
        }
        if (null !== $this->appliance->dcVolts && null !== $line->sense) {
            throw new EditRefused(sprintf('“%s” hears its state at the mains. Take that away before it leaves the mains.', $line->name));
        }
        $board = $board->withPart($this->appliance);

        return $board->with(lines: [...$board->lines, $this->line => $line]);
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf('Let “%s” switch a %s', $board->nameOf($this->line), lcfirst($this->appliance->identity->name)),
            $board,
            $this,
        );
    }
}
