<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Board\StateSense;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** One line that runs from the mains: its contacts, what lies in or across its way, its terminals or outlet, its appliance. */
final class MainsLine
{
    private readonly Board $board;
    private readonly Harness $harness;
    private readonly Line $line;
    private readonly LineSafety $safety;
    private readonly string $number;
    /** The net behind the contacts, and that behind a cut-out. */
    private string $switched;
    private string $load;
    /** The conductor that comes back: the neutral bar, or what its contact leads to. */
    private string $return = MainsSide::NEUTRAL;

    public function __construct(private readonly Places $places, private readonly RelaySide $relays, private readonly string $id)
    {
        $this->board = $places->board;
        $this->harness = $places->harness;
        $this->line = $places->board->lines[$id];
        $this->safety = $this->line->safety ?? new LineSafety();
        $this->number = Places::number($id);
        $this->switched = $this->net('', 'switched');
    }

    /**
     * @param \Closure(Actuator, string): string $feed the net that a contact is fed from
     */
    public function add(\Closure $feed): void
    {
        $contacts = array_filter(
            $this->line->actuators,
            static fn(Actuator $one): bool => null === $one->opens && null === $one->guards && null !== $one->relay,
        );
        if ([] === $contacts) {
            return;
        }
        $this->load = $this->switched;
        $steps = $this->groupOf(GroupKind::StepRelays);
        $directions = $this->groupOf(GroupKind::Directions);
        if (true === $steps?->byContacts?->value && !$steps->isOneAtATime()) {
            $this->harness->note(sprintf('%s: how its contacts keep some of its steps apart is not drawn.', $this->line->name));
        }
        foreach ($contacts as $id => $actuator) {
            $from = $feed($actuator, $id);
            $to = match (true) {
                null !== $directions => $this->net('.' . $id, $this->board->nameOf($id)),
                null !== $steps => $this->step($id, $actuator, $steps),
                default => $this->switched,
            };
            null === $this->line->twoWay || null !== $directions || null !== $steps
                ? $this->contact($id, $actuator, $from, $this->guarded($id, $to))
                : $this->twoWay($id, $from);
        }
        $first = array_key_first($contacts);
        $this->cutOut();
        $this->suppressor($contacts[$first], $first, $feed($contacts[$first], $first));
        $this->outlet(null === $directions ? null : array_keys($contacts));
        $this->sense($first);
    }

    private function net(string $suffix, string $words, NetKind $kind = NetKind::SwitchedLive): string
    {
        return $this->harness->net($this->id . '.on' . $suffix, sprintf('%s, %s', $this->line->name, $words), $kind, Area::Mains);
    }

    private function groupOf(GroupKind $kind): ?FunctionGroup
    {
        foreach ($this->line->actuators as $actuator) {
            $id = $this->board->groupOf($actuator->function, $kind);
            if (null !== $id) {
                return $this->board->groups[$id];
            }
        }

        return null;
    }

    /** A guard’s contact stands behind that of the relay that it guards, whose resting contact may feed another line. */
    private function guarded(string $id, string $to): string
    {
        foreach ($this->line->actuators as $guard => $actuator) {
            if ($actuator->guards === $id) {
                $before = $this->net('.' . $guard, 'before the guard');
                $this->relays->pole($guard, $before, $to);

                return $before;
            }
        }

        return $to;
    }

    /** The contact in the conductor that is switched; with two poles the second stands in the other. */
    private function contact(string $id, Actuator $actuator, string $from, string $to): void
    {
        $conductor = $this->line->conductor->value;
        if (SwitchedConductor::Neutral === $conductor) {
            // A fault that is found elsewhere; the drawing shows what was said.
            $this->return = $this->net('.N', 'switched neutral', NetKind::SwitchedLive);
            $this->relays->pole($id, MainsSide::NEUTRAL, $this->return);
            $this->switched = $this->load = $from;

            return;
        }
        if (!$conductor instanceof SwitchedConductor) {
            $this->harness->note(sprintf('%s: which conductor is switched is not stated; drawn in the live one.', $this->line->name));
        }
        $this->relays->pole($id, $from, $to);
        if (SwitchedConductor::Both === $conductor) {
            $this->secondPole($id, $actuator);
        }
    }

