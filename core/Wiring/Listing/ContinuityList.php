<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\Net;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Core\Wiring\WiredDevice;

/** What is measured on the dead board before any power, in this order: shorts that must not be, joints, coils and resistors, then mains. */
final readonly class ContinuityList
{
    public const NO_SHORT = 'no short between a rail and its ground';
    public const JOINED = 'joined from end to end';
    public const PARTS = 'coils and resistors';
    public const APART = 'mains apart from low voltage';
    public const CONTACTS = 'contacts at rest';
    public const STRAIGHT = 'straight through';
    /** Of a wire with its two joints (common practice, no source). */
    private const JOINT_OHMS = 1.0;
    /** Of protective earth inside a box (domain practice; DIN EN 50678 asks for 0.3 Ω up to 5 m, from memory). */
    private const EARTH_OHMS = 0.1;
    /** Below this a rail is taken as shorted: chips and modules on it read some hundreds of ohms and more (common practice, no source). */
    private const SHORT_OHMS = 30.0;
    private const APART_OHMS = 1e6;

    private Ohmmeter $meter;

    public function __construct(private Board $board, private Connections $connections)
    {
        $this->meter = new Ohmmeter($connections);
    }

    /** @return list<ContinuityRow> */
    public function rows(): array
    {
        return [
            ...$this->rails(),
            ...$this->joints(static fn(Net $net): bool => !$net->kind->isMains()),
            ...$this->parts(),
            ...$this->apart(),
            ...$this->contacts(),
            ...$this->joints(static fn(Net $net): bool => $net->kind->isMains()),
        ];
    }

    /** @return list<ContinuityRow> */
    private function rails(): array
    {
        $rows = [];
        foreach ($this->connections->nets as $net) {
            if (NetKind::Rail !== $net->kind) {
                continue;
            }
            foreach ($this->connections->nets as $ground) {
                if (NetKind::Ground !== $ground->kind || (null !== $ground->rail && $ground->rail !== $net->rail)) {
                    continue;
                }
                $way = $this->meter->between($net->id, $ground->id);
                $least = null === $way ? self::SHORT_OHMS : min(self::SHORT_OHMS, $way->min / 2);
                $rows[] = new ContinuityRow(
                    self::NO_SHORT,
                    $net->name,
                    $ground->name,
                    null === $way
                        ? 'rises while capacitors charge; chips and modules on the rail lower it'
                        : 'at the most ' . self::ohms($way->max) . ', lower with chips and modules on the rail',
                    sprintf('above %s', self::ohms($least)),
                    'near 0 Ω: solder bridge, a part the wrong way round, + and − swapped at a supply. Take modules off one by one.',
                    $net->rail ?? 'board',
                    $least,
                );
            }
        }

        return $rows;
    }

    /**
     * @param \Closure(Net): bool $isAsked
     * @return list<ContinuityRow>
     */
    private function joints(\Closure $isAsked): array
    {
        $rows = [];
        foreach (WiringList::of($this->connections) as $wires) {
            foreach ($wires as $wire) {
                $net = $this->connections->nets[$wire->net];
                if ($isAsked($net)) {
                    $rows[] = $this->joint($wire, $net);
                }
            }
        }

        return $rows;
    }

    private function joint(Wire $wire, Net $net): ContinuityRow
    {
        $isEarth = NetKind::Earth === $net->kind;

        return new ContinuityRow(
            $net->kind->isMains() ? self::STRAIGHT : self::JOINED,
            $this->connections->words($wire->from),
            $this->connections->words($wire->to),
            sprintf('%s: 0 Ω', $wire->number),
            $isEarth ? sprintf('below %s, plus the lead', self::ohms(self::EARTH_OHMS)) : 'below ' . self::ohms(self::JOINT_OHMS),
            $isEarth
                ? 'more: a clamp on the insulation, a loose screw, a painted case. No mains before it is right.'
                : 'open: wire on the wrong terminal, cold joint, loose crimp; a few ohms: a bad joint',
            $wire->to->subject,
            0.0,
            $isEarth ? self::EARTH_OHMS : self::JOINT_OHMS,
        );
    }

    /** @return list<ContinuityRow> */
    private function parts(): array
    {
        $rows = [];
        foreach ($this->connections->devices as $device) {
            foreach ($device->paths as $path) {
                $from = $this->connections->netAt($device->id, $path->from);
                $to = $this->connections->netAt($device->id, $path->to);
                $reads = null === $from || null === $to ? null : $this->meter->between($from->id, $to->id);
                if (null !== $reads && $reads->max > 0) {
                    $rows[] = $this->part($device, $path->from, $path->to, $reads, $path->ohms);
                }
            }
        }

        return $rows;
    }

    private function part(WiredDevice $device, string $from, string $to, Spread $reads, Spread $alone): ContinuityRow
    {
        $isCoil = DeviceKind::Relay === $device->kind;
        $isLower = $reads->typ < 0.98 * $alone->typ;

        return new ContinuityRow(
            self::PARTS,
            $device->id . ' ' . $from,
            $device->id . ' ' . $to,
            self::ohms($reads->typ) . ($isLower ? sprintf(', with what lies beside its %s', self::ohms($alone->typ)) : ''),
            sprintf('%s to %s%s', self::ohms($reads->min), self::ohms($reads->max), $isCoil ? ', the same both ways round' : ''),
            $isCoil
                ? 'open: coil or joint; 0 Ω: bridge. A missing or reversed diode does not show at a meter’s current: look at its band.'
                : 'a tenth or ten times: wrong colour band; open: not soldered; lower: a bridge, or a second way',
            $device->subject,
            $reads->min,
            $reads->max,
            $reads->typ,
        );
    }

    /** @return list<ContinuityRow> */
    private function apart(): array
    {
        $mains = array_filter(
            $this->connections->nets,
            static fn(Net $net): bool => $net->kind->isMains() && NetKind::Earth !== $net->kind,
        );
        $low = array_filter($this->connections->nets, static fn(Net $net): bool => NetKind::Ground === $net->kind);
        $rows = [];
        foreach ($mains as $net) {
            $end = self::firstEnd($net);
            foreach ($low as $ground) {
                $rows[] = new ContinuityRow(
                    self::APART,
                    $net->name . ', at ' . $this->connections->words($end),
                    $ground->name,
                    'no way at all',
                    sprintf(
                        'above %s by meter; insulation is measured at 500 V by somebody competent',
                        QuantityPrinter::rounded(self::APART_OHMS, Unit::Ohm),
                    ),
                    'any reading: stop. A mains part touches low voltage: distance, a stray strand, a relay or supply that leaks.',
                    $end->subject,
                    self::APART_OHMS,
                );
            }
        }

        return $rows;
    }

    /** @return list<ContinuityRow> live of each line at rest, and with its coil on a bench supply, mains off */
    private function contacts(): array
    {
        $rows = [];
        foreach ($this->board->actuators() as $id => $actuator) {
            if (null === $actuator->relay || null !== $actuator->opens) {
                continue;
            }
            $wires = array_values(array_filter(
                $this->connections->wires,
                static fn(Wire $wire): bool => ($wire->to->subject === $id && 'P' === $wire->to->wire[0])
                    || ($wire->from->subject === $id && 'P' === $wire->from->wire[0]),
            ));
            if ([] === $wires) {
                continue;
            }
            $isClosed = ContactUse::NormallyClosed === $actuator->contact;
            $bistable = null !== $this->board->relay($actuator)->bistable;
            $rows[] = new ContinuityRow(
                self::CONTACTS,
                sprintf('contact of %s', $this->board->nameOf($id)),
                implode(', ', array_map(static fn(Wire $wire): string => $wire->number, $wires)),
                match (true) {
                    $bistable => 'as the last pulse has left it',
                    $isClosed => 'closed at rest, open with its coil on',
                    default => 'open at rest, closed with its coil on',
                },
                'open above 1 MΩ, closed below 1 Ω; a solid-state output reads neither',
                'the other way round: NO and NC swapped; always closed: wrong terminals, or welded; never: coil or contact',
                $id,
            );
        }

        return $rows;
    }

    private static function firstEnd(Net $net): End
    {
        foreach ($net->ends as $end) {
            return $end;
        }
        throw new \LogicException('A net has ends.');
    }

    private static function ohms(float $ohms): string
    {
        return QuantityPrinter::rounded($ohms, Unit::Ohm);
    }
}
