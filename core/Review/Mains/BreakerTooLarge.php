<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Mains\InstalledConductor;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Breaker larger than the fixed conductors behind it. */
final class BreakerTooLarge implements Rule
{
    /** Ratings that breakers are made in (IEC 60898-1 and NEC 240.6, from memory). */
    private const RATINGS_AMPERES = [6.0, 10.0, 13.0, 15.0, 16.0, 20.0, 25.0, 30.0, 32.0, 40.0];

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.breaker-too-large',
            version: 1,
            title: 'Breaker larger than the fixed conductors behind it',
            severities: [Severity::Danger, Severity::Hint],
            reason: 'What protects the wires in the wall is the breaker. Wires that were added later are often thinner '
                . 'than those it was chosen for, and the board’s appliances load them for hours.',
            threshold: 'the breaker’s rating within what the thinnest fixed conductor bears, laid as well as can be; a '
                . 'hint where it is too much in an insulating wall; verified on each copy',
            basis: Basis::Standard,
            source: 'IEC 60364-4-43 (I_n ≤ I_z) with IEC 60364-5-52, NEC 240.4(D); from memory. Local codes decide',
            silentWhen: 'the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = InHouse::box($inspection);
        $id = $inspection->board->boxPlace();
        $rating = $box?->breakerAmps?->value;
        $area = $box?->squareMetres?->value;
        if (null === $box) {
            return;
        }
        if (!is_float($rating) || !is_float($area)) {
            yield InHouse::unsaid(
                $this->facts(),
                $inspection,
                is_float($rating) ? 'squareMetres' : 'breakerAmps',
                is_float($rating) ? 'how thick the fixed conductors are that feed it' : 'which breaker stands before it',
            );

            return;
        }
        $table = $inspection->board->system()->cordTable;
        $most = self::over($area, InstalledConductor::mostAmps($area, $table), $rating, $table, 'laid as well as can be');
        $least = self::over($area, InstalledConductor::leastAmps($area, $table), $rating, $table, 'in an insulating wall');
        if ($least->value >= 1) {
            yield new HoldPoint($this->facts(), $id, self::verify($box->name, $rating, $area, $table));

            return;
        }
        $isTooMuch = $most->value < 1;
        $fits = $isTooMuch ? $most->value * $rating : $least->value * $rating;
        yield new Finding(
            $this->facts(),
            $isTooMuch ? Severity::Danger : Severity::Hint,
            $id,
            sprintf(
                $isTooMuch
                    ? 'The breaker before “%s” is rated %s; the wires of %s behind it bear %s at best.'
                    : 'The breaker before “%s” is rated %s; in an insulating wall its wires of %s bear %s.',
                $box->name,
                QuantityPrinter::rounded($rating, Unit::Ampere),
                WireSize::printed($area, $table),
                QuantityPrinter::rounded($fits, Unit::Ampere),
            ),
            [$isTooMuch ? $most : $least],
            proposals: static fn(): array => self::remedies($id, $least->value * $rating),
        );
        if (!$isTooMuch) {
            yield new HoldPoint($this->facts(), $id, self::verify($box->name, $rating, $area, $table));
        }
    }

    private static function over(float $area, float $bears, float $rating, CordTable $table, string $corner): Figure
    {
        return (new Figure(
            'what the fixed conductors bear over the breaker’s rating',
            $bears / $rating,
            Unit::Ratio,
            'I_z ÷ I_n',
            [
                'I_z = ' . QuantityPrinter::rounded($bears, Unit::Ampere) . ' (' . WireSize::printed($area, $table) . ')',
                'I_n = ' . QuantityPrinter::rounded($rating, Unit::Ampere),
            ],
            $corner,
            InstalledConductor::source($table),
        ))->outOf($bears, $rating, Unit::Ampere);
    }

    private static function verify(string $name, float $rating, float $area, CordTable $table): string
    {
        return sprintf(
            'The breaker before “%s” is rated %s, and no fixed conductor behind it is thinner than %s.',
            $name,
            QuantityPrinter::rounded($rating, Unit::Ampere),
            WireSize::printed($area, $table),
        );
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(string $id, float $bears): array
    {
        $fitting = array_filter(self::RATINGS_AMPERES, static fn(float $amps): bool => $amps <= $bears);

        return [] === $fitting ? [] : [new Remedy(
            sprintf('Have a breaker of %s fitted', QuantityPrinter::rounded(max($fitting), Unit::Ampere)),
            new StatePlace([$id], breakerAmps: max($fitting)),
        )];
    }
}
