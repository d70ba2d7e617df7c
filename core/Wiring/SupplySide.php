<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\JackPolarity;
use IronLatch\Core\Catalogue\ProtectionKind;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** The controller, and how every rail comes to it and to the rest: sources, sockets, fuses, converters, capacitors. */
final readonly class SupplySide
{
    /** Of the pull-up that a bare module wants at its reset (data sheets of modules, from memory). */
    private const RESET_OHMS = 10e3;

    private Board $board;
    private Harness $harness;

    public function __construct(private Places $places)
    {
        $this->board = $places->board;
        $this->harness = $places->harness;
    }

    public function add(): void
    {
        $this->controller();
        foreach (array_keys($this->board->rails) as $rail) {
            $feeder = $this->board->feeder($rail);
            match (true) {
                $feeder instanceof Supply => $this->source($rail, $feeder),
                $feeder instanceof Converter => $this->converter($rail, $feeder),
                $feeder instanceof Carrier => $this->fromCarrier($rail, $feeder),
            };
        }
    }

    private function controller(): void
    {
        $board = $this->board;
        $carrier = $board->controller()->carrier;
        $joining = $carrier->isBareModule ? Joining::Solder : Joining::PushOn;
        $terminals = [];
        foreach ($carrier->header as $pin) {
            $place = Places::place($pin);
            $terminals[] = new Terminal($place, $pin->label, $joining, $pin->chipPin ?? '', $place);
        }
        if ($board->rails[$board->mcu->rail]->throughUsb) {
            $terminals[] = new Terminal('USB', 'USB', Joining::Plug);
        }
        $entry = $this->places->labelled($board->entry()->label);
        $places = array_map(static fn(Terminal $terminal): string => $terminal->key, $terminals);
        if (!in_array($entry, $places, true)) {
            $terminals[] = new Terminal($entry, $entry, $joining);
        }
        $this->harness->device(
            DeviceKind::Controller,
            '01',
            $carrier->identity->name,
            $terminals,
            'board',
            part: $carrier->identity->id,
            note: true === $board->mcu->printConfirmed ? '' : 'compare its print with this list',
        );
        $this->harness->join($this->places->rail($board->mcu->rail), Places::CONTROLLER, $entry, 'V01', 'board');
        $this->harness->join($this->places->ground(), Places::CONTROLLER, $this->places->labelled('GND'), 'V02', 'board');
        if (Places::PIN_SUPPLY === $this->places->pinSupply()) {
            $output = $this->places->labelled($carrier->outputLabel);
            $this->harness->join(Places::PIN_SUPPLY, Places::CONTROLLER, $output, 'V03', 'board');
        }
        if ($carrier->isBareModule) {
            $this->bareModule();
        }
    }

    /** What a carrier brings and a bare module does not: the pull-up and the capacitor of its reset, and a way in for programs. */
    private function bareModule(): void
    {
        $reset = $this->places->labelled('EN');
        if (true === $this->board->mcu->resetPulled?->value) {
            $net = $this->harness->net('EN', 'EN, reset', NetKind::Signal, Area::LowVoltage);
            $pull = $this->harness->resistor('01', 'pull-up of the reset', 'board', self::RESET_OHMS, '10 kΩ usual');
            $delay = $this->harness->device(
                DeviceKind::Capacitor,
                '01',
                'capacitor of the reset',
                Harness::terminals(null, ['1', '2']),
                'board',
                '1 µF usual',
            );
            $this->harness->join($net, Places::CONTROLLER, $reset, 'V04', 'board');
            $this->harness->join($net, $pull, '1', 'V05', 'board');
            $this->harness->join($this->places->pinSupply(), $pull, '2', 'V06', 'board');
            $this->harness->join($net, $delay, '1', 'V07', 'board');
            $this->harness->join($this->places->ground(), $delay, '2', 'V08', 'board');
        }
        if (true === $this->board->mcu->programmingAccess?->value) {
            $this->programmingHeader($reset);
        }
    }

    private function programmingHeader(string $reset): void
    {
        $header = $this->harness->device(
            DeviceKind::Header,
            '02',
            'programming header',
            Harness::terminals(null, ['3V3', 'GND', 'TX', 'RX', 'BOOT', 'EN'], Joining::PushOn),
            'board',
            note: 'never with mains present',
        );
        $this->harness->join($this->places->pinSupply(), $header, '3V3', 'C01', 'board');
        $this->harness->join($this->places->ground(), $header, 'GND', 'C02', 'board');
        $net = $this->harness->net('EN', 'EN, reset', NetKind::Signal, Area::LowVoltage);
        $this->harness->join($net, Places::CONTROLLER, $reset, 'V04', 'board');
        $this->harness->join($net, $header, 'EN', 'C03', 'board');
        foreach (['TX' => ['TXD0', 'TX', 'U0TXD'], 'RX' => ['RXD0', 'RX', 'U0RXD'], 'BOOT' => ['IO0', 'GPIO0', '0']] as $name => $labels) {
            $place = $this->placeOfAny($labels);
            if (null !== $place) {
                $own = $this->harness->net('program ' . $name, $name, NetKind::Signal, Area::LowVoltage);
                $this->harness->join($own, Places::CONTROLLER, $place, 'C0' . ('TX' === $name ? 7 : ('RX' === $name ? 8 : 9)), 'board');
                $this->harness->join($own, $header, $name, 'C0' . ('TX' === $name ? 4 : ('RX' === $name ? 5 : 6)), 'board');
            }
        }
    }

    /**
     * The place of a pin with one of some labels that no function of the board sits on.
     *
     * @param list<string> $labels
     */
    private function placeOfAny(array $labels): ?string
    {
        foreach ($this->board->controller()->carrier->header as $pin) {
            $isIt = in_array($pin->label, $labels, true) || in_array($pin->chipPin ?? '', $labels, true);
            if ($isIt && [] === $this->board->functionsOn($pin->chipPin ?? '')) {
                return Places::place($pin);
            }
        }

        return null;
    }

    private function source(string $rail, Supply $supply): void
    {
        $number = Places::number($rail);
        $isModule = SupplyForm::EncapsulatedModule === $supply->form;
        $joining = match (true) {
            $isModule => Joining::Solder,
            $supply->form->hasUsbPlug() => Joining::Plug,
            default => Joining::Screw,
        };
        if ($this->board->rails[$rail]->throughUsb) {
            $id = $this->harness->device(
                DeviceKind::Supply,
                $number . '1',
                $supply->identity->name,
                Harness::terminals($supply, ['USB'], Joining::Plug),
                $rail,
                part: $supply->identity->id,
            );
            $usb = $this->harness->net('USB', 'USB lead', NetKind::Signal, Area::LowVoltage);
            $this->harness->join($usb, $id, 'USB', 'V' . $number . '1', $rail);
            $this->harness->join($usb, Places::CONTROLLER, 'USB', 'V' . $number . '2', $rail);

            return;
        }
        $usual = $isModule ? ['L', 'N', '-', '+'] : ['+', '-'];
        $id = $this->harness->device(
            DeviceKind::Supply,
            $number . '1',
            $supply->identity->name,
            Harness::terminals($supply, $usual, $joining),
            $rail,
            part: $supply->identity->id,
        );
        $ground = $this->places->ground($rail);
        $socket = $this->socket($rail, $supply, $number);
        $first = $this->protected($rail, $number);
        $this->harness->join($first, $socket['plus'] ?? $id, null === $socket ? '+' : $socket['plus_key'], 'V' . $number . '1', $rail);
        $this->harness->join($ground, $socket['plus'] ?? $id, null === $socket ? '-' : $socket['minus_key'], 'V' . $number . '2', $rail);
        if (null !== $socket) {
            $at = $socket['plus'];
            $this->harness->join($first, $id, '+', 'V' . $number . '3', $rail, $at . '.' . $socket['plus_key'], $rail);
            $this->harness->join($ground, $id, '-', 'V' . $number . '4', $rail, $at . '.' . $socket['minus_key'], $rail);
        }
        $this->reservoir($rail, $number);
    }

    /**
     * The socket that an adapter is plugged into, or the terminals that its cable ends at.
     *
     * @return ?array{plus: string, plus_key: string, minus_key: string} null for a source on the board
     */
    private function socket(string $rail, Supply $supply, string $number): ?array
    {
        $facts = $this->board->rails[$rail];
        if (null === $supply->jack && null === $facts->cable) {
            return null;
        }
        if (null === $supply->jack) {
            $id = $this->harness->device(
                DeviceKind::Terminals,
                $number . '4',
                'terminals of the supply',
                [new Terminal('+', '+', Joining::Screw, passes: true), new Terminal('-', '−', Joining::Screw, passes: true)],
                $rail,
            );

            return ['plus' => $id, 'plus_key' => '+', 'minus_key' => '-'];
        }
        $polarity = $facts->socket ?? $supply->jack;
        $isCentrePlus = JackPolarity::CentrePositive === $polarity;
        $id = $this->harness->device(
            DeviceKind::Terminals,
            $number . '4',
            'round socket',
            [
                new Terminal('centre', $isCentrePlus ? '+' : '−', Joining::Solder, passes: true),
                new Terminal('sleeve', $isCentrePlus ? '−' : '+', Joining::Solder, passes: true),
            ],
            $rail,
            ($isCentrePlus ? 'centre is +' : 'centre is −') . (null === $facts->socket ? ', not stated' : ''),
        );

        return [
            'plus' => $id,
            'plus_key' => $isCentrePlus ? 'centre' : 'sleeve',
            'minus_key' => $isCentrePlus ? 'sleeve' : 'centre',
        ];
    }

    /**
     * What stands between a source and its rail.
     *
     * @return string the net that the source is joined to
     */
    private function protected(string $rail, string $number): string
    {
        $net = $this->places->rail($rail);
        $name = $this->board->rails[$rail]->name;
        // From the rail back to its source, so that what stands last is joined to the rail itself.
        foreach (array_reverse($this->board->protection($rail), true) as $place => $part) {
            $isDiode = ProtectionKind::SeriesDiode === $part->kind || ProtectionKind::SurgeClamp === $part->kind;
            $digit = match ($part->kind) {
                ProtectionKind::Fuse => '2',
                ProtectionKind::ResettableFuse => '3',
                ProtectionKind::SeriesDiode => '7',
                ProtectionKind::SurgeClamp => '8',
            };
            $id = $this->harness->device(
                $isDiode ? DeviceKind::Diode : DeviceKind::Protection,
                $number . $digit,
                $part->kind->value,
                Harness::terminals($part, $isDiode ? ['A', 'K'] : ['1', '2']),
                $rail,
                $part->identity->name,
                $part->identity->id,
                $isDiode ? 'the band is K' : '',
            );
            if (!$part->kind->isInSeries()) {
                $this->harness->join($net, $id, 'K', 'V' . $number . '5', $rail);
                $this->harness->join($this->places->ground($rail), $id, 'A', 'V' . $number . '6', $rail);
                continue;
            }
            $this->harness->join($net, $id, $isDiode ? 'K' : '2', ($isDiode ? 'E' : 'F') . $number . $place, $rail);
            $net = $this->harness->net(
                sprintf('%s before %s', $rail, $id),
                $name . ', before ' . $id,
                NetKind::SwitchedDirect,
                Area::LowVoltage,
                $rail,
            );
            $this->harness->join($net, $id, $isDiode ? 'A' : '1', ($isDiode ? 'E' : 'F') . $number . ($place + 5), $rail);
        }

        return $net;
    }

    private function reservoir(string $rail, string $number): void
    {
        $farads = $this->board->rails[$rail]->farads;
        if (null === $farads || !$farads->isStated() || !is_float($farads->value) || $farads->value <= 0) {
            return;
        }
        $id = $this->harness->device(
            DeviceKind::Capacitor,
            $number . '3',
            'reservoir',
            [new Terminal('+', '+', Joining::Solder), new Terminal('-', '−', Joining::Solder)],
            $rail,
            QuantityPrinter::rounded($farads->value, Unit::Farad),
            note: 'mind + and −',
        );
        $this->harness->join($this->places->rail($rail), $id, '+', 'V' . $number . '7', $rail);
        $this->harness->join($this->places->ground($rail), $id, '-', 'V' . $number . '8', $rail);
    }

    private function converter(string $rail, Converter $converter): void
    {
        $number = Places::number($rail);
        $facts = $this->board->rails[$rail];
        $ground = $this->places->ground($rail);
        $regulation = $converter->regulation;
        $isModule = $regulation->bringsCapacitors;
        $id = $this->harness->device(
            DeviceKind::Converter,
            $number . '1',
            $converter->identity->name,
            Harness::terminals(
                $converter,
                $isModule ? ['IN+', 'IN-', 'OUT+', 'OUT-'] : ['IN', 'GND', 'OUT'],
                $isModule ? Joining::Screw : Joining::Solder,
            ),
            $rail,
            part: $converter->identity->id,
        );
        $keys = array_keys($this->harness->devices[$id]->terminals);
        [$in, $out] = in_array('IN+', $keys, true) ? ['IN+', 'OUT+'] : ['IN', 'OUT'];
        $from = $this->places->rail((string) $facts->from);
        $this->harness->join($from, $id, $in, 'V' . $number . '1', $rail);
        $this->harness->join($this->protected($rail, $number), $id, $out, 'V' . $number . '3', $rail);
        foreach (array_intersect(['GND', 'IN-', 'OUT-'], $keys) as $place => $key) {
            $this->harness->join($ground, $id, $key, ('OUT-' === $key ? 'E' : 'V') . $number . '4', $rail);
        }
        if (!$isModule && true === $facts->capacitorsFitted?->value) {
            $this->capacitor($rail, $number, '4', 'capacitor at its input', $regulation->inputFarads, $from, $ground);
            $to = $this->places->rail($rail);
            $this->capacitor($rail, $number, '5', 'capacitor at its output', $regulation->outputFarads, $to, $ground);
        }
        $this->reservoir($rail, $number);
    }

    private function capacitor(string $rail, string $number, string $digit, string $name, float $farads, string $net, string $ground): void
    {
        if ($farads <= 0) {
            return;
        }
        $id = $this->harness->device(
            DeviceKind::Capacitor,
            $number . $digit,
            $name,
            Harness::terminals(null, ['1', '2']),
            $rail,
            QuantityPrinter::rounded($farads, Unit::Farad),
        );
        $this->harness->join($net, $id, '1', 'K' . $number . $digit, $rail);
        $this->harness->join($ground, $id, '2', 'L' . $number . $digit, $rail);
    }

    private function fromCarrier(string $rail, Carrier $carrier): void
    {
        $this->harness->join(
            $this->places->rail($rail),
            Places::CONTROLLER,
            $this->places->labelled($carrier->outputLabel),
            'V' . Places::number($rail) . '1',
            $rail,
        );
        $this->reservoir($rail, Places::number($rail));
    }
}
