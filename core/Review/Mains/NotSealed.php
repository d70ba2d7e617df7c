<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Seal;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\Surroundings;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Mains beside water without a seal. */
final class NotSealed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.not-sealed',
            version: 1,
            title: 'Mains beside water without a seal',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'Splashing water carries mains over every distance that was kept, and salt water stays. Damp and dust do it more '
                . 'slowly.',
            threshold: 'an enclosure against splashing water (IPX4) beside an appliance that stands in water (danger otherwise), and '
                . 'wherever it is damp or dusty (weak otherwise)',
            basis: Basis::Standard,
            source: 'IEC 60529 and IEC 60664-1, from memory',
            silentWhen: 'it is dry and clean',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $surroundings = Surroundings::of($inspection->board);
        if (!OnMains::anyHurting($inspection) || !$surroundings->isWet() && 3 !== $surroundings->pollution) {
            return;
        }
        $seal = $inspection->board->box?->seal?->value;
        if (!$seal instanceof Seal) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'what its enclosure keeps out: ' . $surroundings->whyDamp(),
                Answer::by(StateBox::class, 'seal'),
            );
        } elseif (!$seal->keepsSplashOut()) {
            yield new Finding(
                $this->facts(),
                $surroundings->isWet() ? Severity::Danger : Severity::Weak,
                'board',
                sprintf('The enclosure does not keep splashing water out, but %s.', $surroundings->whyDamp()),
                proposals: static fn(): array => [new Remedy(
                    'Use an enclosure against splashing water (IPX4)',
                    new StateBox(seal: Seal::Splash),
                )],
            );
        }
    }
}
