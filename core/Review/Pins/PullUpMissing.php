<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\RemovePull;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Pins\SwitchLevel;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Contact without a pull-up. */
final class PullUpMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.pull-up-missing',
            version: 1,
            title: 'Contact without a pull-up that holds',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'An open contact leaves the wire floating: without a pull-up the pin reads whatever it catches.',
            threshold: 'a pull-up in the chip, on the carrier or on the wire, for every contact to ground and every open collector; the '
                . 'open level over V_IH at typical values (broken) and with the weakest pull-up (weak)',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
            silentWhen: 'an external pull-up is stated',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            $needs = $function->kind->needsPullUp();
            $level = $inspection->seating->contacts[$id] ?? null;
            if (!$needs || !$pin->chip->can(Ability::Input) || null === $level) {
                continue;
            }
            if (!SwitchLevel::isPulledUp($inspection->board, $id, $pin)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” on %s has nothing to pull it up: the pin has no pull-up inside and none is fitted outside.',
                        $function->name,
                        $pin->bothNames(),
                    ),
                    proposals: fn(): array => [
                        new Remedy('Fit a 10 kΩ pull-up', new FitPull($id, PullDirection::Up, 10e3)),
                        ...Repairs::of($inspection)->moveToBestPin($id),
                    ],
                );
            } elseif (MarginState::Sound !== $level->state()) {
                $isBroken = MarginState::Broken === $level->state();
                yield new Finding(
                    $this->facts(),
                    $isBroken ? Severity::Broken : Severity::Weak,
                    $id,
                    sprintf(
                        'Open, “%s” lifts %s to %s, and a high begins at %s%s: something pulls against its pull-up.',
                        $function->name,
                        $pin->bothNames(),
                        ($isBroken ? $level->nominal : $level->worst)->has(),
                        ($isBroken ? $level->nominal : $level->worst)->needs(),
                        $isBroken ? '' : ' at the worst corner',
                    ),
                    $isBroken ? [$level->nominal, $level->worst] : [$level->worst, $level->nominal],
                    fn(): array => [
                        ...(PullDirection::Down === $function->pull?->direction
                            ? [new Remedy('Remove the pull-down', new RemovePull($id))] : []),
                        ...Repairs::of($inspection)->moveToBestPin($id),
                    ],
                );
            }
        }
    }
}
