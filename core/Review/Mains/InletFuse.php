<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** No fuse behind the inlet. */
final class InletFuse implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.no-fuse',
            version: 2,
            title: 'No fuse behind the inlet',
            severities: [Severity::Danger],
            reason: 'What protects the installation is made for its thick wires. The thin ones of a box burn long before that.',
            threshold: 'a fuse of its own in the live conductor, right behind the inlet; in both where two conductors are live',
            basis: Basis::CommonPractice,
            source: 'common practice; local codes decide',
            silentWhen: 'nothing on the board runs from the mains',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = $inspection->board->box;
        if (!OnMains::any($inspection)) {
            return;
        }
        if (null === $box?->fused?->value) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether a fuse stands behind the inlet',
                Answer::by(ChooseFuse::class, 'fuse'),
                Answer::by(StateBox::class, 'fused'),
            );
        } elseif (false === $box->fused->value) {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'board',
                'No fuse stands behind the inlet: a fault heats the wires of this box until they burn.',
                proposals: static fn(): array => FuseChoice::remedies($inspection),
            );
        } elseif (null === $box->fuse) {
            yield new NotChecked($this->facts(), 'board', 'which fuse stands behind the inlet', Answer::by(ChooseFuse::class, 'fuse'));
        }
        if (InletKind::TwoHots === $box?->inlet?->value && true === $box->fused?->value) {
            if (null === $box->bothFused?->value) {
                yield new NotChecked(
                    $this->facts(),
                    'second-fuse',
                    'whether each of the two live conductors has a fuse of its own',
                    Answer::by(StateBox::class, 'bothFused'),
                );
            } elseif (false === $box->bothFused->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    'second-fuse',
                    'One of the two live conductors has no fuse: a fault to earth on that side heats the wires of this box until they '
                        . 'burn.',
                    proposals: static fn(): array => [new Remedy(
                        'Fit the same fuse in the other live conductor',
                        new StateBox(bothFused: true),
                    )],
                );
            }
        }
    }
}
