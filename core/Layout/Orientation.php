<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\WiredDevice;

/**
 * How a part lies that is not turned: towards where its second pin lies, seen from its first, in degrees counter-clockwise. Parts with two
 * pins have their first, their cathode or their + at the left, others their first pin at the left top (IPC-7351, level A, from memory); of
 * a relay the contacts lie left and the coil right, as on the plan here.
 */
final readonly class Orientation
{
    private function __construct(public string $from, public string $to, public float $degrees) {}

    /** Null for a part that is the same either way round, or of which nobody has said where its pins lie. */
    public static function of(WiredDevice $device, OwnNetlist $own): ?self
    {
        $ports = $own->ports[$device->id] ?? [];
        $two = static fn(string $from, string $to, float $degrees): ?self => in_array($from, $ports, true) && in_array($to, $ports, true)
            ? new self($from, $to, $degrees)
            : null;

        return match ($device->kind) {
            DeviceKind::Diode, DeviceKind::Lamp => $two('K', 'A', 0.0),
            DeviceKind::Capacitor => $two('PLUS', 'MINUS', 0.0),
            DeviceKind::Transistor, DeviceKind::Package, DeviceKind::Expander => $two('&1', '&2', 270.0),
            DeviceKind::Relay => $two('&11', 'A1', 0.0),
            default => null,
        };
    }

    /**
     * How far a part is turned, by where its pads lie; null where the file says nothing of it.
     *
     * @param array<string, list<Pad>> $pads by pin here
     * @return ?float degrees counter-clockwise, 0 to below 360, of a part on the top; on the bottom as seen through the board
     */
    public function turned(string $part, array $pads): ?float
    {
        $one = $pads[$part . '.' . $this->from][0] ?? null;
        $other = $pads[$part . '.' . $this->to][0] ?? null;
        if (null === $one?->x || null === $one->y || null === $other?->x || null === $other->y) {
            return null;
        }

        return fmod(rad2deg(atan2($other->y - $one->y, $other->x - $one->x)) + 720.0, 360.0);
    }

    /**
     * The angles that a list may say of it: one on the top, on the bottom as seen from above or from below.
     *
     * @return non-empty-list<float>
     */
    public function angles(float $turned, Face $face): array
    {
        $whole = static fn(float $degrees): float => fmod($degrees + 1080.0, 360.0);

        return Face::Bottom === $face
            ? [$whole($turned - (180.0 - $this->degrees)), $whole(180.0 - $turned - $this->degrees)]
            : [$whole($turned - $this->degrees)];
    }
}
