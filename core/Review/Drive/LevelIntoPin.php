<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Edit\StateHighLevel;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Signal that is too high or too low for its pin. */
final class LevelIntoPin implements Rule
{
    /** What the protection diodes of these chips bear above their supply (data sheets, from memory). */
    private const OVER_VOLTS = 0.3;
    /** How far a sensor's own supply may be off. */
    private const TOLERANCE = 0.05;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'drive.level-into-pin',
            1,
            Stage::Drive,
            'Signal level that does not suit its pin',
            [Kind::Broken, Kind::Weak],
            'A 5 V output into a 3.3 V pin forces current through its protection diode until one of the two gives in; a 3.3 V output into a 5 V input may or may not be read as high.',
            'high level of the signal at most 0.3 V above the pin’s supply, and at least V_IH; outside at typical values is broken, with ±5 % weak',
            Basis::DataSheet,
            'absolute maximum and input levels of the chip, from memory',
            'nothing else is stated than that the signal comes from the pins’ own supply',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            $volts = $function->highVolts?->value;
            if (!$function->kind->isDrivenFromOutside() || !is_float($volts)) {
                continue;
            }
            $electrics = $pin->silicon->electrics;
            $limit = $electrics->supply->typ + self::OVER_VOLTS;
            $least = $electrics->inputHighRatio * $electrics->supply->typ;
            $isTooHigh = $volts * (1 + self::TOLERANCE) > $electrics->supply->min + self::OVER_VOLTS;
            $isTooLow = !$function->kind->isAnalogue() && $volts * (1 - self::TOLERANCE) < $electrics->inputHighRatio * $electrics->supply->max;
            if ($isTooHigh && $volts > $electrics->supply->typ * (1 + self::TOLERANCE)) {
                yield $this->finding($inspection, $id, $volts > $limit ? Kind::Broken : Kind::Weak, sprintf('“%s” drives %s to %s; it bears %s.', $function->name, $pin->bothNames(), QuantityPrinter::rounded($volts, Unit::Volt), QuantityPrinter::rounded($limit, Unit::Volt)), new Figure('greatest level over the signal', $limit / $volts, Unit::Ratio, '(V_DD + 0.3 V) ÷ V_high', ['V_high = ' . QuantityPrinter::rounded($volts, Unit::Volt)], 'typical values', $pin->silicon->identity->name), $electrics->supply->typ);
            } elseif ($isTooLow) {
                yield $this->finding($inspection, $id, $volts < $least ? Kind::Broken : Kind::Weak, sprintf('“%s” drives %s to %s; a high begins at %s.', $function->name, $pin->bothNames(), QuantityPrinter::rounded($volts, Unit::Volt), QuantityPrinter::rounded($least, Unit::Volt)), new Figure('signal over the lowest high', $volts / $least, Unit::Ratio, 'V_high ÷ V_IH', ['V_high = ' . QuantityPrinter::rounded($volts, Unit::Volt), 'V_IH = ' . QuantityPrinter::rounded($least, Unit::Volt)], 'typical values', $pin->silicon->identity->name), $electrics->supply->typ);
            }
        }
    }

    private function finding(Inspection $inspection, string $id, Kind $kind, string $statement, Figure $figure, float $supplyVolts): Finding
    {
        return new Finding($this->facts(), $kind, $id, $statement, [$figure], static fn(): array => [new Remedy(sprintf('Feed it, or shift it, to %s', QuantityPrinter::rounded($supplyVolts, Unit::Volt)), new StateHighLevel([$id], $supplyVolts))]);
    }
}
