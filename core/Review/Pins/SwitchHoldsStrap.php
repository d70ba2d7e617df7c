<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\StrapConsequence;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Maintained switch that can hold a strap. */
final class SwitchHoldsStrap implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.switch-holds-strap',
            version: 1,
            title: 'Maintained switch that can hold a strap',
            severities: [Severity::Broken, Severity::Weak, Severity::Hint],
            reason: 'A maintained switch may stand closed when power returns, and then holds the pin at the wrong level.',
            threshold: 'maintained switch, selector position or reed contact to ground on a pin that reset needs high; won’t run is '
                . 'broken, won’t upload is weak, harmless is a hint',
            basis: Basis::CommonPractice,
            source: 'common practice; straps from the chip’s data sheet',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $strap = $pin->chip->strap;
            $function = $inspection->board->functions[$id];
            if (!$function->kind->isMaintained() || null === $strap || Level::High !== $strap->needs) {
                continue;
            }
            $kind = match ($strap->consequence) {
                StrapConsequence::WontRun => Severity::Broken,
                StrapConsequence::WontUpload => Severity::Weak,
                StrapConsequence::Harmless => Severity::Hint,
            };
            yield new Finding(
                $this->facts(),
                $kind,
                $id,
                sprintf(
                    'If “%s” stands closed at power-up it holds %s low: %s (%s).',
                    $function->name,
                    $pin->bothNames(),
                    $strap->otherwise,
                    $strap->consequence->value,
                ),
                proposals: fn(): array => [
                    ...Repairs::of($inspection)->moveToBestPin($id),
                    ...(FunctionKind::MaintainedSwitch === $function->kind ? [new Remedy(
                        'Use a push button instead',
                        new ChangeFunctionKind($id, FunctionKind::Button),
                    )] : []),
                ],
            );
        }
    }
}
