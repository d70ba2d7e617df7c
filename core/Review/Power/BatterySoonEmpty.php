<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Power\DayProfile;
use IronLatch\Core\Power\DrawKind;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Battery that is soon empty. */
final class BatterySoonEmpty implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.battery-soon-empty',
            version: 1,
            title: 'Battery that is soon empty',
            severities: [Severity::Broken, Severity::Hint],
            reason: 'A 9 V block holds about half an ampere-hour behind one or two ohms: a coil empties it in hours, and every coil that '
                . 'pulls in drags its voltage down. A controller with a radio alone empties any small battery within days.',
            threshold: 'a block battery that feeds coils is broken; any battery that lasts less than a week with the hours stated is a '
                . 'hint',
            basis: Basis::CommonPractice,
            source: 'capacity of the part file over the average current',
        );
    }

    private const WEEK_HOURS = 168.0;

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (DayProfile::batteryHours($inspection->power->flows) as $id => $hours) {
            $source = $board->source($id);
            $on = $inspection->power->flows->amps($id, Scenario::allOn());
            if (SupplyForm::BlockBattery === $source?->form && self::feedsCoils($inspection, $id)) {
                $figure = self::lasts(
                    'time until it is empty, all on',
                    ($source->capacityAmpHours ?? 0.0) / max($on->typical, 1e-6),
                    $source,
                    'all relays on, typical currents',
                );
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        'The coils of the rail %s hang on a block battery: with all on it is empty after %s.',
                        $board->nameOf($id),
                        $figure->printed(),
                    ),
                    [$figure],
                    static fn(): array => OtherSupplies::remedies($inspection, $id),
                );
            } elseif ($hours < self::WEEK_HOURS && null !== $source) {
                $figure = self::lasts('time until it is empty', $hours, $source, 'hours as stated, typical currents');
                yield new Finding(
                    $this->facts(),
                    Severity::Hint,
                    $id,
                    sprintf('%s lasts %s on the rail %s.', $source->identity->name, $figure->printed(), $board->nameOf($id)),
                    [$figure],
                    static fn(): array => OtherSupplies::remedies($inspection, $id),
                );
            }
        }
    }

    private static function lasts(string $label, float $hours, Supply $source, string $corner): Figure
    {
        return new Figure(
            $label,
            $hours,
            Unit::Hour,
            'capacity ÷ I',
            ['capacity = ' . QuantityPrinter::rounded($source->capacityAmpHours ?? 0.0, Unit::AmpereHour)],
            $corner,
            $source->identity->name . ', ' . $source->identity->basis->words(),
        );
    }

    private static function feedsCoils(Inspection $inspection, string $rail): bool
    {
        foreach ($inspection->power->flows->items($rail, Scenario::allOn()) as $item) {
            if (
                DrawKind::Coil === $item->kind && $item->amps->greatest > 0
                || DrawKind::Converter === $item->kind
                    && isset($inspection->board->rails[$item->subject])
                    && self::feedsCoils($inspection, $item->subject)
            ) {
                return true;
            }
        }

        return false;
    }
}
