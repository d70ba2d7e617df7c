<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\ReplaceExpander;
use IronLatch\Core\Board\Edit\Controller\SetExpander;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\ExpanderKind;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Expander that switches a relay on at power-up. */
final class ExpanderAtPowerUp implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.expander-at-power-up',
            version: 2,
            title: 'Expander that is on at power-up',
            severities: [Severity::Danger, Severity::Broken, Severity::Weak],
            reason: 'Until the program has spoken to it, an expander does as it likes: one kind starts with every output high, another '
                . 'with whatever it holds.',
            threshold: 'coil voltage from half the nominal value, or module input current above the certain release current, before the '
                . 'program writes to the expander; a danger for appliances that must not start by themselves and for steps of which one '
                . 'only may be on, weak where it only may move',
            basis: Basis::DataSheet,
            source: 'state after power-up from the expander’s part file; circuit solved',
            silentWhen: 'its outputs are held off until the program lets them go, or the relay stays off with them',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->films as $function => $film) {
            $pin = $inspection->seating->pins[$function];
            $moment = $film->worstBeforeProgram();
            if (null === $film->actuator || null === $moment || null === $pin->expander) {
                continue;
            }
            $isDanger = Fitness::mustStayOff($inspection->board, $film->actuator);
            $expander = $pin->expander;
            $finding = new Finding(
                $this->facts(),
                match (true) {
                    $isDanger => Severity::Danger,
                    Movement::Certain === $moment->movement => Severity::Broken,
                    default => Severity::Weak,
                },
                $film->actuator,
                sprintf(
                    'After power-up %s is %s, and the relay of “%s” %s until the program has written to the expander.',
                    $pin->bothNames(),
                    $moment->state->value,
                    $inspection->board->nameOf($film->actuator),
                    $moment->movement->value,
                ),
                [$moment->cause],
                static fn(): array => self::remedies($inspection, $expander, $function),
            );
            yield $isDanger ? $finding : $finding->followingFrom(Finding::keyOf(ExpanderSources::class, $film->actuator));
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, string $function): array
    {
        $fitted = $inspection->board->expanders[$id];
        $expander = $inspection->board->expander($fitted);
        if (ExpanderKind::ShiftRegister === $expander->kind && !$fitted->heldOff) {
            return [new Remedy(
                'Hold its outputs off with a pull-up on output-enable',
                new SetExpander($id, $fitted->address, $fitted->rail, true),
            )];
        }
        $remedies = PullRemedies::thatHold($inspection, $function);
        foreach (Repairs::of($inspection)->partsOnOffer(Expander::class) as $other) {
            if (ExpanderKind::PushPull === $other->kind && $expander->kind->isOnI2c() && count($other->pins) >= count($expander->pins)) {
                $remedies[] = new Remedy(
                    'Use the ' . $other->identity->name . ', whose pins are inputs after power-up',
                    new ReplaceExpander($id, $other),
                );
            }
        }

        return [...$remedies, ...Repairs::of($inspection)->moveToBestPin($function)];
    }
}
