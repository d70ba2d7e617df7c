<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Regulator that gets too little or too much. */
final class RegulatorInput implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.regulator-input',
            version: 1,
            title: 'Regulator that gets too little or too much',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A regulator needs some volts more than it gives, or its output follows its input down; beyond its greatest input it '
                . 'dies.',
            threshold: 'input at peak load over output and drop-out: at typical values broken, at the worst corner weak; highest input '
                . 'over the greatest permitted: broken',
            basis: Basis::DataSheet,
            source: 'drop-out and input range of the part file, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($inspection->power->headrooms as $subject => $headroom) {
            $who = 'board' === $subject ? 'The regulator of the carrier' : sprintf(
                '%s, which feeds %s,',
                $board->feeder($subject)->identity->name,
                $board->nameOf($subject),
            );
            $entersWrong = 'board' === $subject && !self::enters($inspection, $headroom->from)
                ? Finding::keyOf(ControllerVoltage::class, $headroom->from)
                : null;
            if (null !== $headroom->tooHigh) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $subject,
                    sprintf(
                        '%s gets up to %s and bears %s.',
                        $who,
                        $headroom->tooHigh->printed(),
                        QuantityPrinter::rounded($headroom->regulation->greatestInputVolts, Unit::Volt),
                    ),
                    [$headroom->tooHigh],
                    static fn(): array => self::remedies($inspection, $subject),
                    $entersWrong,
                );
                continue;
            }
            if (MarginState::Sound === $headroom->margin->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $headroom->margin->state();
            $dip = $inspection->power->dips[$headroom->from];
            $budget = $inspection->power->rails[$headroom->from];
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $subject,
                sprintf(
                    '%s gets %s%s and needs %s.',
                    $who,
                    $isBroken ? $dip->typical->printed() : $dip->worst->printed(),
                    $isBroken ? ' while all relays pull in' : ' at its lowest',
                    ($isBroken ? $headroom->margin->nominal : $headroom->margin->worst)->needs(),
                ),
                [$isBroken ? $headroom->margin->nominal : $headroom->margin->worst, $isBroken ? $dip->typical : $dip->worst],
                static fn(): array => self::remedies($inspection, $subject),
                $budget->peak->value > $budget->rated->value
                    ? Finding::keyOf(SupplyOverloaded::class, $headroom->from)
                    : $entersWrong ?? Finding::keyOf(RailDips::class, $headroom->from),
            );
        }
    }

    private static function enters(Inspection $inspection, string $rail): bool
    {
        $volts = $inspection->board->railVolts($rail);
        $input = $inspection->board->entry()->input;

        return $inspection->board->rails[$rail]->throughUsb || ($volts->min >= $input->min && $volts->max <= $input->max);
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $subject): array
    {
        $board = $inspection->board;
        if ('board' !== $subject) {
            return OtherSupplies::remedies($inspection, $subject);
        }
        return array_values(array_filter(
            [...ControllerVoltage::feedsThatFit($inspection), ...OtherSupplies::remedies($inspection, $board->mcu->rail)],
            static fn(Remedy $remedy): bool => self::suffices(Repairs::of($inspection)->after($remedy->edit)),
        ));
    }

    private static function suffices(?Board $board): bool
    {
        if (null === $board) {
            return false;
        }
        $headroom = Budget::of($board, DriverAnalysis::of($board))->headrooms['board'] ?? null;

        return null === $headroom || (null === $headroom->tooHigh && MarginState::Sound === $headroom->margin->state());
    }
}
