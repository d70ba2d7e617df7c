<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\ChooseSupply;
use IronLatch\Core\Board\Edit\FeedController;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Controller on a rail of the wrong voltage. */
final class ControllerVoltage implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'power.controller-voltage',
            1,
            Stage::Power,
            'Controller on a rail of the wrong voltage',
            [Kind::Broken],
            'A carrier’s supply pin leads more or less straight to its chip or its small regulator: twice the voltage destroys it, half of it does not start it.',
            'the rail’s whole range within the input range of the carrier’s supply pin',
            Basis::FromMemory,
            'input range of the carrier’s part file',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $input = $inspection->controller->carrier->input;
        $rail = $board->supply($board->controllerRail)->output;
        if (self::fits($rail, $input)) {
            return;
        }
        $volts = new Figure(
            'voltage at the controller’s supply pin',
            $rail->max > $input->max ? $rail->max : $rail->min,
            Unit::Volt,
            'range of the rail',
            [sprintf('the carrier takes %s to %s', QuantityPrinter::rounded($input->min, Unit::Volt), QuantityPrinter::rounded($input->max, Unit::Volt))],
            $rail->max > $input->max ? 'highest rail' : 'lowest rail',
            'output range of the supply’s part file',
        );
        yield new Finding(
            $this->facts(),
            Kind::Broken,
            $board->controllerRail,
            sprintf('The controller is fed from the rail %s, up to %s; its supply pin takes %s to %s.', $board->nameOf($board->controllerRail), $volts->printed(), QuantityPrinter::rounded($input->min, Unit::Volt), QuantityPrinter::rounded($input->max, Unit::Volt)),
            [$volts],
            static fn(): array => self::remedies($inspection, $input),
        );
    }

    private static function fits(Spread $rail, Spread $input): bool
    {
        return $rail->min >= $input->min && $rail->max <= $input->max;
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, Spread $input): array
    {
        $remedies = [];
        foreach ($inspection->board->rails as $id => $rail) {
            if (self::fits($inspection->board->supply($id)->output, $input)) {
                $remedies[] = new Remedy('Feed the controller from the rail ' . $rail->name, new FeedController($id));
            }
        }
        if ([] !== $remedies) {
            return $remedies;
        }
        $needed = $inspection->power->rails[$inspection->board->controllerRail]->peak->value;
        foreach ($inspection->partsOnOffer(Supply::class) as $supply) {
            if (self::fits($supply->output, $input) && $supply->ratedAmps * $inspection->board->houseRules->supplyLoad >= $needed) {
                return [new Remedy('Feed that rail from ' . $supply->identity->name, new ChooseSupply($inspection->board->controllerRail, $supply))];
            }
        }

        return [];
    }
}