    private function secondPole(string $id, Actuator $actuator): void
    {
        $relay = $this->board->part((string) $actuator->relay, Relay::class);
        if ($relay->poles < 2 && !$actuator->paired) {
            return;
        }
        $back = $this->net('.N', 'switched return', NetKind::SwitchedLive);
        $number = Places::number($id);
        [$device, $suffix] = $relay->poles > 1 ? ['K' . $number . '1', '2'] : ['K' . $number . '2', ''];
        [$at, $leaves] = $this->relays->fedAndLeaving($id);
        $this->harness->join(MainsSide::NEUTRAL, $device, $at . $suffix, 'P' . $number . '4', $id);
        $this->harness->join($back, $device, $leaves . $suffix, 'P' . $number . '5', $id);
        $this->return = $back;
    }

    /** The contact as one end of a two-way circuit: both its throws lead on as travellers. */
    private function twoWay(string $id, string $from): void
    {
        $number = Places::number($id);
        $device = $this->relays->contactDevice($id);
        $this->harness->join($from, $device, $this->relays->contactTerminal($id, 'COM'), 'P' . $number . '1', $id);
        $switches = $this->harness->device(
            DeviceKind::Switch,
            $this->number . '3',
            'two-way switches in the house',
            Harness::terminals(null, ['traveller 1', 'traveller 2', 'out'], Joining::Screw),
            $this->id,
            sprintf('%d besides the board', $this->line->twoWay->switches ?? 1),
            note: 'they carry mains',
        );
        foreach (['NO' => 'traveller 1', 'NC' => 'traveller 2'] as $throw => $traveller) {
            $net = $this->net('.' . strtolower($throw), $traveller);
            $digit = 'NO' === $throw ? '2' : '3';
            $this->harness->join($net, $device, $this->relays->contactTerminal($id, $throw), 'P' . $number . $digit, $id);
            $this->harness->join($net, $switches, $traveller, 'O' . $this->number . $digit, $this->id);
        }
        $this->harness->join($this->switched, $switches, 'out', 'O' . $this->number . '1', $this->id);
    }

    /** The series capacitor of a step, its resistors with it; a step without one is full speed. */
    private function step(string $id, Actuator $actuator, FunctionGroup $group): string
    {
        $farads = $group->bank?->faradsOf($actuator->function);
        if (null === $farads) {
            return $this->switched;
        }
        $number = Places::number($id);
        $between = $this->net('.' . $id, 'step ' . $this->board->nameOf($id));
        $with = [];
        foreach (['in series' => $group->bank->seriesOhms, 'across' => $group->bank->bleederOhms] as $words => $ohms) {
            if (is_float($ohms?->value) && $ohms->value > 0) {
                $with[] = QuantityPrinter::rounded($ohms->value, Unit::Ohm) . ' ' . $words;
            }
        }
        $device = $this->harness->device(
            DeviceKind::Capacitor,
            $number . '7',
            'step capacitor',
            Harness::terminals(null, ['1', '2']),
            $id,
            QuantityPrinter::rounded($farads, Unit::Farad),
            note: [] === $with ? 'resistors not stated' : implode(', ', $with),
        );
        $this->harness->join($between, $device, '1', 'P' . $number . '7', $id);
        $this->harness->join($this->switched, $device, '2', 'P' . $number . '8', $id);

        return $between;
    }

    private function cutOut(): void
    {
        if (true !== $this->safety->cutOut?->value) {
            return;
        }
        $id = $this->harness->device(
            DeviceKind::CutOut,
            $this->number . '4',
            'thermal cut-out',
            Harness::terminals(null, ['1', '2'], Joining::Screw),
            $this->id,
            'of its own',
        );
        $this->load = $this->net('.load', 'behind its cut-out');
        $this->harness->join($this->switched, $id, '1', 'O' . $this->number . '4', $this->id);
        $this->harness->join($this->load, $id, '2', 'O' . $this->number . '5', $this->id);
    }

