<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Button on a strapped pin. */
final class ButtonOnStrap implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.button-on-strap',
            version: 1,
            title: 'Button on a strapped pin',
            severities: [Severity::Hint],
            reason: 'Held while power returns, the button does what the strap does; that is rare, and sometimes wanted.',
            threshold: 'push button to ground on a pin that reset needs high',
            basis: Basis::CommonPractice,
            source: 'common practice; straps from the chip’s data sheet',
            silentWhen: 'the strap is harmless',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $strap = $pin->chip->strap;
            $function = $inspection->board->functions[$id];
            if (
                FunctionKind::Button === $function->kind
                && null !== $strap
                && Level::High === $strap->needs
                && StrapConsequence::Harmless !== $strap->consequence
            ) {
                yield new Finding(
                    $this->facts(),
                    Severity::Hint,
                    $id,
                    sprintf(
                        'If “%s” is held while power returns, %s is low: %s.',
                        $function->name,
                        $pin->bothNames(),
                        $strap->otherwise,
                    ),
                    proposals: fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
    }
}
