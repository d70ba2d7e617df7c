<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\RelaySide;
use IronLatch\Core\Wiring\WiredDevice;

/** A device, or what of it belongs on a sheet, before it has its place: in which column it stands, and what it is joined to. */
final class Placed
{
    /** So many letters, and so many lines, may a name take in its box. */
    private const LETTERS = 21;
    private const HUB_LETTERS = 28;
    private const LINES = 2;
    /** What a cap takes that is drawn beside the words which say where it sits. */
    private const CAP = 5.0;

    public int $column = -1;
    /** It hangs between a wire and a bar, beside that wire, so that it needs no column of its own. */
    public bool $isShunt = false;
    /** @var list<Joint> in the true order of its terminals */
    public array $joints = [];

    /**
     * @param string $key designator, with what tells its contact from its coil
     */
    public function __construct(public readonly string $key, public readonly WiredDevice $device) {}

    /** Whether it is drawn anew on every sheet, with the terminals that the sheet needs. */
    public function isHub(): bool
    {
        return DeviceKind::Controller === $this->device->kind || DeviceKind::Expander === $this->device->kind;
    }

    /** Whether it is the contact of a relay, or a channel of a module, apart from its coil or inputs. */
    public function isContact(): bool
    {
        return str_contains($this->key, '~');
    }

    /** Whether the terminals that nothing is joined to are drawn as well. */
    public function showsAll(): bool
    {
        return match ($this->device->kind) {
            DeviceKind::Controller, DeviceKind::Expander, DeviceKind::Package, DeviceKind::Module, DeviceKind::Header => false,
            default => true,
        };
    }

    /** Room for a line of its text, with the cap that is drawn behind it where it speaks of one. */
    public static function room(string $line): float
    {
        $isOfACap = str_starts_with($line, RelaySide::CAP_ON) || str_starts_with($line, RelaySide::CAP_OFF);

        return Type::width($line) + ($isOfACap ? self::CAP : 0.0);
    }

    /** @return list<string> designator, name and value, as they stand in its box */
    public function lines(): array
    {
        $first = $this->device->id . (DeviceKind::Relay === $this->device->kind ? ($this->isContact() ? ' contact' : ' coil') : '');
        // A resistor says on one line what it is worth; what it is for is in its drawer.
        if (DeviceKind::Resistor === $this->device->kind) {
            return $this->isShunt ? [$first, $this->device->value] : [$first . ' ' . $this->device->value];
        }
        $lines = [$first];
        $about = [$this->device->name, $this->device->value, ...$this->isHub() ? [] : explode('; ', $this->device->note)];
        foreach ($this->isContact() ? [$this->device->name] : $about as $line) {
            if ('' !== $line && !($this->device->kind->isSmallPart() && $line === $this->device->name)) {
                array_push($lines, ...Type::wrapped($line, $this->isHub() ? self::HUB_LETTERS : self::LETTERS, self::LINES));
            }
        }

        return $lines;
    }
}
