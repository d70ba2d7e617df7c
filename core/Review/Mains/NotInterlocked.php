<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Lines that may never be on together, left to the program. */
final class NotInterlocked implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.not-interlocked',
            version: 1,
            title: 'Lines that may never be on together, left to the program',
            severities: [Severity::Danger],
            reason: 'A program that hangs, or a welded contact, closes both. Feed the one through the normally closed contact of the '
                . 'other, and no program can.',
            threshold: 'an interlock through the contacts for every group of which only one may be on',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->groups as $id => $group) {
            if ([] === $group->keptApart()) {
                continue;
            }
            if (null === $group->byContacts?->value) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether its relays are interlocked through their contacts',
                    Answer::by(InterlockGroup::class, 'byContacts', $id),
                );
            } elseif (false === $group->byContacts->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '%s of “%s” can be closed at once: only the program keeps them apart.',
                        self::names($inspection, $group),
                        $group->name,
                    ),
                    proposals: static fn(): array => [new Remedy('Interlock them through the contacts', new InterlockGroup($id, true))],
                );
            }
        }
    }

    private static function names(Inspection $inspection, FunctionGroup $group): string
    {
        [$one, $other] = $group->keptApart()[0];

        return sprintf('“%s” and “%s”', $inspection->board->nameOf($one), $inspection->board->nameOf($other));
    }
}