    private function suppressor(Actuator $actuator, string $relay, string $from): void
    {
        $snubber = $this->safety->snubber?->value;
        if (!$snubber instanceof Snubber || Snubber::None === $snubber || null !== $this->line->twoWay) {
            return;
        }
        $isAcrossLoad = Snubber::RcAcrossLoad === $snubber || Snubber::VaristorAcrossLoad === $snubber;
        $id = $this->harness->device(
            DeviceKind::Suppressor,
            $this->number . '1',
            $isAcrossLoad ? 'across the appliance' : 'across the contact',
            Harness::terminals(null, ['1', '2']),
            $this->id,
            Snubber::Rc === $snubber || Snubber::RcAcrossLoad === $snubber ? Snubber::Rc->value : Snubber::Varistor->value,
        );
        $behind = null === $this->board->groupOf($actuator->function, GroupKind::Directions)
            ? $this->switched
            : $this->net('.' . $relay, $this->board->nameOf($relay));
        $this->harness->join($behind, $id, '1', 'M' . $this->number . '8', $this->id);
        $this->harness->join($isAcrossLoad ? $this->return : $from, $id, '2', 'M' . $this->number . '9', $this->id);
    }

    /**
     * Where the line leaves the box, and its appliance.
     *
     * @param ?list<string> $directions relays of a motor that runs both ways; null for every other appliance
     */
    private function outlet(?array $directions): void
    {
        $kind = $this->safety->outlet?->value;
        $isOutlet = $kind instanceof OutletKind && $kind->isOutlet();
        $wantsEarth = $this->board->appliance($this->line)->earthed || ($kind instanceof OutletKind && $kind->offersEarth());
        $loads = null === $directions ? ['L' => $this->load] : array_combine(
            array_map(static fn(int $place): string => 'L' . ($place + 1), array_keys($directions)),
            array_map(fn(string $relay): string => $this->net('.' . $relay, $this->board->nameOf($relay)), $directions),
        );
        $block = $this->harness->device(
            $isOutlet ? DeviceKind::Outlet : DeviceKind::Terminals,
            $this->number . '2',
            $isOutlet ? $kind->value : $this->line->name,
            $this->outletTerminals(array_keys($loads), $wantsEarth, $isOutlet),
            $this->id,
            $isOutlet ? $this->line->name : ($kind instanceof OutletKind ? $kind->value : 'how it leaves the box is not stated'),
            note: OutletKind::SplitHalf === $kind ? 'live link taken out' : '',
        );
        $digit = 1;
        foreach ($loads as $key => $net) {
            $this->harness->join($net, $block, $key, (1 === $digit ? 'M' : 'N') . $this->number . '1', $this->id);
            ++$digit;
        }
        $this->harness->join($this->return, $block, 'N', 'M' . $this->number . '2', $this->id);
        if ($wantsEarth) {
            $this->harness->join(MainsSide::EARTH, $block, 'PE', 'M' . $this->number . '3', $this->id);
        }
        if (!$isOutlet) {
            $this->appliance($block, $loads, $wantsEarth);
        }
    }

    /**
     * @param list<string> $loads
     * @return list<Terminal> with the screws by which an outlet is marked in the country
     */
    private function outletTerminals(array $loads, bool $wantsEarth, bool $isOutlet): array
    {
        $isAmerican = $isOutlet && '' !== $this->board->system()->outletScrews;
        $letters = MainsSide::letters($this->board);
        $terminals = [];
        foreach ($loads as $key) {
            $name = 1 === count($loads) ? $letters['L'] . '′' : $key . '′';
            $terminals[] = new Terminal($key, $isAmerican ? 'brass' : $name, Joining::Screw, passes: !$isOutlet);
        }
        $terminals[] = new Terminal(
            'N',
            $isAmerican ? 'silver' : $letters['N'],
            Joining::Screw,
            passes: !$isOutlet,
        );
        if ($wantsEarth) {
            $terminals[] = new Terminal('PE', $isAmerican ? 'green' : 'PE', Joining::Screw, passes: !$isOutlet);
        }

        return $terminals;
    }

