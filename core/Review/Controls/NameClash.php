<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Control\Names;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Two lines with one name. */
final class NameClash implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.name-clash',
            version: 1,
            title: 'Two lines with one name',
            severities: [Severity::Broken],
            reason: 'A name is how a line is called on every surface. Two lines that differ only in capitals or blanks answer to each '
                . 'other’s calls.',
            threshold: 'names compared without capitals, blanks and punctuation',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $seen = [];
        foreach ($inspection->board->lines as $id => $line) {
            $spoken = Names::spoken($line->name);
            if (isset($seen[$spoken])) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” and “%s” are the same name when spoken or typed.',
                        $inspection->board->lines[$seen[$spoken]]->name,
                        $line->name,
                    ),
                    proposals: function () use ($inspection, $id, $line): array {
                        $free = Names::free(
                            $line->name,
                            array_map(static fn(Line $other): string => $other->name, $inspection->board->lines),
                        );

                        return [new Remedy(sprintf('Rename it to “%s”', $free), new RenameLine($id, $free))];
                    },
                );
            } else {
                $seen[$spoken] = $id;
            }
        }
    }
}
