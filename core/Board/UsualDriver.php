<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Copy;

/** What most circuits answer of themselves; one of another nature says otherwise. */
trait UsualDriver
{
    public function isReadyMade(): bool
    {
        return false;
    }

    public function isMissing(): bool
    {
        return false;
    }

    public function turnsRound(): bool
    {
        return false;
    }

    public function package(): ?string
    {
        return null;
    }

    public function canBePulsed(): bool
    {
        return false;
    }

    public function needsCommonGround(): bool
    {
        return true;
    }

    public function claimsIsolation(): bool
    {
        return false;
    }

    public function withoutClaim(): self
    {
        return $this;
    }

    public function clampsItself(): bool
    {
        return false;
    }

    public function resistors(): array
    {
        return DriverResistor::of(self::class);
    }

    /** Only a resistor that need not be there can be taken away. */
    public function withValue(string $name, ?float $ohms): self
    {
        if (!isset($this->resistors()[$name])) {
            return $this;
        }
        return null === $ohms && !$this->canDoWithout($name) ? $this : Copy::of($this, [$name => $ohms]);
    }

    public function ohms(string $name): ?float
    {
        $ohms = get_object_vars($this)[$name] ?? null;

        return is_float($ohms) && isset($this->resistors()[$name]) ? $ohms : null;
    }

    public function canDoWithout(string $name): bool
    {
        return true === (new \ReflectionProperty($this, $name))->getType()?->allowsNull();
    }

    public function sizedResistor(): ?string
    {
        return null;
    }

    public function holdResistor(): ?string
    {
        return null;
    }

    public function withSwitch(string $part): self
    {
        $now = $this->switchPart();
        $name = null === $now ? null : array_search($now, get_object_vars($this), true);

        return is_string($name) ? Copy::of($this, [$name => $part]) : $this;
    }
}