    /**
     * @param array<string, string> $loads net by terminal
     */
    private function appliance(string $block, array $loads, bool $wantsEarth): void
    {
        $terminals = [...array_keys($loads), 'N', ...$wantsEarth ? ['PE'] : []];
        $appliance = $this->places->appliance($this->id, $terminals);
        $digit = 5;
        foreach ($loads as $key => $net) {
            $wire = 5 === $digit ? 'M' . $this->number . '5' : 'N' . $this->number . '5';
            $this->harness->join($net, $appliance, $key, $wire, $this->id, $block . '.' . $key, $this->id);
            ++$digit;
        }
        $this->harness->join($this->return, $appliance, 'N', 'M' . $this->number . '6', $this->id, $block . '.N', $this->id);
        if ($wantsEarth) {
            $this->harness->join(MainsSide::EARTH, $appliance, 'PE', 'M' . $this->number . '7', $this->id, $block . '.PE', $this->id);
        }
    }

    private function sense(string $relay): void
    {
        $sense = $this->line->sense;
        if (null === $sense) {
            return;
        }
        null === $sense->coupler ? $this->byCurrent($sense, $relay) : $this->byVoltage($sense, $sense->coupler);
    }

    /** Resistors, a coupler with a diode the other way round, and at the pin a pull-up. */
    private function byVoltage(StateSense $sense, string $part): void
    {
        $number = $this->number;
        $series = $this->harness->resistor(
            $number . '7',
            'state, in series',
            $this->id,
            $sense->seriesOhms,
            sprintf('%d × %s', $sense->resistors, QuantityPrinter::rounded($sense->seriesOhms / $sense->resistors, Unit::Ohm)),
            note: sprintf(
                'each for %s, %s',
                QuantityPrinter::rounded($sense->resistorVolts, Unit::Volt),
                QuantityPrinter::rounded($sense->resistorWatts, Unit::Watt),
            ),
        );
        $coupler = $this->harness->device(
            DeviceKind::Package,
            $number . '5',
            'coupler of the state',
            Harness::terminals($this->board->part($part, OptoCoupler::class), ['A', 'K', 'E', 'C']),
            $this->id,
            $this->board->part($part, OptoCoupler::class)->identity->name,
            $part,
            'mains at A and K, low voltage at E and C',
        );
        $diode = $this->harness->device(
            DeviceKind::Diode,
            $number . '5',
            'the other way round',
            Harness::terminals(null, ['K', 'A']),
            $this->id,
            'small signal',
            note: 'its band at A of ' . $coupler,
        );
        $lamp = $this->net('.led', 'LED of the coupler');
        $this->harness->join($this->load, $series, '1', 'T' . $number . '1', $this->id);
        $this->harness->join($lamp, $series, '2', 'T' . $number . '2', $this->id);
        $this->harness->join($lamp, $coupler, 'A', 'T' . $number . '3', $this->id);
        $this->harness->join($lamp, $diode, 'K', 'T' . $number . '4', $this->id);
        $this->harness->join($this->return, $coupler, 'K', 'T' . $number . '5', $this->id);
        $this->harness->join($this->return, $diode, 'A', 'T' . $number . '6', $this->id);
        $this->harness->join($this->places->signal($sense->function), $coupler, 'C', 'T' . $number . '7', $this->id);
        $this->harness->join($this->places->ground(), $coupler, 'E', 'T' . $number . '8', $this->id);
    }

    /** A transformer around the wire behind the contact, with its burden at the pin. */
    private function byCurrent(StateSense $sense, string $relay): void
    {
        $number = $this->number;
        $transformer = $this->harness->device(
            DeviceKind::Transformer,
            $number . '2',
            'around wire P' . Places::number($relay) . '2',
            Harness::terminals(null, ['S1', 'S2']),
            $this->id,
            sprintf('1 : %d', $sense->turns),
        );
        $burden = $this->harness->resistor($number . '8', 'burden', $this->id, $sense->burdenOhms);
        $signal = $this->places->signal($sense->function);
        $ground = $this->places->ground();
        $this->harness->join($signal, $transformer, 'S1', 'T' . $number . '1', $this->id);
        $this->harness->join($ground, $transformer, 'S2', 'T' . $number . '2', $this->id);
        $this->harness->join($signal, $burden, '1', 'T' . $number . '3', $this->id);
        $this->harness->join($ground, $burden, '2', 'T' . $number . '4', $this->id);
    }
}
