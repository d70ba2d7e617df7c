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
        return Resistor::of(self::class);
    }

    /** Only a resistor that need not be there can be taken away. */
    public function withValue(string $name, ?float $ohms): self
    {
        if (!isset($this->resistors()[$name])) {
            return $this;
        }
        $mayBeMissing = true === (new \ReflectionProperty($this, $name))->getType()?->allowsNull();

        return null === $ohms && !$mayBeMissing ? $this : Copy::of($this, [$name => $ohms]);
    }
}
