<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Controller\ChooseController;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controls\UseLadder;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\ExpanderKind;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Pins\FreePins;
use IronLatch\Core\Pins\SeatingPlan;

/** What a maker can do when the pins do not suffice, and how the same board would sit on each controller. */
final class WaysOut
{
    /**
     * Every way after which more can be seated than today, best first.
     *
     * @param ?list<WayOut> $controllers the board on each of them, where they are known already
     * @return list<WayOut>
     */
    public static function of(Inspection $inspection, ?array $controllers = null): array
    {
        $today = count($inspection->plan->solution()->unseated);
        $ways = [
            ...self::expanders($inspection),
            ...self::fewerPins($inspection),
            ...array_filter(
                $controllers ?? self::controllers($inspection),
                static fn(WayOut $way): bool => $way->id !== 'carrier:' . $inspection->board->mcu->carrier,
            ),
        ];
        $ways = array_values(array_filter($ways, static fn(WayOut $way): bool => $way->unseated < $today));
        usort($ways, static fn(WayOut $a, WayOut $b): int => $a->rank() <=> $b->rank());

        return $ways;
    }

    /**
     * The board as it would sit on every controller on offer, its own first.
     *
     * @return list<WayOut>
     */
    public static function controllers(Inspection $inspection): array
    {
        $board = $inspection->board;
        $own = $board->controller()->carrier;
        $ways = [];
        foreach ([$own->identity->id => $own, ...Repairs::of($inspection)->partsOnOffer(Carrier::class)] as $id => $carrier) {
            $chip = Repairs::of($inspection)->partsOnOffer(Chip::class)[$carrier->chip] ?? null;
            if (null !== $chip) {
                $edit = $id === $board->mcu->carrier ? null : new ChooseController($carrier, $chip);
                $way = self::way($inspection, 'carrier:' . $id, $carrier->identity->name, $edit, $carrier->price - $own->price);
                $ways = null === $way ? $ways : [...$ways, $way];
            }
        }

        return $ways;
    }

    /** The way that bears this id, worked out for this board. */
    public static function named(Inspection $inspection, string $id): ?WayOut
    {
        foreach ([...self::expanders($inspection), ...self::fewerPins($inspection), ...self::controllers($inspection)] as $way) {
            if ($way->id === $id) {
                return $way;
            }
        }

        return null;
    }

    /**
     * @return list<WayOut>
     */
    private static function expanders(Inspection $inspection): array
    {
        $board = $inspection->board;
        $movable = array_filter(
            $board->actuators(),
            static fn(Actuator $relay): bool => !isset($board->frozenSeats[$relay->function])
                && !($board->seats[$relay->function]->locked ?? false),
        );
        $wantsHigh = [] !== array_filter(
            $movable,
            static fn(Actuator $relay): bool => Level::High === $relay->driver->inherentActiveLevel(),
        );
        $ways = [];
        foreach (Repairs::of($inspection)->partsOnOffer(Expander::class) as $id => $expander) {
            // What cannot source cannot drive an active-high input.
            if ([] === $movable || ($wantsHigh && ExpanderKind::QuasiBidirectional === $expander->kind)) {
                continue;
            }
            $supply = $board->controller()->chip->electrics->supply;
            $rail = $supply->min >= $expander->supply->min && $supply->max <= $expander->supply->max ? null : $board->mcu->rail;
            $count = (int) ceil(count($movable) / count($expander->pins));
            $edits = [];
            foreach ($movable as $relay) {
                if (isset($board->seats[$relay->function])) {
                    $edits[] = new UnseatFunction($relay->function);
                }
            }
            for ($i = 0; $i < $count; ++$i) {
                $edits[] = new FitExpander($expander, $rail);
            }
            $title = sprintf('Move the relays to %s%s', $count > 1 ? $count . ' × ' : '', $expander->identity->name);
            $way = self::way($inspection, 'expander:' . $id, $title, new Sequence($title, $edits), $count * $expander->price);
            $ways = null === $way ? $ways : [...$ways, $way];
        }

        return $ways;
    }

    /**
     * @return list<WayOut>
     */
    private static function fewerPins(Inspection $inspection): array
    {
        $board = $inspection->board;
        $ways = [];
        $switches = array_keys(array_filter(
            $board->functions,
            static fn(PinFunction $function): bool => FunctionKind::MaintainedSwitch === $function->kind,
        ));
        if ([] !== $switches) {
            $title = 'Use push buttons in place of maintained switches';
            $ways[] = self::way(
                $inspection,
                'buttons',
                $title,
                new Sequence(
                    $title,
                    array_map(static fn(string $id): Edit => new ChangeFunctionKind($id, FunctionKind::Button), $switches),
                ),
                0.0,
            );
        }
        $selectors = array_filter($board->groups, static fn(FunctionGroup $group): bool => GroupKind::Selector === $group->kind);
        foreach ($selectors as $id => $group) {
            $title = sprintf('Read “%s” through a resistor ladder', $group->name);
            $ways[] = self::way($inspection, 'ladder:' . $id, $title, new UseLadder($id), 0.0);
        }

        return array_values(array_filter($ways, static fn(?WayOut $way): bool => null !== $way));
    }

    private static function way(Inspection $inspection, string $id, string $title, ?Edit $edit, float $price): ?WayOut
    {
        try {
            $board = $edit?->apply($inspection->board) ?? $inspection->board;
        } catch (EditRefused|\InvalidArgumentException) {
            return null;
        }
        $plan = SeatingPlan::of($board);
        $seat = $plan->edit();
        $after = $seat->apply($board);
        $whole = new Inspection($after, $inspection->catalogue);

        return new WayOut(
            $id,
            $title,
            new Sequence($title . ', and seat all', null === $edit ? [$seat] : [$edit, $seat]),
            $after,
            Inspector::withRuleBook()->inspect($whole),
            count($plan->solution()->unseated),
            $plan->solution()->tiers['hazard'],
            $price,
            FreePins::of($after),
        );
    }
}
