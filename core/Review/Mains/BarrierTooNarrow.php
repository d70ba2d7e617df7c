<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\StateBox;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\Place;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\Insulation;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Mains too near to what can be touched. */
final class BarrierTooNarrow implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'mains.barrier',
            1,
            Stage::Mains,
            'Mains too near to what can be touched',
            [Kind::Danger, Kind::Hint],
            'Between mains and a side that somebody touches stands reinforced insulation: two faults must come together before it fails.',
            'clearance and creepage for reinforced insulation by voltage, overvoltage category and pollution degree of the place, material group and height above the sea (danger below); the distance of the house rules (hint below)',
            Basis::Standard,
            'IEC 60664-1, tables F.1, F.2 and F.4, from memory',
            'the low-voltage side is treated as live: nobody can touch any of it',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = $inspection->board->box;
        if ([] === OnMains::hurting($inspection) || false === $box?->touchable?->value) {
            return;
        }
        $place = $box?->place?->value;
        $ways = ['clearance' => $box?->clearanceMetres?->value, 'creepage' => $box?->creepageMetres?->value];
        foreach ([[$box?->touchable?->value, 'whether somebody can touch the low-voltage side'], [$place, 'where it lives'], [$ways['clearance'], 'the clearance between mains and low voltage'], [$ways['creepage'], 'the creepage distance between mains and low voltage']] as [$known, $words]) {
            if (null === $known) {
                yield new NotChecked($this->facts(), 'board', $words);
            }
        }
        if (null === $box?->touchable?->value || !$place instanceof Place) {
            return;
        }
        $habit = $inspection->board->houseRules->barrierMetres;
        foreach ($ways as $name => $metres) {
            if (!is_float($metres)) {
                continue;
            }
            $needed = 'clearance' === $name
                ? Insulation::clearance($inspection->board->system()->volts, $place->overvoltageCategory(), $place->pollutionDegree(), true, $box->altitude())
                : Insulation::creepage($inspection->board->system()->volts, $place->overvoltageCategory(), $place->pollutionDegree(), true, $box->materialGroup(), $box->altitude());
            $inputs = ['d = ' . QuantityPrinter::rounded($metres, Unit::Metre), 'd_reinforced = ' . QuantityPrinter::rounded($needed, Unit::Metre), sprintf('overvoltage category %d, pollution degree %d, material group %s, %s above the sea', $place->overvoltageCategory(), $place->pollutionDegree(), str_repeat('I', $box->materialGroup()), QuantityPrinter::rounded($box->altitude(), Unit::Metre))];
            if ($metres < $needed) {
                $figure = new Figure($name . ' over what reinforced insulation wants', $metres / $needed, Unit::Ratio, 'd ÷ d_reinforced', $inputs, QuantityPrinter::rounded($inspection->board->system()->volts, Unit::Volt), 'IEC 60664-1, from memory');
                yield new Finding($this->facts(), Kind::Danger, $name, sprintf('The %s between mains and low voltage is %s; reinforced insulation wants %s here.', $name, QuantityPrinter::rounded($metres, Unit::Metre), QuantityPrinter::rounded($needed, Unit::Metre)), [$figure], static fn(): array => [...self::wider($inspection, $place), new Remedy('Treat the low-voltage side as live, closed in behind a cover that needs a tool', new StateBox(touchable: false))]);
            } elseif ($metres < $habit) {
                $figure = new Figure($name, $metres, Unit::Metre, 'as stated', ['by habit ' . QuantityPrinter::rounded($habit, Unit::Metre), ...$inputs], 'as laid out', 'house rules');
                yield new Finding($this->facts(), Kind::Hint, $name, sprintf('The %s between mains and low voltage is %s; by habit %s are kept, with a milled slot.', $name, $figure->printed(), QuantityPrinter::rounded($habit, Unit::Metre)), [$figure], static fn(): array => self::wider($inspection, $place));
            }
        }
    }

    /**
     * The distance of the standard or of the habit, whichever is more, laid out anew.
     *
     * @return list<Remedy>
     */
    private static function wider(Inspection $inspection, Place $place): array
    {
        $volts = $inspection->board->system()->volts;
        $box = $inspection->board->box ?? new MainsBox();
        $clearance = max($inspection->board->houseRules->barrierMetres, Insulation::clearance($volts, $place->overvoltageCategory(), $place->pollutionDegree(), true, $box->altitude()));
        $creepage = max($clearance, Insulation::creepage($volts, $place->overvoltageCategory(), $place->pollutionDegree(), true, $box->materialGroup(), $box->altitude()));

        return [new Remedy(sprintf('Lay it out with %s of clearance and %s of creepage', QuantityPrinter::rounded($clearance, Unit::Metre), QuantityPrinter::rounded($creepage, Unit::Metre)), new StateBox(clearanceMetres: $clearance, creepageMetres: $creepage))];
    }
}
