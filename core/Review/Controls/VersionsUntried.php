<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controller\RecordTriedSet;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\TriedSet;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Versions that nobody has tried together. */
final class VersionsUntried implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.versions-untried',
            version: 1,
            title: 'Versions that nobody has tried together',
            severities: [Severity::Weak],
            reason: 'A newer board package and an older library stop a build, or worse, build and then lose the '
                . 'network after a day. A set that once worked is worth more than the newest of each.',
            threshold: 'the package and the libraries that are stated, against the sets that were built together',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nothing is said of what the program is built with',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $facts = $inspection->board->program->firmware ?? new FirmwareFacts();
        if ('' === $facts->boardPackage && [] === $facts->libraries && [] === $facts->tried) {
            return;
        }
        $key = TriedSet::key($facts->boardPackage, $facts->libraries);
        $same = array_values(array_filter(
            $facts->tried,
            static fn(TriedSet $set): bool => TriedSet::key($set->boardPackage, $set->libraries) === $key,
        ));
        $last = $same[count($same) - 1] ?? null;
        if ([] === $facts->tried) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether these versions were ever built together',
                Answer::by(RecordTriedSet::class, 'day'),
            );
        } elseif (null === $last || !$last->works) {
            $works = array_values(array_filter($facts->tried, static fn(TriedSet $set): bool => $set->works));
            $good = $works[count($works) - 1] ?? null;
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                'board',
                null === $last
                    ? sprintf(
                        '“%s” with %d libraries was never built together; another set was.',
                        $facts->boardPackage,
                        count($facts->libraries),
                    )
                    : sprintf('These versions did not work together on %s%s.', $last->day, '' === $last->note ? '' : ': ' . $last->note),
                proposals: static fn(): array => null === $good ? [] : [new Remedy(
                    sprintf('Go back to the set that worked on %s', $good->day),
                    new StateFirmware($facts->goingBackTo($good)),
                )],
            );
        }
    }
}
