<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\StateStepBank;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Series capacitors of a fan that nothing limits. */
final class StepSeries implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'mains.step-series',
            1,
            Stage::Mains,
            'Series capacitors of a fan that nothing limits',
            [Kind::Weak],
            'A contact that closes an empty capacitor onto the peak of the mains carries a hundred amperes for a moment and welds.',
            'a resistor in series with each capacitor',
            Basis::CommonPractice,
            'common practice: 325 V over 2.2 Ω are 148 A',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->mains->fans as $id => $fan) {
            $group = $inspection->board->groups[$id];
            $series = $group->bank?->seriesOhms?->value;
            if (!is_float($series)) {
                yield new NotChecked($this->facts(), $id, 'what limits the current into its capacitors');
            } elseif (0.0 === $series) {
                yield new Finding($this->facts(), Kind::Weak, $id, sprintf('Nothing limits the current into the capacitors of “%s” when a contact closes at the peak of the mains.', $group->name), proposals: static fn(): array => [new Remedy('Fit 2.2 Ω in series with each', new StateStepBank($id, seriesOhms: 2.2))]);
            }
        }
    }
}
