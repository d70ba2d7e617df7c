<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Size;
use IronLatch\Core\Catalogue\Sized;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Terminal;
use IronLatch\Core\Wiring\WiredDevice;

/** The parts that lie inside the box, as the form of build has them; what stands in the house, in the lid or in a sleeve is none. */
final readonly class Outlines
{
    private const MILLI = 1e-3;
    /** Coil pins take that share of a relay’s length, terminals and contacts that of a module’s. */
    private const COIL_SHARE = 0.12;
    private const CONTACT_SHARE = 0.5;
    /** Pins at either end of a supply, and of a coupler. */
    private const PIN_METRES = 4e-3;
    private const COUPLER_PIN_METRES = 1.2e-3;
    private const HOT_WATTS = 0.5;

    /** @var array<string, array{mains: bool, low: bool}> by designator */
    private array $sides;
    /**
     * @param array<string, float> $heat watts by subject
     */
    public function __construct(private Board $board, private Connections $connections, private BuildForm $form, private array $heat = [])
    {
        $sides = [];
        foreach ($connections->nets as $net) {
            foreach ($net->ends as $end) {
                $sides[$end->device]['mains'] = ($sides[$end->device]['mains'] ?? false) || $net->kind->isMains();
                $sides[$end->device]['low'] = ($sides[$end->device]['low'] ?? false) || !$net->kind->isMains();
            }
        }
        $this->sides = $sides;
    }

    /**
     * @return array<string, Outline> by designator
     */
    public function all(): array
    {
        $all = [];
        foreach ($this->connections->devices as $device) {
            $size = $this->millimetres($device);
            if (null !== $size && isset($this->sides[$device->id])) {
                $all[$device->id] = $this->outline($device, $size);
            }
        }

        return $all;
    }

    /**
     * @param array{float, float, float} $size in mm
     */
    private function outline(WiredDevice $device, array $size): Outline
    {
        [$length, $width, $height] = array_map(static fn(float $side): float => $side * self::MILLI, $size);
        $zone = $this->zone($device->id);
        $body = new Rect(0.0, 0.0, $length, $width);
        $isTerminal = $this->isTerminal($device);
        $hasAntenna = DeviceKind::Controller === $device->kind && $this->board->controller()->chip->radio;
        [$mains, $low] = match ($zone) {
            Zone::Mains => [[$body], []],
            Zone::Low => [[], [$body]],
            Zone::Across => $this->across($device, $length, $width),
        };
        $hot = in_array($device->kind, [DeviceKind::Supply, DeviceKind::Converter], true) ? $this->heat[$device->subject] ?? 0.0 : 0.0;

        return new Outline(
            $device->id,
            $device->kind,
            $device->name,
            $length,
            $width,
            $height + self::MILLI * ($this->form->isOneBoard() ? Envelope::BOARD_HEIGHT : Envelope::BASE_HEIGHT),
            $zone,
            $mains,
            $low,
            $isTerminal || $hasAntenna,
            self::MILLI * match (true) {
                $isTerminal => Envelope::BENDING,
                $hasAntenna => Envelope::ANTENNA,
                default => 0.0,
            },
            $hasAntenna,
            $hot >= self::HOT_WATTS ? $hot : 0.0,
            DeviceKind::Capacitor === $device->kind && str_contains($device->note, '+'),
            $device->subject,
        );
    }

    private function zone(string $device): Zone
    {
        $sides = $this->sides[$device];

        return match (true) {
            $sides['mains'] && $sides['low'] => Zone::Across,
            $sides['mains'] => Zone::Mains,
            default => Zone::Low,
        };
    }

    /**
     * Mains metal and low-voltage metal of a part that lies across the barrier, mains at its left.
     *
     * @return array{list<Rect>, list<Rect>}
     */
    private function across(WiredDevice $device, float $length, float $width): array
    {
        [$end, $start] = match ($device->kind) {
            DeviceKind::Relay => $this->relay($device, $length),
            DeviceKind::Module => [self::CONTACT_SHARE * $length, self::CONTACT_SHARE * $length + self::MILLI * Envelope::BASIC_GAP],
            DeviceKind::Package => [self::COUPLER_PIN_METRES, $length - self::COUPLER_PIN_METRES],
            default => [self::PIN_METRES, $length - self::PIN_METRES],
        };

        return [[new Rect(0.0, 0.0, $end, $width)], [new Rect($start, 0.0, $length, $width)]];
    }

    /**
     * @return array{float, float} where its contacts end, and where its coil begins
     */
    private function relay(WiredDevice $device, float $length): array
    {
        $part = $this->board->parts[$device->part ?? ''] ?? null;
        $isReinforced = $part instanceof Relay && Insulation::Reinforced === $part->insulation;
        $gap = self::MILLI * ($isReinforced ? Envelope::REINFORCED_GAP : Envelope::BASIC_GAP);
        $start = (1 - self::COIL_SHARE) * $length;

        return [$start - $gap, $start];
    }

    private function isTerminal(WiredDevice $device): bool
    {
        return match ($device->kind) {
            DeviceKind::Terminals, DeviceKind::Inlet => true,
            DeviceKind::Outlet, DeviceKind::Sensor, DeviceKind::Lamp => $this->form->isOneBoard(),
            default => false,
        };
    }

    /**
     * In one piece: what each kind takes up.
     *
     * @return ?array{float, float, float} length, width and height in mm; null for what does not lie in the box
     */
    private function millimetres(WiredDevice $device): ?array
    {
        $isBoard = $this->form->isOneBoard();
        $isChip = BuildForm::Assembled === $this->form;
        $stated = $this->stated($device);

        return match ($device->kind) {
            DeviceKind::Controller => $this->controller($stated),
            DeviceKind::Supply => $this->isInTheBox($device) ? $stated ?? Envelope::SMALL_BOARD : null,
            DeviceKind::Relay => $stated ?? [29.0, 12.7, 16.0],
            DeviceKind::Module => Envelope::module($this->relaysOf($device)),
            DeviceKind::Expander, DeviceKind::Package => $this->chip($device, $stated),
            DeviceKind::Converter => $stated ?? Envelope::SMALL_BOARD,
            DeviceKind::Fuse => Envelope::FUSE_HOLDER,
            DeviceKind::Suppressor => Envelope::SUPPRESSOR,
            DeviceKind::Transformer => Envelope::TRANSFORMER,
            DeviceKind::Capacitor => $this->capacitor($device),
            DeviceKind::Terminals => 'round socket' === $device->name ? Envelope::SOCKET : self::terminals($device),
            DeviceKind::Inlet => self::terminals($device),
            DeviceKind::Outlet, DeviceKind::Sensor, DeviceKind::Lamp => $isBoard ? self::terminals($device) : null,
            DeviceKind::Header => [max(1, self::poles($device)) * Envelope::HEADER_PITCH, ...Envelope::HEADER],
            DeviceKind::Bar => $isBoard ? null : [Envelope::BAR[0], max(1, self::poles($device)) * Envelope::BAR_PITCH, Envelope::BAR[1]],
            DeviceKind::Transistor => $isBoard ? ($isChip ? Envelope::CHIP_TRANSISTOR : Envelope::TRANSISTOR) : null,
            DeviceKind::Resistor => $isBoard ? ($isChip ? Envelope::CHIP : Envelope::LEADED) : null,
            DeviceKind::Diode, DeviceKind::Protection => $isBoard ? ($isChip ? Envelope::CHIP_DIODE : Envelope::LEADED) : null,
            DeviceKind::CutOut, DeviceKind::Switch, DeviceKind::Case, DeviceKind::Appliance => null,
        };
    }

    /**
     * @param ?array{float, float, float} $stated
     * @return array{float, float, float}
     */
    private function controller(?array $stated): array
    {
        [$length, $width, $height] = $stated ?? [55.0, 28.0, 13.0];
        $isBare = $this->board->part($this->board->mcu->carrier, Carrier::class)->isBareModule;

        return [$length, $width, $height + match (true) {
            $isBare => 0.0,
            $this->form->isOneBoard() => Envelope::SOCKETS_HEIGHT,
            default => Envelope::JUMPER_HEIGHT,
        }];
    }

    /**
     * @param ?array{float, float, float} $stated
     * @return ?array{float, float, float}
     */
    private function chip(WiredDevice $device, ?array $stated): ?array
    {
        if (!$this->form->isOneBoard()) {
            return DeviceKind::Expander === $device->kind ? [48.0, 16.0, Envelope::JUMPER_HEIGHT] : null;
        }

        return $stated ?? (count($device->terminals) > 4 ? Envelope::DUAL_IN_LINE : Envelope::COUPLER);
    }

    /** @return ?array{float, float, float} */
    private function capacitor(WiredDevice $device): ?array
    {
        if ($this->sides[$device->id]['mains'] ?? false) {
            return Envelope::FILM;
        }
        try {
            $farads = QuantityParser::parse($device->value, Unit::Farad);
        } catch (NotAQuantity) {
            return $this->form->isOneBoard() ? Envelope::CERAMIC : null;
        }
        if (str_contains($device->note, '+')) {
            return Envelope::electrolytic($farads);
        }

        return $this->form->isOneBoard() ? Envelope::CERAMIC : null;
    }

    /**
     * What its data sheet or its maker says, in mm.
     *
     * @return ?array{float, float, float}
     */
    private function stated(WiredDevice $device): ?array
    {
        $part = $this->board->parts[$device->part ?? ''] ?? null;
        $size = $part instanceof Sized ? $part->size() : null;

        return $size instanceof Size
            ? [$size->lengthMetres / self::MILLI, $size->widthMetres / self::MILLI, $size->heightMetres / self::MILLI]
            : null;
    }

    private function isInTheBox(WiredDevice $device): bool
    {
        $part = $this->board->parts[$device->part ?? ''] ?? null;

        return $part instanceof Supply && in_array(
            $part->form,
            [SupplyForm::EncapsulatedModule, SupplyForm::Battery, SupplyForm::BlockBattery],
            true,
        );
    }

    private function relaysOf(WiredDevice $device): int
    {
        $inputs = array_filter(
            $device->terminals,
            static fn(Terminal $terminal): bool => 1 === preg_match('/^COM/i', $terminal->name),
        );

        return max(1, count($inputs));
    }

    /** @return array{float, float, float} */
    private static function terminals(WiredDevice $device): array
    {
        return [Envelope::TERMINAL[0], max(1, self::poles($device)) * Envelope::TERMINAL_PITCH, Envelope::TERMINAL[1]];
    }

    private static function poles(WiredDevice $device): int
    {
        return count(array_unique(array_map(static fn(Terminal $terminal): string => $terminal->name, $device->terminals)));
    }
}
