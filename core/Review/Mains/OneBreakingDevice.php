<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Relays\AddGuard;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\SingleFaults;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A heater behind one contact. */
final class OneBreakingDevice implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.one-breaking-device',
            version: 2,
            title: 'Heater behind one contact alone',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'Contacts weld closed, drivers short and pins stick; each of them alone keeps a heater on. A second relay in series, '
                . 'with a driver and an output of its own, still opens it. An independent cut-out limits the harm, but heats to its limit.',
            threshold: 'two devices that break the line independently: a guard relay, or the appliance’s own cut-out; a guard relay where '
                . 'nobody is there who would notice, because a sensor, a timer, a power cut or somebody far away starts it',
            basis: Basis::CommonPractice,
            source: 'common practice; IEC 60730-1 and IEC 60335-1 want protective functions to bear one fault, from memory',
            silentWhen: 'it is not known yet whether a cut-out stands in it',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (OnMains::lines($inspection) as $id => $line) {
            $cutOut = $line->safety?->cutOut?->value;
            if (!$board->appliance($line)->heats || null === $cutOut || SingleFaults::isGuarded($line)) {
                continue;
            }
            $why = true === $cutOut ? self::unnoticed($inspection, $id, $line) : '';
            if (true === $cutOut && '' === $why) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                true === $cutOut ? Severity::Weak : Severity::Danger,
                $id,
                true === $cutOut
                    ? sprintf('“%s” heats, and %s: a welded contact heats it to its cut-out, and nobody notices.', $line->name, $why)
                    : sprintf('“%s” heats behind one contact: when it welds, nothing else breaks the line.', $line->name),
                proposals: static fn(): array => Repairs::of($inspection)->seated(
                    'Put a second relay in series with it',
                    sprintf('Put a second relay in series with that of “%s”', $line->name),
                    new AddGuard($id),
                ),
            );
        }
    }

    /** Why nobody is there when it is switched on; empty where somebody is. */
    private static function unnoticed(Inspection $inspection, string $id, Line $line): string
    {
        $kinds = array_map(static fn(Surface $surface): SurfaceKind => $surface->kind, $line->surfaces);

        return match (true) {
            [] === array_filter($line->actuators, static fn(Actuator $one): bool => null !== $one->relay) => '',
            in_array(SurfaceKind::SensorRule, $kinds, true) => 'a sensor switches it',
            in_array(SurfaceKind::Timer, $kinds, true) => 'a timer switches it',
            $inspection->board->mustComeBack($id) => 'it comes back by itself after a power cut',
            self::isStartedFromAfar($inspection, $id) => 'somebody who is not there can switch it on',
            default => '',
        };
    }

    private static function isStartedFromAfar(Inspection $inspection, string $line): bool
    {
        foreach ($inspection->controls->ofLine($line) as $entry) {
            if ($entry->kind->isRemote() && $entry->operation->canSwitchOn()) {
                return true;
            }
        }
        // A group that a channel knows puts it on as well as a name of its own would.
        foreach ($inspection->controls->groups as $group) {
            if ('' !== $group->on && in_array($line, $inspection->board->lineGroups[$group->group]->startable(), true)) {
                return true;
            }
        }

        return false;
    }
}
