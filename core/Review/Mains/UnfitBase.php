<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Base or enclosure that is not fit for mains. */
final class UnfitBase implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.unfit-base',
            version: 1,
            title: 'Base or enclosure that is not fit for mains',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A bare board leaves live parts to be touched; wood and cardboard burn; of a plastic box nobody knows, unless it is '
                . 'printed on it.',
            threshold: 'flame-rated plastic (V-0) or earthed metal; wood, cardboard or nothing at all is a danger, plastic of unknown '
                . 'kind weak',
            basis: Basis::CommonPractice,
            source: 'common practice; UL 94 V-0',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $enclosure = $inspection->board->box?->enclosure?->value;
        if (!OnMains::any($inspection)) {
            return;
        }
        if (!$enclosure instanceof BaseMaterial) {
            yield new NotChecked($this->facts(), 'board', 'what carries and encloses it', Answer::by(StateBox::class, 'enclosure'));
        } elseif ($enclosure->isUnfit() || BaseMaterial::OtherPlastic === $enclosure) {
            yield new Finding(
                $this->facts(),
                $enclosure->isUnfit() ? Severity::Danger : Severity::Weak,
                'board',
                sprintf('What carries and encloses the mains parts is %s.', $enclosure->value),
                proposals: static fn(): array => [new Remedy(
                    'Use a flame-rated enclosure that needs a tool to open',
                    new StateBox(enclosure: BaseMaterial::FlameRated),
                )],
            );
        }
    }
}
