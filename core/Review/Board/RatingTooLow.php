<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\ChosenRating;
use IronLatch\Core\Board\Edit\Build\ChooseRating;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Build\Ratings;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Part that may have to bear more than it is made for. */
final class RatingTooLow implements Rule
{
    private const KINDS = ['resistor', 'diode', 'capacitor'];
    /** Resistors, capacitors and diodes as they are made (common practice, no source). */
    private const MADE = ['W' => [0.5, 1.0, 2.0, 5.0], 'V' => Ratings::CAPACITOR_VOLTS, 'A' => [2.0, 3.0, 5.0]];

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.rating',
            version: 1,
            title: 'Part that may have to bear more than it is made for',
            severities: [Severity::Weak],
            reason: 'A quarter-watt resistor that has to bear half a watt browns the board under it.',
            threshold: 'what comes to it at the most, as if the whole voltage of its circuit lay across it, against the usual '
                . 'part: 0.25 W, 1 A',
            basis: Basis::CommonPractice,
            source: 'common practice; P = U² ÷ R',
            silentWhen: 'nobody has said how it is built; relays, supplies and fuses have checks of their own',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        if (null === $inspection->board->build->form()) {
            return;
        }
        foreach ($inspection->partsList()->rows as $row) {
            $rating = $row->rating;
            if (null === $rating || $rating->isEnough() || !in_array($row->kind, self::KINDS, true)) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $row->designators[0] ?? 'board',
                sprintf(
                    '%s (%s) may have to bear %s; the usual part bears %s.',
                    $row->what,
                    implode(', ', $row->designators),
                    $rating->neededWords(),
                    $rating->chosenWords(),
                ),
                [new Figure(
                    'what it bears over what comes',
                    ($rating->chosen ?? 0.0) / $rating->needed,
                    Unit::Ratio,
                    'bears ÷ comes',
                    [$rating->how],
                    'whole voltage across it',
                    'common practice',
                )],
                static fn(): array => self::stronger($row),
            );
        }
    }

    /**
     * The next of those that are made.
     *
     * @return list<Remedy> at most one
     */
    private static function stronger(PartsRow $row): array
    {
        $unit = $row->rating->unit ?? Unit::Ratio;
        foreach (self::MADE[$unit->value] ?? [] as $made) {
            if ($made >= ($row->rating->needed ?? INF)) {
                return [new Remedy(
                    sprintf('Take parts of %s', QuantityPrinter::rounded($made, $unit)),
                    new ChooseRating($row->designators, match ($unit) {
                        Unit::Watt => new ChosenRating(watts: $made),
                        Unit::Volt => new ChosenRating(volts: $made),
                        default => new ChosenRating(amps: $made),
                    }),
                )];
            }
        }

        return [];
    }
}
