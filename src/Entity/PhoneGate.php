<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What opens the desk to other devices: the key that cookies are signed with, the code that holds, and how often it was tried in vain. */
#[ORM\Entity]
#[ORM\Table(name: 'phone_gate')]
class PhoneGate
{
    public const ID = 1;
    public const DIGITS = 8;
    public const MOST_TRIES = 5;
    private const CODE_HOLDS = '+5 minutes';
    /** Seconds that nobody is let in after five wrong tries; each time twice as long, until somebody is paired. */
    private const FIRST_WAIT_SECONDS = 10;
    private const LONGEST_WAIT_SECONDS = 3_600;

    #[ORM\Id]
    #[ORM\Column(type: Types::INTEGER)]
    private int $id = self::ID;

    #[ORM\Column(name: 'signing_key', length: 64)]
    private string $key;

    #[ORM\Column(length: 8, nullable: true)]
    private ?string $code = null;

    #[ORM\Column(enumType: May::class, length: 40)]
    private May $may = May::Bench;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $codeUntil = null;

    #[ORM\Column(type: Types::INTEGER)]
    private int $tries = 0;

    #[ORM\Column(type: Types::INTEGER)]
    private int $triesInAll = 0;

    #[ORM\Column(type: Types::INTEGER)]
    private int $waitSeconds = 0;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $waitsUntil = null;

    public function __construct()
    {
        $this->key = self::freshKey();
    }

    private static function freshKey(): string
    {
        return bin2hex(random_bytes(32));
    }

    public function id(): int
    {
        return $this->id;
    }

    public function key(): string
    {
        return $this->key;
    }

    public function makeKeyAnew(): void
    {
        $this->key = self::freshKey();
        $this->code = null;
    }

    /** The code that holds at a moment; null for none. */
    public function code(\DateTimeImmutable $now): ?string
    {
        return null !== $this->codeUntil && $now < $this->codeUntil ? $this->code : null;
    }

    public function codeUntil(): ?\DateTimeImmutable
    {
        return $this->codeUntil;
    }

    /** What the device may do that is paired by the code. */
    public function may(): May
    {
        return $this->may;
    }

    public function renewCode(\DateTimeImmutable $now, May $may): void
    {
        $this->code = str_pad((string) random_int(0, 10 ** self::DIGITS - 1), self::DIGITS, '0', STR_PAD_LEFT);
        $this->codeUntil = $now->modify(self::CODE_HOLDS);
        $this->tries = 0;
        $this->may = $may;
    }

    public function triesLeft(): int
    {
        return self::MOST_TRIES - $this->tries;
    }

    /** Wrong tries since somebody was paired last. */
    public function triesInAll(): int
    {
        return $this->triesInAll;
    }

    /** Seconds until a code may be tried again. */
    public function waits(\DateTimeImmutable $now): int
    {
        return null === $this->waitsUntil ? 0 : max(0, $this->waitsUntil->getTimestamp() - $now->getTimestamp());
    }

    /** Whether a code opens; each code opens once, and is tried five times. */
    public function opens(string $typed, \DateTimeImmutable $now): bool
    {
        $code = $this->code($now);
        if (null === $code || 0 < $this->waits($now)) {
            return false;
        }
        if (hash_equals(hash('sha256', $code), hash('sha256', $typed))) {
            $this->code = $this->codeUntil = $this->waitsUntil = null;
            $this->waitSeconds = $this->triesInAll = 0;

            return true;
        }
        ++$this->triesInAll;
        if (++$this->tries >= self::MOST_TRIES) {
            $this->code = null;
            $this->waitSeconds = min(self::LONGEST_WAIT_SECONDS, max(self::FIRST_WAIT_SECONDS, 2 * $this->waitSeconds));
            $this->waitsUntil = $now->modify(sprintf('+%d seconds', $this->waitSeconds));
        }

        return false;
    }
}
