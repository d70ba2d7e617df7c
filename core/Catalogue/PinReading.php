<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A pin’s name as somebody wrote it, read both ways. */
final readonly class PinReading
{
    public function __construct(public string $written, public ?Pin $asLabel, public ?Pin $asNumber) {}

    public function isAmbiguous(): bool
    {
        return null !== $this->asLabel && null !== $this->asNumber && $this->asLabel->name() !== $this->asNumber->name();
    }

    public function best(): ?Pin
    {
        return $this->asLabel ?? $this->asNumber;
    }
}
