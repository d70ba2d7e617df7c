<?php

declare(strict_types=1);

namespace IronLatch\Phone;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Entity\May;
use IronLatch\Entity\PhoneDevice;
use IronLatch\Entity\PhoneGate;
use Psr\Clock\ClockInterface;

/** Which devices are let in besides the desk itself, and how another comes to be. */
final readonly class Devices
{
    public const COOKIE_DAYS = 30;
    private const SECONDS_OF_A_DAY = 86_400;
    /** How often it is written down that a device was seen. */
    private const SEEN_SECONDS = 60;
    private const MOST = 20;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    /** Null while nobody has ever asked for a code. */
    public function gate(): ?PhoneGate
    {
        return $this->entities->find(PhoneGate::class, PhoneGate::ID);
    }

    public function mark(): string
    {
        $gate = $this->gate();
        $now = $this->clock->now();

        return hash('crc32b', serialize([
            $gate?->code($now),
            $gate?->triesInAll(),
            ($gate?->waits($now) ?? 0) > 0,
            array_map(static fn(PhoneDevice $one): string => $one->id() . $one->may()->value, $this->all()),
        ]));
    }

    /** Makes a code that holds for five minutes and one device; one that held before does not any more. */
    public function newCode(May $may): string
    {
        return $this->changed(function (PhoneGate $gate) use ($may): string {
            $gate->renewCode($this->clock->now(), $may);

            return (string) $gate->code($this->clock->now());
        });
    }

    /**
     * Pairs a device.
     *
     * @return ?string its cookie; null where the code does not open
     */
    public function pair(string $code, string $name): ?string
    {
        return $this->changed(function (PhoneGate $gate) use ($code, $name): ?string {
            $now = $this->clock->now();
            if (!$gate->opens((string) preg_replace('/\D/', '', substr($code, 0, 40)), $now)) {
                return null;
            }
            $words = trim((string) preg_replace('/[^\P{C}]+/u', ' ', mb_scrub($name)));
            $device = new PhoneDevice('' === $words ? 'a device' : mb_substr($words, 0, 60), $gate->may(), $now);
            $this->entities->persist($device);
            foreach (array_slice($this->all(), self::MOST - 1) as $oldest) {
                $this->entities->remove($oldest);
            }

            return self::signed(sprintf('%s.%d', $device->id(), $now->getTimestamp()), $gate);
        });
    }

    /** The device that a cookie was given to; null for a cookie that is forged, too old, or of a device that was taken out. */
    public function of(?string $cookie): ?PhoneDevice
    {
        if (null === $cookie || 1 !== preg_match('/^([0-9a-f-]{36})\.(\d{1,12})\.[0-9a-f]{64}$/D', $cookie, $parts)) {
            return null;
        }
        [, $id, $given] = $parts;
        $gate = $this->gate();
        if (null === $gate) {
            return null;
        }
        $age = $this->clock->now()->getTimestamp() - (int) $given;
        $isOurs = hash_equals(self::signed($id . '.' . $given, $gate), $cookie);
        if (!$isOurs || $age < 0 || $age > self::COOKIE_DAYS * self::SECONDS_OF_A_DAY) {
            return null;
        }

        return $this->device($id);
    }

    private static function signed(string $words, PhoneGate $gate): string
    {
        return $words . '.' . hash_hmac('sha256', $words, $gate->key());
    }

    public function device(string $id): ?PhoneDevice
    {
        return $this->entities->find(PhoneDevice::class, $id);
    }

    /** @return list<PhoneDevice> the newest first */
    public function all(): array
    {
        return $this->entities->getRepository(PhoneDevice::class)->findBy([], ['pairedAt' => 'DESC', 'id' => 'ASC']);
    }

    public function isSeen(PhoneDevice $device): void
    {
        $now = $this->clock->now();
        if ($now->getTimestamp() - $device->seenAt()->getTimestamp() >= self::SEEN_SECONDS) {
            $device->isSeen($now);
            $this->entities->flush();
        }
    }

    public function mayFromNowOn(string $id, May $may): void
    {
        $this->device($id)?->mayFromNowOn($may);
        $this->entities->flush();
    }

    public function takeOut(string $id): void
    {
        $device = $this->device($id);
        if (null !== $device) {
            $this->entities->remove($device);
            $this->entities->flush();
        }
    }

    /** Takes all devices out; no cookie that was ever given is good for anything from then on. */
    public function takeAllOut(): void
    {
        $this->changed(function (PhoneGate $gate): void {
            $gate->makeKeyAnew();
            foreach ($this->all() as $device) {
                $this->entities->remove($device);
            }
        });
    }

    /**
     * @template T
     * @param \Closure(PhoneGate): T $change
     * @return T
     */
    private function changed(\Closure $change): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($change): mixed {
            $gate = $this->gate();
            if (null === $gate) {
                $gate = new PhoneGate();
                $this->entities->persist($gate);
            } else {
                // What another process has tried meanwhile counts.
                $this->entities->refresh($gate);
            }

            return $change($gate);
        });
    }
}
