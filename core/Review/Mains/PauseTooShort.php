<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\ProgrammedTime;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Relays that follow each other without a pause. */
final class PauseTooShort implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.pause-too-short',
            version: 2,
            title: 'Relays that follow each other without a pause',
            severities: [Severity::Weak],
            reason: 'A contact opens some milliseconds after its coil lets go, and draws an arc for some more. The next one that closes '
                . 'meanwhile bridges both.',
            threshold: 'a pause of ' . QuantityPrinter::rounded(self::LEAST_SECONDS, Unit::Second) . ' or more between two relays that '
                . 'may never be on together, ' . QuantityPrinter::rounded(self::LEAST_REVERSING_SECONDS, Unit::Second)
                . ' between two directions of a motor',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    private const LEAST_SECONDS = 0.05;
    /** A motor that still turns is pushed back by its other winding, and its capacitor must empty (common practice). */
    private const LEAST_REVERSING_SECONDS = 0.5;

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->groups as $id => $group) {
            if ([] === $group->keptApart()) {
                continue;
            }
            $least = GroupKind::Directions === $group->kind ? self::LEAST_REVERSING_SECONDS : self::LEAST_SECONDS;
            $pause = $group->pauseSeconds?->value;
            if (!is_float($pause)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'how long the program waits between its relays',
                    Answer::by(InterlockGroup::class, 'pauseSeconds', $id),
                );
            } elseif ($pause < $least) {
                $figure = ProgrammedTime::atLeast('pause', $pause, $least);
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'The program waits %s between the relays of “%s”; they want %s.',
                        $figure->printed(),
                        $group->name,
                        QuantityPrinter::rounded($least, Unit::Second),
                    ),
                    [$figure],
                    static fn(): array => [new Remedy(
                        'Wait ' . QuantityPrinter::rounded(2 * $least, Unit::Second),
                        new InterlockGroup($id, pauseSeconds: 2 * $least),
                    )],
                );
            }
        }
    }
}
