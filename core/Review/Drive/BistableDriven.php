<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Bistable relay that can be moved one way only. */
final class BistableDriven implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.bistable',
            version: 1,
            title: 'Bistable relay that is moved one way only',
            severities: [Severity::Broken],
            reason: 'A bistable relay stays as it was left: it opens only by a pulse through its second winding, or one the other way '
                . 'round through its only one.',
            threshold: 'two windings, each with a driver and an output, or one between the outputs of a full bridge whose two inputs have '
                . 'an output each',
            basis: Basis::CommonPractice,
            source: 'windings of the relay’s part file',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $line = $inspection->board->lines[$lineId];
            $relay = $inspection->board->relay($actuator);
            if (null !== $actuator->opens) {
                $first = $line->actuators[$actuator->opens];
                if (!self::canOpen($relay, $first, $actuator)) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Broken,
                        $id,
                        sprintf('An output of “%s” would open a relay that is not bistable, or not driven so.', $line->name),
                        proposals: static fn(): array => [
                            new Remedy('Remove that output', new RemoveRelay($id)),
                            ...2 === $inspection->board->relay($first)->bistable?->windings
                                && null !== $first->relay
                                && $first->relay !== $actuator->relay ? [new Remedy(
                                    'Take it as the second winding of ' . $inspection->board->relay($first)->identity->name,
                                    new ChooseRelay([$id], $inspection->board->relay($first)),
                                )] : [],
                        ],
                    );
                }
            } elseif (1 === $relay->bistable?->windings && !$actuator->driver->turnsRound()) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        'The one winding of “%s” wants its current turned round to open, and its driver gives it one way only.',
                        $line->name,
                    ),
                    proposals: fn(): array => [...self::bridges($inspection, $id), ...self::others($inspection, $id, $actuator)],
                );
            } elseif (null !== $relay->bistable && !self::isOpened($inspection->board, $lineId, $id)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” can be switched on but never off: nothing drives its relay the other way.', $line->name),
                    proposals: fn(): array => [
                        self::secondWinding($inspection->board, $id),
                        ...self::others($inspection, $id, $actuator, true),
                    ],
                );
            }
        }
    }

    /** Whether an output does open the relay of another: through a second winding, or the other input of the same kind of bridge. */
    private static function canOpen(Relay $relay, Actuator $first, Actuator $opening): bool
    {
        return $first->relay === $opening->relay && match ($relay->bistable?->windings) {
            2 => true,
            1 => $first->driver->turnsRound() && $opening->driver->turnsRound(),
            default => false,
        };
    }

    /**
     * @return list<Remedy> at most one
     */
    private static function bridges(Inspection $inspection, string $id): array
    {
        $actuator = $inspection->board->actuator($id);
        $most = $inspection->board->railVolts($actuator->rail)->max;
        foreach (Repairs::of($inspection)->partsOnOffer(BridgeDriver::class) as $bridge) {
            if ($bridge->greatestVolts >= $most) {
                $title = 'Drive it both ways by ' . $bridge->identity->name;
                // What clamped one way would short the other.
                $drive = new Sequence(
                    $title,
                    [
                        new ChooseDriver([$id], new BridgeOutput($bridge->identity->id), [$bridge], $bridge->identity->name),
                        new StateClamp([$id], Clamp::None),
                    ],
                );

                return [new Remedy(
                    $title,
                    new Sequence($title, [$drive, self::secondWinding($drive->apply($inspection->board), $id)->edit]),
                )];
            }
        }

        return [];
    }

    /** Seated at once where a suitable pin is free. */
    private static function secondWinding(Board $board, string $id): Remedy
    {
        $add = new AddSecondWinding($id);
        $with = $add->apply($board);
        $function = (string) array_key_last($with->functions);
        $pin = (new Fitness($with, new StartUp($with)))->bestFree($function)?->pin;
        $title = 'Open it from ' . (null === $pin ? 'an output of its own' : $pin->bothNames());

        return new Remedy(
            $title,
            null === $pin ? $add : new Sequence($add->summary($board), [$add, new SeatFunction($function, $pin->name())]),
        );
    }

    /**
     * @return list<Remedy> a relay that falls open without power; an output that opened the old one is then a finding of its own
     */
    public static function plain(Inspection $inspection, string $id): array
    {
        return self::others($inspection, $id, $inspection->board->actuator($id), true);
    }

    private static function isOpened(Board $board, string $line, string $id): bool
    {
        return [] !== array_filter($board->lines[$line]->actuators, static fn(Actuator $other): bool => $other->opens === $id);
    }

    /**
     * Relays for the same rail that bear the appliance: bistable with two windings, and plain.
     *
     * @return list<Remedy> at most one of each
     */
    private static function others(Inspection $inspection, string $id, Actuator $actuator, bool $plainOnly = false): array
    {
        $line = $inspection->board->lines[$inspection->board->lineOf($id)];
        $volts = $inspection->board->railVolts($actuator->rail)->typ;
        $now = $inspection->board->relay($actuator);
        $remedies = [];
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
            $contact = LivePath::contact($inspection->board, $line, $relay, true, $actuator->contact);
            $windings = $relay->bistable->windings ?? 0;
            if (
                null !== $relay->solidState
                || 1 === $windings
                || ($plainOnly && 0 !== $windings)
                || isset($remedies[$windings])
                || !$relay->insulatesAsWellAs($now)
                || !$relay->suitsRail($volts)
                || MarginState::Sound !== $contact->margin->state()
                || MarginState::Sound !== $contact->volts->state()
            ) {
                continue;
            }
            $fit = new ChooseRelay([$id], $relay);
            $title = 'Fit ' . $relay->identity->name;
            $remedies[$windings] = new Remedy(
                $title,
                2 === $windings ? new Sequence($title, [$fit, self::secondWinding($fit->apply($inspection->board), $id)->edit]) : $fit,
            );
        }

        return array_values($remedies);
    }
}
