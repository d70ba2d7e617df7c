<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Mains\OnMains;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Pads in the barrier of a perforated board. */
final class PadsLeft implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.pads-left',
            version: 1,
            title: 'Pads left in the barrier of a perforated board',
            severities: [Severity::Danger],
            reason: 'Each pad between mains and low voltage is a stepping stone: what is left between them is a millimetre.',
            threshold: 'the pads between mains and the rest are taken off, over the whole distance that is needed',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'it is no perforated board, or no mains is on it',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $build = $inspection->board->build;
        $layout = $inspection->layout();
        if (null === $layout || BuildForm::Perforated !== $build->form() || !OnMains::anyHurting($inspection)) {
            return;
        }
        $holes = (int) ceil($layout->apart / BoxPlan::GRID_METRES);
        if (null === $build->padsRemoved?->value) {
            yield new NotChecked(
                $this->facts(),
                'pads',
                'whether the pads between mains and the rest are taken off',
                Answer::by(StateBuild::class, 'padsRemoved'),
            );
        } elseif (true === $build->padsRemoved->value) {
            yield new HoldPoint(
                $this->facts(),
                'pads',
                sprintf('All pads between mains and low voltage are taken off, %d rows of holes wide.', $holes),
            );
        } else {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'pads',
                sprintf('Pads stay between mains and low voltage; %d rows of holes have to be free of them.', $holes),
                proposals: static fn(): array => [
                    new Remedy('Build it on a carrier board with sockets', new StateBuild(form: BuildForm::CarrierBoard)),
                    new Remedy('Take them off, and say so', new StateBuild(padsRemoved: true)),
                ],
            );
        }
    }
}
