<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;

/** Draws the lines of a board from what the inspection found. */
final readonly class LineStrips
{
    public function __construct(private Inspection $inspection, private Report $report) {}

    /**
     * @return array<string, list<RelayTrack>> by line; a line without a relay has one track with gaps
     */
    public function tracks(): array
    {
        $tracks = [];
        foreach ($this->inspection->board->lines as $id => $line) {
            $tracks[$id] = [];
            foreach ($line->actuators as $actuatorId => $actuator) {
                $tracks[$id][] = $this->track($id, $line, $actuatorId, $actuator);
            }
            if (null !== $this->inspection->board->stepsOf($id)) {
                // The steps of a motor are alike: while the line is not opened, only the worst of them is drawn.
                usort($tracks[$id], static fn(RelayTrack $a, RelayTrack $b): int => $b->worst()->rank() <=> $a->worst()->rank());
            }
            if ([] === $tracks[$id]) {
                $tracks[$id][] = $this->withoutRelay($id, $line);
            }
        }

        return $tracks;
    }

    private function track(string $lineId, Line $line, string $id, Actuator $actuator): RelayTrack
    {
        $drive = $this->inspection->drive->results[$id];
        $contact = $this->inspection->mains->contacts[$id];
        $relay = $this->inspection->board->relay($actuator);
        $seat = $this->inspection->seating->pins[$actuator->function] ?? null;
        $level = $actuator->activeLevel->value;

        return new RelayTrack($id, [
            $this->hand($line),
            new Link('pin', 'Pin', $seat?->name() ?? 'no pin', null === $seat ? '' : 'print ' . $seat->label(), null === $seat),
            $this->driver($actuator, $level instanceof Level ? 'active ' . $level->value : 'level unstated'),
            new Link('coil', match (true) {
                null === $actuator->relay => 'Load',
                null === $relay->solidState => 'Coil',
                default => 'Input',
            }, QuantityPrinter::rounded($relay->coilVolts, Unit::Volt), QuantityPrinter::rounded($drive->coilAmps->value, Unit::Ampere)),
            match (true) {
                null === $actuator->relay => new Link('contact', 'Contact', 'none', 'switched by its driver'),
                null !== $actuator->opens => new Link('contact', 'Contact', 'opens', 'second winding'),
                default => new Link(
                    'contact',
                    'Contact',
                    sprintf(
                        $relay->poles > 1 ? '%s %s, ' . $relay->poles . ' poles' : '%s %s',
                        null === $relay->solidState ? $actuator->contact->abbreviation() : ($relay->solidState->isTriac ? 'triac' : 'FET'),
                        QuantityPrinter::rounded(
                            max($relay->contactAcAmps, null === $relay->solidState ? 0.0 : $relay->contactDcAmps),
                            Unit::Ampere,
                        ),
                    ),
                    Insulation::Reinforced === $relay->insulation ? 'reinforced' : $relay->insulation->value . ' insul.',
                ),
            },
            $this->appliance($line, $contact->amps->printed()),
        ], [
            $this->handToPin($line),
            $this->joint(
                'driver',
                'Pin to driver',
                $drive->pin,
                [...$this->about($id, LineJoint::Driver), ...$this->about($actuator->function, null)],
                null === $seat,
            ),
            $this->joint('coil', 'Driver to coil', $drive->pullIn, $this->about($id, LineJoint::Coil)),
            $this->joint('contact', 'Coil to contact', $drive->coilBears, $this->about($id, LineJoint::Contact)),
            $this->joint(
                'appliance',
                'Contact to appliance',
                self::ofContact($contact->margin, $contact->volts),
                [...$this->about($id, LineJoint::Appliance), ...$this->ofMains($lineId)],
                $this->isUnchecked($lineId),
            ),
        ]);
    }

    private function withoutRelay(string $lineId, Line $line): RelayTrack
    {
        $gap = static fn(string $id, string $plate): Link => new Link($id, $plate, 'none', '', true);
        $open = fn(string $id, string $title): Joint => $this->joint($id, $title, null, [], true);

        return new RelayTrack('', [
            $this->hand($line), $gap('pin', 'Pin'), $gap('driver', 'Driver'), $gap('coil', 'Coil'), $gap('contact', 'Contact'),
            $this->appliance(
                $line,
                '',
            ),
        ], [
            $this->handToPin($line), $open('driver', 'Pin to driver'), $open('coil', 'Driver to coil'), $open('contact', 'Coil to contact'),
            $this->joint('appliance', 'Contact to appliance', null, $this->ofMains($lineId), true),
        ]);
    }

    private function hand(Line $line): Link
    {
        $names = array_values(array_unique(array_map(
            static fn(Surface $surface): string => $surface->kind->value,
            array_values($line->surfaces),
        )));
        $pins = [];
        foreach ($line->surfaces as $surface) {
            $pin = $this->inspection->seating->pins[$surface->function] ?? null;
            if (null !== $pin && FunctionKind::InfraredReceiver !== $this->inspection->board->functions[$surface->function]->kind) {
                $pins[] = $pin->name();
            }
        }

        return new Link('hand', 'Hand', [] === $names ? 'no control' : self::shortened($names), implode(' ', $pins), [] === $names);
    }

    /**
     * @param list<string> $names
     */
    private static function shortened(array $names): string
    {
        $short = [
            'push button' => 'button',
            'infrared key' => 'infrared',
            'sensor rule' => 'sensor',
            'network topic' => 'network',
            'web request' => 'web',
            'service entry' => 'service',
            'spoken name' => 'voice',
            'serial radio' => 'radio',
            'status light' => 'light',
            'service rule' => 'rules',
            'panel tile' => 'panel',
        ];

        $said = array_map(static fn(string $name): string => $short[$name] ?? $name, $names);

        return implode(', ', array_slice($said, 0, 2)) . (count($said) > 2 ? sprintf(' and %d more', count($said) - 2) : '');
    }

    private function driver(Actuator $actuator, string $level): Link
    {
        $driver = $actuator->driver;

        $missing = $driver->isMissing() && null === $this->inspection->board->relay($actuator)->solidState;

        return new Link('driver', 'Driver', $missing ? 'none' : $driver->words(), $level, $missing);
    }

    private function appliance(Line $line, string $amps): Link
    {
        $watts = is_float($line->watts->value) ? QuantityPrinter::rounded($line->watts->value, Unit::Watt) : '';
        $conductor = match ($line->conductor->value) {
            SwitchedConductor::Live => 'live',
            SwitchedConductor::Neutral => 'neutral',
            SwitchedConductor::Both => 'both',
            SwitchedConductor::DcPositive => 'DC +',
            default => 'conductor?',
        };

        return new Link('appliance', 'Appliance', $watts, trim($amps . ', ' . $conductor, ', '));
    }

    private function handToPin(Line $line): Joint
    {
        $margin = null;
        $findings = [];
        $unseated = [] === $line->surfaces;
        foreach ($line->surfaces as $surface) {
            $one = $this->inspection->seating->contacts[$surface->function] ?? null;
            if (null !== $one && (null === $margin || $one->worst->value < $margin->worst->value)) {
                $margin = $one;
            }
            $unseated = $unseated || '' !== $surface->function && !isset($this->inspection->seating->pins[$surface->function]);
            array_push($findings, ...$this->about($surface->function, null));
        }

        return $this->joint('pin', 'Hand to pin', $margin, $findings, $unseated);
    }

    /**
     * @param list<Finding> $findings
     */
    private function joint(string $id, string $title, ?Margin $margin, array $findings, bool $isUnknown = false): Joint
    {
        $state = match ($margin?->state()) {
            null => $isUnknown ? JointState::Unknown : JointState::Sound,
            MarginState::Sound => $isUnknown ? JointState::Unknown : JointState::Sound,
            MarginState::Weak => JointState::Weak,
            MarginState::Broken => JointState::Broken,
        };
        foreach ($findings as $finding) {
            $said = JointState::of($finding->severity);
            $state = $said->rank() > $state->rank() && $finding->severity->opensLatch() ? $said : $state;
        }

        return new Joint($id, $title, $state, $margin, $findings);
    }

    /** The contact's current margin, unless its voltage is the greater worry. */
    private static function ofContact(Margin $current, Margin $volts): Margin
    {
        return MarginState::Broken === $volts->state() ? $volts : $current;
    }

    /**
     * @param ?LineJoint $joint only rules about this joint; null for all
     * @return list<Finding>
     */
    private function about(string $subject, ?LineJoint $joint): array
    {
        $pin = isset($this->inspection->seating->pins[$subject]) ? $this->inspection->seating->pins[$subject]->name() : null;

        return array_values(array_filter($this->report->findings, static fn(Finding $finding): bool => null === $joint
            ? in_array($finding->subject, [$subject, $pin], true)
            // What names no joint is drawn where the relay is driven: no finding is drawn nowhere.
            : $finding->subject === $subject && $joint === ($finding->rule->joint ?? LineJoint::Driver)));
    }

    /**
     * @return list<Finding> what the mains stage says of a line
     */
    private function ofMains(string $lineId): array
    {
        return array_values(array_filter(
            $this->about($lineId, null),
            static fn(Finding $finding): bool => Stage::Mains === $finding->rule->stage,
        ));
    }

    private function isUnchecked(string $subject): bool
    {
        return [] !== array_filter($this->report->notChecked, static fn(NotChecked $gap): bool => $gap->subject === $subject);
    }
}
