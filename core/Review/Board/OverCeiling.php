<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\StateBuild;
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

/** More money, size or different parts than it may take. */
final class OverCeiling implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.over-ceiling',
            version: 1,
            title: 'More than you said it may take',
            severities: [Severity::Weak],
            reason: 'You set the limit; what goes beyond it is yours to decide.',
            threshold: 'known prices of one copy, outline of the plan and number of different parts against the limits that '
                . 'you stated',
            basis: Basis::CommonPractice,
            source: 'what you stated',
            silentWhen: 'no limit is stated',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $build = $inspection->board->build;
        if (null === $build->mostEuros?->value && null === $build->mostDifferent?->value) {
            yield from $this->size($inspection);

            return;
        }
        $list = $inspection->partsList();
        $most = $build->mostEuros?->value;
        if (is_float($most) && $list->knownEuros() > $most) {
            yield $this->finding($inspection, 'money', sprintf(
                'The parts of one copy cost %s%s; it may cost %s.',
                QuantityPrinter::rounded($list->knownEuros(), Unit::Euro),
                0 === $list->unpriced() ? '' : sprintf(', %d of unknown price not counted', $list->unpriced()),
                QuantityPrinter::rounded($most, Unit::Euro),
            ), $most, $list->knownEuros(), new StateBuild(mostEuros: ceil($list->knownEuros())));
        }
        $different = $build->mostDifferent?->value;
        if (is_int($different) && count($list->rows) > $different) {
            yield $this->finding(
                $inspection,
                'different',
                sprintf('%d different parts are bought; at most %d may be.', count($list->rows), $different),
                (float) $different,
                (float) count($list->rows),
                new StateBuild(mostDifferent: count($list->rows)),
            );
        }
        yield from $this->size($inspection);
    }

    /** @return iterable<Finding> */
    private function size(Inspection $inspection): iterable
    {
        $build = $inspection->board->build;
        $length = $build->mostLengthMetres?->value;
        $width = $build->mostWidthMetres?->value;
        $board = is_float($length) || is_float($width) ? $inspection->layout()?->board() : null;
        if (null === $board) {
            return;
        }
        [$long, $short] = [max($board->width(), $board->height()), min($board->width(), $board->height())];
        [$mostLong, $mostShort] = [is_float($length) ? $length : INF, is_float($width) ? $width : INF];
        [$mostLong, $mostShort] = [max($mostLong, $mostShort), min($mostLong, $mostShort)];
        if ($long <= $mostLong && $short <= $mostShort) {
            return;
        }
        yield $this->finding($inspection, 'size', sprintf(
            'The plan takes %s × %s; it may take %s × %s.',
            QuantityPrinter::rounded($long, Unit::Metre),
            QuantityPrinter::rounded($short, Unit::Metre),
            is_finite($mostLong) ? QuantityPrinter::rounded($mostLong, Unit::Metre) : 'any length',
            QuantityPrinter::rounded($mostShort, Unit::Metre),
        ), min($mostLong / $long, $mostShort / $short), 1.0, new StateBuild(
            mostLengthMetres: is_finite($mostLong) ? max($long, $mostLong) : null,
            mostWidthMetres: max($short, $mostShort),
        ));
    }

    private function finding(Inspection $inspection, string $subject, string $says, float $most, float $has, StateBuild $raise): Finding
    {
        return new Finding(
            $this->facts(),
            Severity::Weak,
            $subject,
            $says,
            [
                new Figure(
                    'limit over what it takes',
                    $most / $has,
                    Unit::Ratio,
                    'limit ÷ needed',
                    [],
                    'known prices and sizes',
                    'what you stated',
                ),
            ],
            static fn(): array => [...Cheaper::remedies($inspection, $subject), new Remedy('Raise the limit', $raise)],
        );
    }
}
