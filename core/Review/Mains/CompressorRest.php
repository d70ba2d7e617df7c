<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
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

/** Compressor without a rest. */
final class CompressorRest implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.compressor-rest',
            version: 1,
            title: 'Compressor without a rest',
            severities: [Severity::Weak],
            reason: 'A compressor that starts against its own pressure stalls, overheats and trips its protection.',
            threshold: 'three minutes or more between two starts, also after a power cut',
            basis: Basis::CommonPractice,
            source: 'common practice: 3 to 5 min',
        );
    }

    private const LEAST_SECONDS = 180.0;

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $id => $line) {
            if (!$inspection->board->appliance($line)->compressor) {
                continue;
            }
            $rest = $line->safety?->restSeconds?->value;
            if (!is_float($rest)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'how long the program lets its compressor rest',
                    Answer::by(StateSafety::class, 'restSeconds', $id),
                );
            } elseif ($rest < self::LEAST_SECONDS) {
                $figure = ProgrammedTime::atLeast('rest between two starts', $rest, self::LEAST_SECONDS);
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        '“%s” may start again after %s; its compressor wants %s.',
                        $line->name,
                        $figure->printed(),
                        QuantityPrinter::rounded(self::LEAST_SECONDS, Unit::Second),
                    ),
                    [$figure],
                    static fn(): array => [new Remedy('Let it rest for 4 minutes', new StateSafety([$id], restSeconds: 240.0))],
                );
            }
        }
    }
}
