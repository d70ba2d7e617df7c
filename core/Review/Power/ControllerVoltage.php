<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\ChooseEntry;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedController;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Controller on a rail of the wrong voltage. */
final class ControllerVoltage implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.controller-voltage',
            version: 1,
            title: 'Controller on a rail of the wrong voltage',
            severities: [Severity::Broken],
            reason: 'A carrier’s supply pin leads more or less straight to its chip or its small regulator: twice the voltage destroys '
                . 'it, half of it does not start it.',
            threshold: 'the rail’s whole range within the input range of the carrier’s pin that takes it',
            basis: Basis::FromMemory,
            source: 'input range of the carrier’s part file',
            silentWhen: 'the supply comes through the carrier’s USB socket, which fits nothing else',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $entry = $board->entry();
        $rail = $board->railVolts($board->mcu->rail);
        if ($board->rails[$board->mcu->rail]->throughUsb || self::fits($rail, $entry->input)) {
            return;
        }
        $volts = new Figure(
            'voltage at the controller’s supply pin',
            $rail->max > $entry->input->max ? $rail->max : $rail->min,
            Unit::Volt,
            'range of the rail',
            [sprintf(
                'the carrier takes %s to %s at %s',
                QuantityPrinter::rounded($entry->input->min, Unit::Volt),
                QuantityPrinter::rounded($entry->input->max, Unit::Volt),
                $entry->label,
            )],
            $rail->max > $entry->input->max ? 'highest rail' : 'lowest rail',
            'output range of the supply’s part file',
        );
        yield new Finding(
            $this->facts(),
            Severity::Broken,
            $board->mcu->rail,
            sprintf(
                'The controller is fed from the rail %s, %s %s; its pin %s takes %s to %s.',
                $board->nameOf($board->mcu->rail),
                $rail->max > $entry->input->max ? 'up to' : 'down to',
                $volts->printed(),
                $entry->label,
                QuantityPrinter::rounded($entry->input->min, Unit::Volt),
                QuantityPrinter::rounded($entry->input->max, Unit::Volt),
            ),
            [$volts],
            static fn(): array => self::feedsThatFit($inspection),
        );
    }

    private static function fits(Spread $rail, Spread $input): bool
    {
        return $rail->min >= $input->min && $rail->max <= $input->max;
    }

    /**
     * Ways to feed the carrier with what it takes: at another of its pins, from another rail, through a step-down, from another source.
     *
     * @return list<Remedy>
     */
    public static function feedsThatFit(Inspection $inspection): array
    {
        $board = $inspection->board;
        $rail = $board->mcu->rail;
        $remedies = [];
        foreach ($board->controller()->carrier->entries() as $other) {
            $remedies[] = new Remedy('Feed the carrier at ' . $other->label, new ChooseEntry($other->label));
        }
        foreach ($board->rails as $id => $one) {
            $remedies[] = new Remedy('Feed the controller from the rail ' . $one->name, new FeedController($id));
        }
        $fitting = self::thatFit($inspection, $remedies);
        if ([] !== $fitting) {
            return $fitting;
        }
        // Nothing on the board fits: a converter behind this rail leaves its other loads as they are.
        $needed = $inspection->power->flows->amps(Draws::PINS, Scenario::pullIn())->greatest;
        $volts = $board->railVolts($rail);
        $next = (new Ids($board))->next('R');
        foreach (self::byPrice(Repairs::of($inspection)->partsOnOffer(Converter::class)) as $converter) {
            $reg = $converter->regulation;
            if (
                $reg->kind->switches()
                && $volts->max <= $reg->greatestInputVolts
                && $volts->min >= $reg->leastInputVolts
                && $reg->ratedAmpsAt($volts->min) * $board->houseRules->supplyLoad >= $needed
            ) {
                $title = sprintf('Feed the controller through %s', $converter->identity->name);
                $remedies[] = new Remedy(
                    $title,
                    new Sequence(
                        $title,
                        [
                            new AddConvertedRail(
                                QuantityPrinter::rounded($reg->output->typ, Unit::Volt) . ' controller',
                                $converter,
                                $rail,
                            ),
                            new FeedController($next),
                        ],
                    ),
                );
            }
        }
        foreach (self::byPrice(Repairs::of($inspection)->partsOnOffer(Supply::class)) as $supply) {
            if (
                SupplyForm::EncapsulatedModule === $supply->form
                && $supply->ratedAmpsAt($board->ambientCelsius())
                * $board->houseRules->supplyLoad >= $inspection->power->rails[$rail]->peak->value
            ) {
                $remedies[] = new Remedy('Feed that rail from ' . $supply->identity->name, new ChooseSupply($rail, $supply));
            }
        }

        return array_slice(self::thatFit($inspection, $remedies), 0, 1);
    }

    /**
     * @param list<Remedy> $remedies
     * @return list<Remedy>
     */
    private static function thatFit(Inspection $inspection, array $remedies): array
    {
        return array_values(array_filter($remedies, static function (Remedy $remedy) use ($inspection): bool {
            $after = Repairs::of($inspection)->after($remedy->edit);

            return null !== $after && self::fits($after->railVolts($after->mcu->rail), $after->entry()->input);
        }));
    }

    /**
     * @template T of Converter|Supply
     * @param array<string, T> $parts
     * @return list<T>
     */
    private static function byPrice(array $parts): array
    {
        usort($parts, static fn(Converter|Supply $a, Converter|Supply $b): int => $a->price <=> $b->price);

        return $parts;
    }
}
