<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Header rows of which nobody knows the distance. */
final class HeaderRows implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.header-rows',
            version: 1,
            title: 'Socket strips at a distance that was not measured',
            severities: [Severity::Weak],
            reason: 'Carriers of one name are sold with rows 22.86, 25.4 or 27.94 mm apart; strips at the wrong distance '
                . 'are soldered for good.',
            threshold: 'on a board with sockets the rows were measured on the controller in hand',
            basis: Basis::CommonPractice,
            source: 'common practice; three distances, from memory',
            silentWhen: 'nobody has said how it is built, or it has no sockets',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $hasSockets = in_array($board->build->form(), [BuildForm::Perforated, BuildForm::CarrierBoard], true);
        if (!$hasSockets || $board->controller()->carrier->isBareModule) {
            return;
        }
        $isMeasured = $board->build->rowsMeasured?->value;
        if (null === $isMeasured) {
            yield new NotChecked(
                $this->facts(),
                'rows',
                'whether the header rows of the controller were measured',
                Answer::by(StateBuild::class, 'rowsMeasured'),
            );
        } elseif (false === $isMeasured) {
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                'rows',
                'The distance of the controller’s header rows was not measured on the piece in hand.',
                proposals: static fn(): array => [new Remedy('Measure it, and say so', new StateBuild(rowsMeasured: true))],
            );
        }
    }
}
