<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Build\Fit\Rect;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Mains\OnMains;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Mains too near to low voltage on the plan. */
final class ZonesMixed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.zones-mixed',
            version: 1,
            title: 'Mains and low voltage too near on the plan',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A wire that slips, a drop of solder or dirt bridges a few millimetres; then buttons and probes are at '
                . 'mains.',
            threshold: 'the shortest way between mains metal and low-voltage metal of another part, or a metal wall, against '
                . 'the tables; a slot counts for the creepage only; weak: less than you stated, or no straight line '
                . 'parts the two',
            basis: Basis::Standard,
            source: 'IEC 60664-1, from memory',
            silentWhen: 'nobody has said how it is built, or no mains is in the box',
        );
    }

    /** In one piece: the nearest fault is told, and no lesser one beside it. */
    public function inspect(Inspection $inspection): iterable
    {
        $layout = $inspection->layout();
        if (null === $layout || !OnMains::anyHurting($inspection)) {
            return;
        }
        $remedies = static fn(): array => Layouts::remedies($inspection);
        $near = $layout->tooNear()[0] ?? null;
        $wall = $layout->atTheWall()[0] ?? null;
        if (null !== $near) {
            [$one, $other, $metres] = $near;
            $isDanger = $metres < $layout->needed() - 1e-9;
            yield new Finding(
                $this->facts(),
                $isDanger ? Severity::Danger : Severity::Weak,
                'board',
                sprintf(
                    $isDanger
                        ? 'Between mains at one and low voltage at the other, %s and %s leave %s; %s are needed here.'
                        : 'Between mains at one and low voltage at the other, %s and %s leave %s; you stated %s.',
                    $one->part->id,
                    $other->part->id,
                    QuantityPrinter::rounded($metres, Unit::Metre),
                    QuantityPrinter::rounded($isDanger ? $layout->needed() : $layout->apart, Unit::Metre),
                ),
                [self::figure($metres, $isDanger ? $layout->needed() : $layout->apart)],
                $remedies,
            );
        } elseif (null !== $wall) {
            $metres = min([INF, ...array_map(static fn(Rect $mains): float => $layout->space?->toWall($mains) ?? INF, $wall->mains)]);
            yield new Finding(
                $this->facts(),
                $metres < $layout->needed() - 1e-9 ? Severity::Danger : Severity::Weak,
                'wall',
                sprintf(
                    'Mains at %s lies %s from the metal wall; %s are kept.',
                    $wall->part->id,
                    QuantityPrinter::rounded($metres, Unit::Metre),
                    QuantityPrinter::rounded($layout->apart, Unit::Metre),
                ),
                [self::figure($metres, $layout->apart)],
                $remedies,
            );
        } elseif ([] === $layout->unplaced() && !$layout->isParted()) {
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                'line',
                'No straight line parts mains from low voltage: parts of one lie among parts of the other.',
                [],
                $remedies,
            );
        }
        if (true === $inspection->board->build->slot?->value) {
            yield new HoldPoint($this->facts(), 'slot', 'A slot of 1.5 mm or more is milled all along between mains and low voltage.');
        }
    }

    private static function figure(float $metres, float $needed): Figure
    {
        return new Figure(
            'distance on the plan over what is kept',
            $metres / max($needed, 1e-6),
            Unit::Ratio,
            'd ÷ d_needed',
            [
                'd = ' . QuantityPrinter::rounded($metres, Unit::Metre),
                'd_needed = ' . QuantityPrinter::rounded($needed, Unit::Metre),
            ],
            'as laid out',
            'IEC 60664-1, from memory',
        );
    }
}
